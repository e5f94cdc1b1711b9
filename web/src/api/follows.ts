/** Kinds of things as an answer names them: see the header Gerula-Touched. */
const KIT = ["item", "place", "product", "filling", "house_rules"];
const BOOKINGS = ["booking", "packed"];
const CLEANING = ["contact", "treatment", "incident"];
const BENCH = ["bench_session", "bench_piece", "empty"];

/** What each question's answer follows from. What is not listed may follow from anything. */
const FOLLOWS: Record<string, readonly string[]> = {
  session: [],
  "calendar-feed": [],
  "workspace-check": [],
  dilution: [],
  "read-date": [],
  "place-line": [],
  "usual-bags": [],
  house: ["house_rules"],
  bookings: BOOKINGS,
  booking: BOOKINGS,
  "booking-copy": BOOKINGS,
  // All lists ahead are made for it: what the kit changes it is asked every minute.
  ahead: ["booking"],
  // They wait for the clock too: see where they are asked.
  turnover: [...KIT, "booking", ...CLEANING],
  "clean-down": [...KIT, ...CLEANING],
  reach: [...KIT, "booking", ...CLEANING],
  touched: [...KIT, ...CLEANING],
  usable: [...KIT, ...BOOKINGS, ...CLEANING],
  "packing-list": [...KIT, ...BOOKINGS],
  "other-services": [...KIT, ...BOOKINGS],
  bags: [...KIT, ...BOOKINGS],
  load: [...KIT, ...BOOKINGS],
  trailer: [...KIT, ...BOOKINGS],
  chairs: BOOKINGS,
  people: ["item", "place", "booking", "contact"],
  person: ["item", "place", "booking", "contact"],
  buying: ["wanted", "item", "product", "house_rules", "shop", "offer", "parcel"],
  "to-choose": [...KIT, ...BOOKINGS],
  parcels: ["parcel", "wanted", "shop"],
  // How it stands is known by the shop alone; what is still to come, by us.
  "told-order": ["parcel", "wanted"],
  money: [...KIT, "contact", "parcel", "shop"],
  reckoning: ["house_rules"],
  "booking-cost": [...KIT, ...BOOKINGS, "contact", "parcel"],
  trials: ["item", "product"],
  range: [...KIT, ...BOOKINGS, "contact", "shop", "offer"],
  shops: ["shop", "offer", "item", "product"],
  "buying-plan": [...KIT, ...BOOKINGS, "contact", "wanted", "shop", "offer"],
  "offer-line": ["item", "product", "shop"],
  "running-short": [...KIT, ...BOOKINGS, "contact", "wanted", "shop", "offer"],
  empties: [...BENCH, "item", "filling"],
  "bench-sessions": [...KIT, ...BENCH],
  "bench-session": [...KIT, ...BENCH],
  places: KIT,
  palettes: KIT,
  palette: KIT,
  items: KIT,
  lines: ["product"],
  unnamed: ["unnamed_picture"],
  found: KIT,
  earlier: KIT,
  open: [...KIT, "stocktake"],
  place: [...KIT, "stocktake"],
  item: [...KIT, "packed", "contact", "stocktake"],
  "out-of-place": [...KIT, ...BOOKINGS],
  walk: [...KIT, ...BOOKINGS],
  lineage: [...KIT, "empty"],
  refill: [...KIT, "empty"],
  recall: KIT,
  dates: [...KIT, ...BOOKINGS, "wanted", "shop", "offer"],
};

/**
 * Whether the answer to a question may be another now.
 *
 * @param touched kinds that were changed; null when nobody says
 */
export function mayHaveChanged(queryKey: readonly unknown[], touched: string[] | null): boolean {
  const kinds = FOLLOWS[String(queryKey[0])];
  // A name stands wherever somebody is named.
  if (!kinds || touched === null || touched.includes("person")) return true;
  return touched.some((kind) => kinds.includes(kind));
}

import type { Schemas } from "../api/client";
import type { PlaceMap } from "../api/kit";
import { capital, word } from "./codes";
import { shortDate } from "./dates";
import { placePath } from "./items";

const ACTS: Record<string, string> = {
  added: "Added",
  changed: "Changed",
  moved: "Moved",
  missed: "Looked for and not found",
  discarded: "Discarded",
  imported: "Read from a file",
  packed: "Packed",
  "taken-out": "Taken out of the bag",
  departed: "Left with the bag",
  "put-back": "Put back",
  "given-away": "Given away",
  lent: "Lent",
  "put-away": "Put away",
  // As it was called before.
  "brought-home": "Put away",
  parted: "Some taken to another place",
  measured: "Level checked",
  used: "Used",
  counted: "Counted",
  pictured: "Picture added",
  photographed: "Picture taken, to be named",
  "picture-removed": "Picture removed",
  removed: "Taken away",
  undone: "Undone",
  mended: "Checked and corrected",
  decanted: "Decanted",
  filled: "Filled at the bench",
  refilled: "Washed and filled again",
  "topped-up": "Topped up",
  "washed-out": "Washed out",
  recalled: "Recalled",
  reported: "Reported",
  "found-fine": "Found to be fine",
  "put-into-palette": "Laid into a slot",
  "lifted-out": "Lifted out",
  sorted: "Laid in order",
  "put-first": "Set to use first",
  "put-in-turn": "Set to the usual order",
  kept: "Checked and kept",
  retired: "Retired to the store",
  bought: "Bought",
  wanted: "Put onto the buying list",
  offered: "Wrote down an offer",
  "offer-ended": "Offer ended",
  ordered: "Ordered",
  "order-sent": "Order sent to the shop",
  "order-called-off": "Order called off",
  "order-called-off-there": "Order called off at the shop",
  delivered: "Delivery received",
  "money-told": "Money and rates changed",
  "trial-begun": "Trial begun",
  "trial-ended": "Trial ended",
  discontinued: "No longer made",
  "made-after-all": "Still made after all",
  opened: "Date of opening corrected",
  "cleanliness-told": "Cleanliness noted",
  merged: "Merged with another person",
  "used-on": "Used on a face",
  "laid-down": "Laid down, the face is done",
  treated: "Cleaned",
  happened: "Something happened",
  "set-contents": "Set contents changed",
  "pouch-refilled": "Pouch refilled from stock",
  "kept-for-one": "Kept for one person",
  quarantined: "Quarantined",
  released: "Released from quarantine",
  "read-from-calendar": "Read from a calendar",
  "label-read": "Label read",
  "house-rules-changed": "House rules changed",
  "card-written": "Card for clients written",
  "load-planned": "Bags planned",
  "load-pinned": "Place in the bags decided",
  "load-moved": "Laid elsewhere in the plan",
  "part-moved": "A part of a bag went into another",
  "load-closed": "Compartment left alone or used again",
  "bag-chosen": "Bag chosen",
  "chairs-changed": "Chair plan changed",
  "look-recorded": "Recorded a look",
  "look-photographed": "Photographed a look",
  "look-photograph-removed": "Removed a photograph of a look",
  decided: "Decided about a packing list",
  "service-changed": "Another service than was booked",
};

const FIELDS: Record<string, string> = {
  composition: "label",
  alsoServes: "also for",
  now: "now in",
  parent: "lies in",
  openedOn: "opened",
  madeOn: "made",
  boughtOn: "bought",
  printedExpiry: "printed date",
  discardCause: "because of",
  spoilageOn: "spoilage reported",
  spoilageWhat: "what has changed",
  brokenPackOn: "pack broken",
  washedOn: "washed",
  keptOn: "kept",
  useFirstOn: "used first since",
  askBackOn: "to be asked for",
  trialUntil: "on trial until",
  discontinuedOn: "no longer made since",
  periodAfterOpening: "months after opening",
};

/** As in "onlyFor" to "only for". */
function fieldName(field: string): string {
  return FIELDS[field] ?? field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}

const PLACES = ["now", "home", "parent"];
const PEOPLE = ["onlyFor", "person"];

/** What an act is called in a sentence. */
export function actName(act: string): string {
  return (ACTS[act] ?? word(act)).toLowerCase();
}

export function actWord(entry: Schemas["LedgerEntry"]): string {
  const act = ACTS[entry.act] ?? capital(word(entry.act));
  if (entry.act === "undone") return `${act}: ${actName(String(entry.facts.act ?? ""))}`;
  if (entry.facts.reason) return `${act}: ${entry.facts.reason}`;
  if (entry.act === "lifted-out" && entry.facts.for) return `${act} for ${entry.facts.for}`;
  if (entry.act === "discarded" && entry.facts.costPerUse !== undefined) {
    return `${act}, ${entry.facts.costPerUse} ${entry.facts.currency} a use`;
  }
  return act;
}

/** As it is kept: `{"latex": {"found": "free-of", …}}`. */
function found(value: unknown): string {
  const answers = Object.entries(value as Record<string, { found: string }>);
  return answers.map(([of, one]) => `${word(one.found)} ${word(of)}`).join(", ") || "not checked";
}

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** What ids in a history stand for. */
export type Known = { places: PlaceMap; people: Map<string, string> };

export function changeWords(change: Schemas["Change"], known: Known, today: string): string {
  const field = fieldName(change.field);
  const told = (value: unknown) => {
    if (value === null || value === undefined || value === "") return "nothing";
    if (PLACES.includes(change.field)) return placePath(String(value), known.places);
    if (PEOPLE.includes(change.field)) return known.people.get(String(value)) ?? String(value);
    if (["picture", "empty", "thing", "product"].includes(change.field)) return "another";
    if (change.field === "composition") return found(value);
    if (DAY.test(String(value))) return shortDate(String(value), today);
    if (typeof value === "boolean") return value ? "yes" : "no";
    return Array.isArray(value)
      ? value.map((one) => word(String(one))).join(", ") || "nothing"
      : word(String(value));
  };
  return `${field} ${told(change.from)} → ${told(change.to)}`;
}

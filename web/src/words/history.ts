import type { Schemas } from "../frame/api";
import { capital, word } from "./codes";
import { shortDate } from "./dates";
import { type PlaceMap, placePath } from "./items";

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
  lent: "Lent",
  "brought-home": "Brought home",
  parted: "Some taken to another place",
  measured: "Looked how much is left",
  used: "Used",
  counted: "Counted",
  pictured: "Pictured",
  "picture-removed": "Picture taken away",
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
  "put-first": "Put before others",
  "put-in-turn": "Put back into its turn",
  kept: "Gone through and kept",
  retired: "Retired to the store",
  bought: "Bought",
  wanted: "Put onto the buying list",
  "read-from-calendar": "Read from a calendar",
  "house-rules-changed": "House rules changed",
};

const FIELDS: Record<string, string> = {
  now_place_id: "now in",
  home_place_id: "home",
  amount_left: "left",
  opened_on: "opened",
  made_on: "made",
  bought_on: "bought",
  printed_expiry: "printed date",
  discarded_on: "discarded on",
  discard_cause: "because of",
  changed_on: "reported changed",
  changed_what: "changed",
  broken_pack_on: "pack broken",
  washed_on: "washed",
  kept_on: "kept",
  use_first_on: "used first since",
  parent_id: "lies in",
  home_id: "home",
  ask_back_on: "to be asked for",
  picture_id: "picture",
  pack_code: "pack code",
  only_for: "only for",
  period_after_opening_months: "months after opening",
};

const PLACES = ["now_place_id", "home_place_id", "parent_id", "home_id"];

/** What an act is called in a sentence. */
export function actName(act: string): string {
  return (ACTS[act] ?? word(act)).toLowerCase();
}

export function actWord(entry: Schemas["LedgerEntry"]): string {
  const act = ACTS[entry.act] ?? capital(word(entry.act));
  if (entry.act === "undone") return `${act}: ${actName(String(entry.facts.act ?? ""))}`;
  if (entry.act === "lifted-out" && entry.facts.for) return `${act} for ${entry.facts.for}`;
  if (entry.act === "discarded" && entry.facts.costPerUse !== undefined) {
    return `${act}, ${entry.facts.costPerUse} ${entry.facts.currency} a use`;
  }
  return act;
}

const DAY = /^\d{4}-\d{2}-\d{2}$/;

export function changeWords(change: Schemas["Change"], places: PlaceMap, today: string): string {
  const field = FIELDS[change.field] ?? change.field.replaceAll("_", " ");
  const told = (value: unknown) => {
    if (value === null || value === undefined || value === "") return "nothing";
    if (PLACES.includes(change.field)) return placePath(String(value), places);
    if (change.field === "picture_id" || change.field === "empty_id") return "another";
    if (DAY.test(String(value))) return shortDate(String(value), today);
    if (typeof value === "boolean") return value ? "yes" : "no";
    return Array.isArray(value)
      ? value.map((one) => word(String(one))).join(", ") || "nothing"
      : word(String(value));
  };
  return `${field} ${told(change.from)} → ${told(change.to)}`;
}

import type { Schemas } from "../frame/api";
import { capital, word } from "./codes";
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
  undone: "Undone",
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
  period_after_opening_months: "months after opening",
};

export function actWord(entry: Schemas["LedgerEntry"]): string {
  const act = ACTS[entry.act] ?? capital(word(entry.act));
  return entry.act === "undone" ? `${act}: ${String(entry.facts.act ?? "")}` : act;
}

export function changeWords(change: Schemas["Change"], places: PlaceMap): string {
  const field = FIELDS[change.field] ?? change.field.replaceAll("_", " ");
  const told = (value: unknown) => {
    if (value === null || value === undefined || value === "") return "nothing";
    if (change.field.endsWith("_place_id")) return placePath(String(value), places);
    if (typeof value === "boolean") return value ? "yes" : "no";
    return Array.isArray(value)
      ? value.map((one) => word(String(one))).join(", ") || "nothing"
      : word(String(value));
  };
  return `${field} ${told(change.from)} → ${told(change.to)}`;
}

import type { Schemas } from "../api/client";
import { count } from "./codes";
import { nearDate } from "./dates";

type PlaceUse = NonNullable<Schemas["PlaceDraft"]["use"]>;

/** What a place serves for besides being worked from. */
export const PLACE_USES: Record<PlaceUse, string> = {
  "back-stock": "back stock",
  "given-away": "what is given away",
  "my-own": "your own, apart from the kit",
  dirty: "what is dirty",
};

type TrailerDay = Schemas["TrailerDay"];

/** A day in the trailer as one would say it. */
export function dayTold(day: TrailerDay, today: string): string {
  const told = [
    day.bring.length > 0 && `bring ${day.bring.length}`,
    day.staying > 0 && `${count(day.staying, "item")} stay${day.staying === 1 ? "s" : ""}`,
    day.goesHome.length > 0 && `${day.goesHome.length} home`,
  ].filter(Boolean);
  return `${nearDate(day.day, today)}: ${told.join(", ") || "nothing to carry"}`;
}

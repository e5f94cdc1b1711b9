import type { Item, Schemas } from "../api/client";
import type { PlaceMap } from "../api/kit";
import { word } from "./codes";
import { placeTail, shortName } from "./items";
import { mass, share } from "./quantities";

/** What does not match its compartment, as a sentence. */
export function caseFindingWords(
  { code, facts }: Schemas["CaseFinding"],
  items: Map<string, Item>,
  places: PlaceMap,
): string {
  const item = "item" in facts ? items.get(facts.item) : undefined;
  const thing = item ? shortName(item) : "Something";
  const place = placeTail(facts.place, places);
  switch (code) {
    case "too-tall":
      return `${thing} is ${facts.heightMm} mm tall; ${place} closes at ${facts.clearHeightMm} mm.`;
    case "laid-down":
      return `${thing} has to lie in ${place} and may leak: it is ${facts.heightMm} mm tall, the room ${facts.clearHeightMm} mm.`;
    case "loose-in-the-open":
      return `${thing} lies open in ${place} and will spill or dry out: close it, or put it elsewhere.`;
    case "not-allowed-here":
      return `${thing} is for ${word(facts.section)}; ${place} is kept for other items.`;
    case "another-performers":
      return `${thing} is ${facts.person}'s, but lies in the section of ${facts.performer}.`;
    case "among-my-own":
      return `${thing} is of the kit, but ${place} is for your own: keep the two apart.`;
    case "wider-than-its-slot":
      return `${thing} does not go into a slot of ${place}.`;
    case "over-full":
      return `${place} is over-full: ${share(facts.fill)} of what goes in.`;
    case "case-over-heavy":
      return `${place} weighs ${mass(facts.grams)}; it may weigh ${mass(facts.greatestGrams)}.`;
  }
}

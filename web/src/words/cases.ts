import type { Because, Item } from "../frame/api";
import { word } from "./codes";
import { type PlaceMap, placeTail, shortName } from "./items";
import { mass, share } from "./quantities";

/** What does not match its compartment, as a sentence. */
export function caseFindingWords(
  finding: Because,
  items: Map<string, Item>,
  places: PlaceMap,
): string {
  const facts = finding.facts as Record<string, string & number>;
  const item = items.get(facts.item ?? "");
  const thing = item ? shortName(item) : "Something";
  const place = placeTail(facts.place ?? null, places);
  switch (finding.code) {
    case "too-tall":
      return `${thing} is ${facts.heightMm} mm tall; ${place} closes at ${facts.clearHeightMm} mm.`;
    case "laid-down":
      return `${thing} has to lie in ${place} and may leak: it is ${facts.heightMm} mm tall, the room ${facts.clearHeightMm} mm.`;
    case "loose-in-the-open":
      return `${thing} lies open in ${place} and will spill or dry out: close it, or put it elsewhere.`;
    case "not-allowed-here":
      return `${thing} is for ${word(String(facts.section))}; ${place} is kept for other things.`;
    case "another-performers":
      return `${thing} is ${facts.person}'s, but lies in the section of ${facts.performer}.`;
    case "wider-than-its-slot":
      return `${thing} does not go into a slot of ${place}.`;
    case "over-full":
      return `${place} is over-full: ${share(Number(facts.fill))} of what goes in.`;
    case "over-heavy":
      return `${place} weighs ${mass(Number(facts.grams))}; it may weigh ${mass(Number(facts.greatestGrams))}.`;
    default:
      return word(finding.code);
  }
}

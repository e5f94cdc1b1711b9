import type { Because, Schemas } from "../frame/api";
import { word } from "./codes";
import { nearDate } from "./dates";
import { type PlaceMap, placePath } from "./items";
import { share } from "./quantities";

type MarkName = keyof Schemas["MarksView"];
export const MARK_ORDER: MarkName[] = ["place", "date", "clean", "amount"];

const CLOCKS: Record<string, string> = {
  "printed-expiry": "the date printed on the pack",
  "period-after-opening": "the months after opening printed on the pack",
  "house-limit": "the house limit for its class",
  "unopened-life": "how long a sealed pack lasts",
};

export function clockWord(clock: string): string {
  return CLOCKS[clock] ?? clock;
}

/** What one mark says, as a sentence. */
export function markWords(because: Because, places: PlaceMap, today: string): string {
  const facts = because.facts as Record<string, string & number>;
  switch (because.code) {
    case "at-home":
      return `At home: ${placePath(facts.place ?? null, places)}.`;
    case "away":
      return `In ${placePath(facts.now ?? null, places)}; its home is ${facts.home ? placePath(facts.home, places) : "not set"}.`;
    case "nowhere":
      return `Nobody knows where it is.${facts.home ? ` Its home is ${placePath(facts.home, places)}.` : ""}`;
    case "lent-to":
      return `${places.get(facts.place ?? "")?.name ?? "Somebody"} has it${facts.askBackOn ? `; ask for it ${nearDate(String(facts.askBackOn), today)}` : ""}.`;
    case "given-up":
      return "Lost: it was looked for and given up.";
    case "no-clock":
      return "No date limits it.";
    case "good-until":
      return `Good until ${nearDate(String(facts.lastDay), today)}, by ${clockWord(String(facts.clock))}.`;
    case "replace-by":
      return `At the eye: replace it now, before its last day ${nearDate(String(facts.lastDay), today)}.`;
    case "past-date":
      return `Its last day was ${nearDate(String(facts.lastDay), today)}, by ${clockWord(String(facts.clock))}.`;
    case "has-changed": {
      const what = (because.facts.what as string[]).map(word);
      return `Its ${what.join(" and ")} ${what.length === 1 ? "has" : "have"} changed, reported ${nearDate(String(facts.on), today)}: out of use.`;
    }
    case "left":
      return Number(facts.share) === 0
        ? "Nothing is left."
        : `${share(Number(facts.share))} is left.`;
    case "clean":
      return "Clean.";
    case "in-use":
      return "On a face right now.";
    case "used":
      return "Used: clean it before the next face.";
    case "drying":
      return "Drying.";
    case "quarantined":
      return "Quarantined: it touches nobody until you decide.";
    case "contaminated":
      return "Contaminated: it touches nobody until it is released or thrown out.";
    default:
      return word(because.code);
  }
}

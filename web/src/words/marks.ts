import type { Schemas } from "../api/client";
import type { PlaceMap } from "../api/kit";
import { capital, word } from "./codes";
import { inDate, lastDayWords, nearDate } from "./dates";
import { placePath } from "./items";
import { share } from "./quantities";

type MarkReason = Schemas["MarkReason"];
type Cleanliness = Schemas["ItemView"]["cleanliness"];
type Clock = Schemas["GoodUntilReason"]["facts"]["clock"];
type MarkName = keyof Schemas["MarksView"];
export const MARK_ORDER: MarkName[] = ["place", "date", "clean", "amount"];

const CLOCKS: Record<Clock, string> = {
  "printed-expiry": "the date printed on the pack",
  "period-after-opening": "the months after opening printed on the pack",
  "house-limit": "the house limit for its class",
  "unopened-life": "how long a sealed pack lasts",
};

export function clockWord(clock: Clock): string {
  return CLOCKS[clock];
}

/** What one mark says, as a sentence. */
export function markWords(reason: MarkReason, places: PlaceMap, today: string): string {
  const { code, facts } = reason;
  switch (code) {
    case "at-home":
      return `At home: ${placePath(facts.place, places)}.`;
    case "away":
      return `In ${placePath(facts.now, places)}; its home is ${facts.home ? placePath(facts.home, places) : "not set"}.`;
    case "location-unknown":
      return `Location unknown.${facts.home ? ` Its home is ${placePath(facts.home, places)}.` : ""}`;
    case "lent-to":
      return `${places.get(facts.place)?.name ?? "Somebody"} has it${facts.askBackOn ? `; ask for it ${nearDate(facts.askBackOn, today)}` : ""}.`;
    case "given-up":
      return "Lost: you looked for it and gave up.";
    case "no-clock":
      return "It has no use-by date.";
    case "good-until":
      return `${capital(inDate(facts.lastDay, today))}, by ${clockWord(facts.clock)}.`;
    case "replace-by":
      return `Eye product: replace it now, before its use-by ${lastDayWords(facts.lastDay, today)}.`;
    case "past-date":
      return `${capital(inDate(facts.lastDay, today))}, by ${clockWord(facts.clock)}.`;
    case "spoilage-reported": {
      const what = facts.what.map(word);
      return `Its ${what.join(" and ")} ${what.length === 1 ? "has" : "have"} changed, reported ${nearDate(facts.on, today)}: out of use.`;
    }
    case "state-of-cleanliness":
      return CLEANLINESS[facts.cleanliness];
    case "left":
      return facts.share === 0 ? "Nothing is left." : `${share(facts.share)} is left.`;
  }
}

const CLEANLINESS: Record<Cleanliness, string> = {
  clean: "Clean.",
  "in-use": "On a face right now.",
  used: "Used: clean it before the next face.",
  drying: "Drying.",
  quarantined: "Quarantined: it touches nobody until you decide.",
  contaminated: "Contaminated: it touches nobody until it is released or discarded.",
};

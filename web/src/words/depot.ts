import type { Item, Schemas } from "../api/client";
import { amount } from "./quantities";

/** Why a container suits, or not, and how much goes in: short for a chip, then the rule. */
const REASONS: Record<string, [chip: string, told: string]> = {
  "made-for-it": ["made for it", "This is what such a container is made for."],
  seals: ["seals", "It closes tightly: nothing dries out and nothing runs."],
  "holds-its-shape": ["keeps its shape", "It is firm enough to lie in the open."],
  "slow-to-fill": ["slow to fill", "It is thick: filling takes its time, and so does squeezing."],
  "thick-for-the-nozzle": ["thick for the nozzle", "It comes out of that nozzle only slowly."],
  "no-spray-any-more": ["won't spray", "It is poured then, not sprayed."],
  "clogs-the-nozzle": ["may clog", "Sticky sprays clog fine nozzles: try it with a little first."],
  "no-sifter": ["no sifter", "It comes out all at once: tap it out with care."],
  "only-in-pans": ["only in pans", "It is carried in single pans, not in the palette itself."],
  "runs-when-opened": ["runs when opened", "Keep it upright: it runs over the rim."],
  "evaporates-slowly": ["evaporates slowly", "It loses strength within weeks: fill in little."],
  "sunscreen-is-better-in-its-pack": [
    "sunscreen",
    "Its protection was tested in its own pack, and its label stands there.",
  ],
  "label-as-flammable": ["flammable", "Strong alcohol and solvents burn: say so on the label."],
  "unknown-form": ["form unknown", "Its form is not known: look before you fill."],
  "never-decanted": ["never decanted", "It stays in its own pack."],
  sterile: ["sterile", "Once it is opened and moved it is no longer sterile."],
  "not-leak-proof": ["leaks", "It runs out of a container that does not close tightly."],
  "dries-out": ["dries out", "It hardens wherever air gets at it."],
  evaporates: ["evaporates", "It is gone from an open container."],
  "glitter-escapes": ["glitter escapes", "Glitter goes everywhere unless it is closed in tightly."],
  "clouds-the-material": [
    "clouds it",
    "Strong alcohol and solvents cloud this material: polyethylene or glass only.",
  ],
  "spills-loose-powder": ["spills", "Loose powder spills from it."],
  "too-thick": ["too thick", "It does not come out again."],
  "too-thin": ["too thin", "It runs out or over."],
  "melts-and-runs": ["melts", "It softens in warmth and runs into what lies beside it."],
  sticks: ["sticks", "It glues up what it is squeezed through."],
  "not-made-for-it": ["not for it", "Such a container is not made for this form."],
  "lasts-as-long-as-wanted": ["lasts as wanted", "So much is used until the next refill."],
  "ends-with-its-date": ["ends with its date", "More would not be used up before its last day."],
  "as-large-as-the-house-fills": [
    "your house fills 20 ml or more",
    "You rather fill it large than often. It is used up before its date all the same.",
  ],
  "all-that-is-left": ["all that is left", "There is no more of it."],
  "as-much-as-fits": ["as much as fits", "Larger ones are not in stock, or serve others better."],
  "your-choice": ["your choice", "You chose this; the rest is planned around it."],
  "more-than-before-its-date": [
    "more than is used in time",
    "You chose this, but it will not be used up before its last day.",
  ],
  "no-empty-at-hand": [
    "no empty in stock",
    "What would suit it is not there, or serves others better.",
  ],
  "saves-nothing": ["saves nothing", "It would be neither lighter nor smaller than its pack."],
  "past-its-date": ["out of date", "Nothing is filled from what is out of date."],
  "not-used": ["not used", "Nothing of it is used in a month: say how much, if that is wrong."],
};

export function reasonChip(code: string): string {
  return REASONS[code]?.[0] ?? code.replaceAll("-", " ");
}

export function reasonTold(code: string): string {
  return REASONS[code]?.[1] ?? "";
}

const SUGGESTED: Record<Schemas["SuggestionView"]["reasons"][number], string> = {
  "broken-pack": "its pack is broken",
  "dip-applicator": "dips into every face",
  "heavy-pack": "heavy pack",
  "decant-is-low": "its container runs low",
  "needed-soon": "a booking needs its kind",
};

export function suggestedWord(reason: Schemas["SuggestionView"]["reasons"][number]): string {
  return SUGGESTED[reason];
}

const HANDLINGS: Record<Schemas["PieceView"]["handling"], string> = {
  "lift-cold": "Lift the pan out cold",
  "soften-with-heat": "Soften it with heat, then press it in",
  scoop: "Scoop it over with a clean spatula",
  pour: "Pour it over",
  "pour-slowly": "Pour it over slowly",
};

export function handlingWords(handling: Schemas["PieceView"]["handling"]): string {
  return HANDLINGS[handling];
}

const CAUTIONS: Record<Schemas["PieceView"]["cautions"][number], string> = {
  "keep-from-flame": "It burns: no flame and no hot tool near it, and air in the room.",
  "hot-plate": "The plate burns and plastic fumes: gloves, parchment between, a window open.",
  "alcohol-dry-first": "Nothing is heated before all alcohol on it has dried.",
  dust: "Fine dust: pour low, and wear a mask when it takes long.",
  "sunscreen-in-its-pack":
    "Its protection was tested in its own pack: decant it for use soon only.",
};

export function cautionWords(caution: Schemas["PieceView"]["cautions"][number]): string {
  return CAUTIONS[caution];
}

const WASH: Record<Schemas["RefillView"]["washFirst"][number], string> = {
  "is-empty": "it is empty",
  "rest-is-past": "what is in it is out of date",
  "rest-has-changed": "what is in it has changed",
  "rest-is-contaminated": "what is in it is contaminated",
  "rest-shortens-it": "what is left would shorten the new filling by more than a month",
  "topped-up-often": "it has been topped up too often",
};

export function washWords(why: Schemas["RefillView"]["washFirst"][number]): string {
  return WASH[why];
}

/** "4:05" of seconds. */
export function stopwatch(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** "3 months", "5 weeks". */
export function refillWords(months: number | null): string {
  if (months === null) return "for good";
  if (months < 2) {
    const weeks = Math.max(1, Math.round(months * 4.35));
    return weeks === 1 ? "1 week" : `${weeks} weeks`;
  }
  return `${Math.round(months)} months`;
}

/** Millilitres up to a litre, then litres. */
export function volume(ml: number): string {
  return ml < 1000 ? `${Math.round(ml)} ml` : `${(ml / 1000).toFixed(1)} l`;
}

/** An amount in the unit of a thing's product. */
export function amountOf(item: Item, value: number): string {
  return amount(value, item.product.unit);
}

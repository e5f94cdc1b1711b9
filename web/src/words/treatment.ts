import type { Schemas } from "../api/client";
import { count } from "./codes";
import { amount } from "./quantities";

export type Matter = Schemas["MatterOfHouse"];
export type Way = Schemas["Way"];
export type OtherMatter = Schemas["OtherMatterOfHouse"];
type OtherWay = Schemas["OtherWay"];

/** Steps of a treatment as one says them. */
const STEPS: Record<Way["steps"][number], string> = {
  spray: "spray until wet",
  mist: "mist",
  dry: "let it dry",
  wipe: "wipe",
  "wipe-rim": "wipe the rim",
  "wipe-neck": "wipe the neck",
  "wipe-nozzle": "wipe the nozzle",
  "wipe-layer": "wipe off a layer",
  "wipe-top-layer": "wipe off the top layer",
  "wipe-all-sides": "wipe every side",
  "wipe-handle": "wipe the handle",
  "wipe-residue": "wipe off what is left on it",
  "scrape-layer": "scrape off a layer",
  sharpen: "sharpen",
  "clean-cap": "clean the cap",
  "clean-sharpener": "clean the sharpener",
  "brush-out": "brush it out",
  soak: "soak",
  close: "close at once",
  empty: "empty it",
  degrease: "wipe it inside and out",
  disinfect: "disinfect it",
  "dry-open": "leave it open until dry",
  "to-dirty-holder": "into the dirty holder",
  "quick-clean": "quick-clean",
  wash: "wash",
  shampoo: "wash mildly",
  rinse: "rinse",
  "lay-flat": "lay flat to dry",
  launder: "launder",
  flush: "flush",
  strip: "take apart",
  clean: "clean",
  "needle-check": "check the needle",
  "disinfect-rated": "disinfect with a rated agent",
  surfaces: "wipe chair and worktop",
  hands: "clean hands",
};

const OUTCOMES: Record<Exclude<Way["outcome"], "ready" | "treat">, string> = {
  "one-person": "it stays with that person",
  "give-away": "it is given to that person",
  quarantine: "set apart until you decide",
  discard: "discarded",
};

/** "Spray until wet, let it dry"; or what becomes of it. */
export function wayWords({ outcome, steps }: Pick<Way, "outcome" | "steps">): string {
  return outcome === "ready" || outcome === "treat"
    ? steps.map((step) => STEPS[step]).join(", ")
    : OUTCOMES[outcome];
}

type MatterWords = { title: string; things: [one: string, many: string] };

/** What artists do in different ways, between two faces. */
export const MATTERS: Record<Matter["matter"], MatterWords> = {
  powder: {
    title: "A pressed powder that touched skin",
    things: ["pressed powder", "pressed powders"],
  },
  pencil: {
    title: "A pencil that can be sharpened",
    things: ["sharpenable pencil", "sharpenable pencils"],
  },
  "soft-twist-up": {
    title: "A soft twist-up pencil",
    things: ["soft twist-up pencil", "soft twist-up pencils"],
  },
  felt: { title: "A felt-tip liner", things: ["felt-tip liner", "felt-tip liners"] },
  bullet: {
    title: "A bullet or stick that touched skin",
    things: ["bullet or stick", "bullets and sticks"],
  },
  sponge: { title: "A foam sponge", things: ["foam sponge", "foam sponges"] },
  brushes: { title: "Brushes between two faces", things: ["brush or set", "brushes and sets"] },
  washing: {
    title: "Washing brushes after the job",
    things: ["synthetic brush or set", "synthetic brushes and sets"],
  },
};

/** Ways as they are called on the screen. */
export const WAYS: Record<string, string> = {
  "spray-70": "Spray it",
  "wipe-top-layer": "Wipe the top layer off",
  "cosmetic-mist": "Cosmetic mist",
  "never-touch-pan": "Never touch the pan",
  "spray-sharpen-spray": "Spray, sharpen, spray",
  "sharpen-spray-wipe": "Sharpen, spray, wipe",
  "not-shared": "Not shared",
  "spray-and-wipe": "Spray and wipe",
  "soak-tip": "Soak the tip",
  "scrape-only": "Only scraped from",
  "wipe-and-spray": "Wipe and spray",
  "single-use": "Single use",
  "give-away": "Given to the face",
  dedicated: "One for each face",
  "second-set": "A second set",
  "quick-dry": "Quick-dry cleaner",
  "soap-then-alcohol": "Mild soap, then alcohol",
  "disinfecting-soap": "Disinfecting soap",
  three: "Three a face",
  two: "Two a face",
  five: "Five a face",
  eight: "Eight a face",
  "not-in-flash": "By day outdoors, never in flash",
  "always-under-base": "Under every base",
  "by-the-artist": "You prepare the skin",
  "client-prepared": "She comes prepared",
  "labelled-jar": "A labelled jar",
  "client-brings": "She brings or buys her own",
  "small-tube": "A small tube is given",
  "scrape-or-disposable": "Onto the palette, or a disposable",
  "into-squeeze-bottles": "Into squeeze bottles",
  small: "Small, filled often",
  large: "20 to 30 ml",
  six: "Six shades",
  four: "Four shades",
  "ten-of-one": "Ten of the main range",
  never: "Never",
  "after-washing": "Once it is washed",
};

/** What artists do in different ways beside cleaning. */
export const OTHERS: Record<OtherMatter["matter"], string> = {
  wands: "Mascara wands, one dip each",
  "sun-filter": "Sun filter",
  preparation: "Skin before you begin",
  "touch-up": "Lip colour to take home",
  dips: "Tubes with their own applicator",
  refill: "How much a decant holds",
  range: "Shades of a range you carry",
  hand: "The back of the hand as a palette",
};

/** What the kit has of it. */
export function otherThings({ matter, things }: OtherMatter): string | null {
  if (matter === "dips")
    return things === 0 ? "none in your kit" : `you have ${count(things, "tube")}`;
  if (matter === "refill")
    return things === 0 ? "you have no decants" : `you have ${count(things, "decant")}`;
  if (matter === "range")
    return things === 0 ? "you have no foundation" : `your largest has ${count(things, "shade")}`;
  return null;
}

/** What one way takes of the bookings ahead: "42 wands", "310 ml and 12 pieces". */
export function otherFigures(
  matter: OtherMatter["matter"],
  { code, pieces, ml }: OtherWay,
): string {
  if (matter === "wands") return count(pieces, "wand");
  if (matter === "sun-filter")
    return ml === 0 ? "no sunscreen" : `${amount(ml, "ml")} of sunscreen`;
  if (matter === "touch-up") return pieces === 0 ? "no jars" : count(pieces, "jar");
  if (matter === "preparation") {
    return ml + pieces === 0
      ? "nothing of it"
      : `${amount(ml, "ml")} and ${count(pieces, "cotton round")}`;
  }
  if (matter === "hand") return `${count(pieces, "palette")}: ${OTHER_MEANS[code]}`;
  return OTHER_MEANS[code] ?? "";
}

const OTHER_MEANS: Record<string, string> = {
  "scrape-or-disposable": "the tube is never shared by its own applicator",
  "into-squeeze-bottles": "emptied at the bench once, then no disposable for each dip",
  small: "fresh and light; filled for most jobs",
  large: "filled rarely; heavier, and open for longer",
  six: "the rest is mixed",
  four: "lighter still; more is mixed",
  "ten-of-one": "less mixing, more to carry",
  never: "the palette is wiped between faces",
  "after-washing": "hands are washed anyway; no palette to wipe",
};

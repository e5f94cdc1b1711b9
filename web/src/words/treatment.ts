import type { Schemas } from "../api/client";

export type Matter = Schemas["MatterOfHouse"];
export type Way = Schemas["Way"];

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
};

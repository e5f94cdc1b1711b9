import type { Drawn, Schemas } from "../api/client";
import { capital, count, lower } from "./codes";
import { shortName } from "./items";

export type Work = Schemas["CleaningView"];
export type CleaningAct = Schemas["ActView"];
export type Step = CleaningAct["steps"][number];
export type Outcome = Schemas["Ending"]["outcome"];
export type Incident = Schemas["ReportIncident"]["incident"];
type Caution = Schemas["ActView"]["cautions"][number];

/** What hands do: before and after the things it is done to, and how it is told when it is done. */
type Movement = { verb: string; tail?: string; done: string };

const MOVEMENTS: Record<Step, Movement> = {
  spray: { verb: "Spray", tail: "until wet all over", done: "sprayed" },
  mist: { verb: "Mist", done: "misted" },
  dry: { verb: "Let", tail: "dry", done: "dry" },
  wipe: { verb: "Wipe", tail: "at the rim, neck or nozzle", done: "wiped" },
  "wipe-rim": { verb: "Wipe the rim of", done: "wiped" },
  "wipe-neck": { verb: "Wipe the neck of", done: "wiped" },
  "wipe-nozzle": { verb: "Wipe the nozzle of", done: "wiped" },
  "wipe-layer": { verb: "Wipe a layer off", done: "wiped" },
  "wipe-top-layer": { verb: "Wipe the top layer off", done: "wiped" },
  "wipe-all-sides": { verb: "Wipe", tail: "on every side", done: "wiped" },
  "wipe-handle": { verb: "Wipe the handles of", done: "wiped" },
  "wipe-residue": { verb: "Wipe the make-up off", done: "wiped off" },
  "scrape-layer": { verb: "Scrape a layer off", done: "scraped" },
  sharpen: { verb: "Sharpen", done: "sharpened" },
  "clean-cap": { verb: "Clean the cap of", done: "cleaned" },
  "clean-sharpener": { verb: "Clean the sharpener after", done: "cleaned" },
  "brush-out": { verb: "Brush out", done: "brushed out" },
  soak: { verb: "Soak", done: "soaked" },
  close: { verb: "Close", done: "closed" },
  "dry-open": { verb: "Leave", tail: "open until dry", done: "dry" },
  "to-dirty-holder": { verb: "Put", tail: "into the dirty holder", done: "in the holder" },
  "quick-clean": { verb: "Quick-clean", tail: "until it wipes clear", done: "cleaned" },
  wash: { verb: "Wash", tail: "with detergent", done: "washed" },
  shampoo: { verb: "Wash", tail: "with mild shampoo", done: "washed" },
  rinse: { verb: "Rinse", tail: "until the water is clear", done: "rinsed" },
  "lay-flat": { verb: "Lay", tail: "flat to dry", done: "dry" },
  launder: { verb: "Launder", tail: "at 60°, and dry fully", done: "laundered and dry" },
  flush: { verb: "Flush", done: "flushed" },
  strip: { verb: "Take", tail: "apart", done: "apart" },
  clean: { verb: "Clean", tail: "part by part", done: "cleaned" },
  "needle-check": { verb: "Check the needle of", done: "checked" },
  "disinfect-rated": { verb: "Disinfect", tail: "with the rated agent", done: "disinfected" },
  empty: { verb: "Empty", done: "empty" },
  degrease: { verb: "Wipe", tail: "inside and out with an oily cleaner", done: "wiped" },
  disinfect: { verb: "Disinfect", tail: "inside and out", done: "disinfected" },
  surfaces: { verb: "Wipe chair, headrest and worktop", done: "Surfaces wiped" },
  hands: { verb: "Wash your hands, or sanitise them", tail: "until dry", done: "Hands clean" },
};

/** Between two faces some things are only set aside. */
const SET_ASIDE: Partial<Record<Step, Movement>> = {
  launder: { verb: "Put", tail: "into the laundry bag", done: "in the laundry bag" },
};

function movement(step: Step, moment: Work["moment"]): Movement {
  return (moment === "between-faces" && SET_ASIDE[step]) || MOVEMENTS[step];
}

/** What to heed while it is done. Local rules come first. */
const CAUTIONS: Record<Caution, string> = {
  "no-heat-or-flame": "Irons off and cold, no flame: alcohol burns until it is dry.",
  "air-and-eyes": "Air in the room, away from faces and eyes.",
  "do-not-work-there": "Do not work there. Advise her to see a professional.",
  "gloves-and-sharps": "Gloves on; blades and needles into the sharps box.",
  "rated-agent": "Alcohol alone does not count here. Keep it wet for the time on its label.",
  blades: "Mind the blade.",
  unplug: "Unplug it first; no water inside.",
};

type NamedThing = Parameters<typeof shortName>[0];

/** What is done to bags and to nothing else. */
const OF_BAGS = new Set<Step>(["empty", "degrease", "disinfect"]);

function noun(steps: Step[]): "bag" | "item" {
  return steps.some((step) => OF_BAGS.has(step)) ? "bag" : "item";
}

/** A bag as it is named and drawn beside items. */
export function drawnBag({ id, name }: Work["bags"][number]): Drawn {
  return {
    id,
    product: {
      id,
      maker: "",
      name,
      shade: "",
      colour: null,
      depth: null,
      productClass: "other",
    },
    marks: { date: { state: "in-order" } },
  };
}

/** Everything of this work, bags too, by its id. */
export function thingsOf(work: Work): Map<string, Drawn> {
  return new Map([...work.items, ...work.bags.map(drawnBag)].map((one) => [one.id, one]));
}

/** What an act is done to. */
export function idsOf(act: CleaningAct): string[] {
  return [...act.items, ...act.bags];
}

/** "Spray seven items until wet all over"; one thing by its name, and what follows at once. */
export function actWords(steps: Step[], items: NamedThing[], moment: Work["moment"]): string {
  const [first] = items;
  const what = items.length > 1 ? count(items.length, noun(steps)) : first && shortName(first);
  return steps
    .map((step, at) => {
      const { verb, tail } = movement(step, moment);
      const named = at === 0 ? what : what && (items.length > 1 ? "them" : "it");
      return [at === 0 ? verb : lower(verb), named, tail].filter(Boolean).join(" ");
    })
    .join(", then ");
}

/** "All seven sprayed". */
export function doneWords(steps: Step[], many: number, moment: Work["moment"]): string {
  const done = steps.map((step) => movement(step, moment).done);
  const all = `${allWord(many)}${done.map(lower).join(", ")}`;
  return capital(all);
}

/** "Seven items sprayed.", as it is told afterwards. */
export function toldWords(steps: Step[], many: number, moment: Work["moment"]): string {
  const done = steps.map((step) => lower(movement(step, moment).done)).join(", ");
  return `${capital(many === 0 ? done : `${count(many, noun(steps))} ${done}`)}.`;
}

/** "wipe", for a place with little room. */
export function shortWord(step: Step): string {
  return SHORT[step] ?? step.replaceAll("-", " ");
}

const SHORT: Partial<Record<Step, string>> = {
  "wipe-residue": "wipe off",
  "wipe-top-layer": "top layer",
  "to-dirty-holder": "holder",
  "quick-clean": "quick-clean",
  "disinfect-rated": "disinfect",
  degrease: "wipe",
  surfaces: "worktop",
};

export function cautionWords(caution: Caution): string {
  return CAUTIONS[caution];
}

function allWord(many: number): string {
  if (many === 2) return "both ";
  return many > 2 ? `all ${count(many, "", "").trim()} ` : "";
}

/** What becomes of what is not used on others again. */
export const ENDS: Record<
  Exclude<Outcome, "ready" | "treat">,
  { because: string; act: (what: string, whom: string) => string; told: (what: string) => string }
> = {
  "one-person": {
    because: "It touched her skin and is not shared.",
    act: (what, whom) => `Keep ${what} for ${whom}`,
    told: (what) => `Kept ${what} for one person.`,
  },
  "give-away": {
    because: "It goes with her.",
    act: (what, whom) => `Give ${what} to ${whom}`,
    told: (what) => `Gave ${what} away.`,
  },
  quarantine: {
    because: "Something is suspected: set it apart until you have decided.",
    act: (what) => `Quarantine ${what}`,
    told: (what) => `Quarantined ${what}.`,
  },
  discard: {
    because: "It cannot be made clean again.",
    act: (what) => `Discard ${what}`,
    told: (what) => `Discarded ${what}.`,
  },
};

/** What may happen beside, what happens most often first. */
export const INCIDENTS: Record<Incident, string> = {
  dropped: "Dropped, open",
  "sneezed-on": "Sneezed or blown on",
  "unknown-user": "Somebody else used it",
  "ill-face": "She has a cold",
  "cold-sore": "Cold sore",
  "infected-eye": "Infected eye",
  "skin-infection": "Infected skin",
  "open-wound": "Open wound",
  blood: "Blood on it",
};

/** "5:20", what is left of a wait. */
export function countdown(seconds: number): string {
  const left = Math.max(0, Math.ceil(seconds));
  const hours = Math.floor(left / 3600);
  const minutes = Math.floor((left % 3600) / 60);
  return hours > 0
    ? `${hours} h ${minutes} min`
    : `${minutes}:${String(left % 60).padStart(2, "0")}`;
}

/** "6 min", "under a minute". */
export function aboutMinutes(seconds: number): string {
  if (seconds < 45) return "under a minute";
  const minutes = Math.ceil(seconds / 60);
  return minutes < 120 ? `${minutes} min` : `${Math.round(minutes / 6) / 10} h`;
}

/** How many items hands have something to do with, or somebody has to end. */
export function toClean(work: Work): number {
  return new Set([
    ...work.acts.flatMap(idsOf),
    ...work.ends.flatMap((end) => end.things),
    ...work.unknown,
  ]).size;
}

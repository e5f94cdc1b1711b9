// The codes of a booking in the order in which a form offers them, as in lists.ts.
import type { Schemas } from "../api/client";
import { count } from "./codes";

type List<T> = T extends readonly (infer U)[] ? U : never;
type Face = Schemas["FaceDraft"];

export const CONDITIONS: List<Schemas["BookingDraft"]["conditions"]>[] = [
  "flash",
  "daylight",
  "dim",
  "night",
  "close-up",
  "strobe",
  "dry-cold",
  "snow",
  "heat",
  "wet",
  "pool-or-sea",
  "tears",
  "sweat",
  "smoke-or-dust",
  "masks-or-helmets",
  "no-power",
  "no-water",
  "no-table",
  "cramped",
  "shared-room",
  "long-day",
  "early-call",
  "unknown-catering",
  "remote",
  "long-carry",
  "flight",
  "vehicle-heat-or-frost",
  "children",
];

export const SERVICES: List<Face["services"]>[] = [
  "skin-preparation",
  "grooming",
  "base",
  "correct",
  "airbrush",
  "powder",
  "contour",
  "bronzer",
  "blush",
  "highlight",
  "brows",
  "eyes",
  "liner",
  "mascara",
  "lashes",
  "cluster-lashes",
  "lips",
  "body",
  "hair-tidy",
  "hair-styling",
  "stand-by",
  "touch-up-kit",
  "take-off",
];

/** Wounds, ageing and characters: offered apart, since most jobs have none. */
export const EFFECTS: List<Face["services"]>[] = [
  "fx-bruise",
  "fx-burn",
  "fx-dirt",
  "fx-sweat-tears",
  "fx-grey-hair",
  "fx-wound",
  "fx-blood",
  "fx-age",
  "fx-bald-cap",
  "fx-piece",
  "fx-hair",
  "fx-tattoo",
  "fx-teeth",
  "fx-lenses",
];

export const SKIN_TYPES: Face["skinType"][] = [
  "normal",
  "oily",
  "dry",
  "combination",
  "mature",
  "sensitive",
];

export const CONCERNS: List<Face["concerns"]>[] = [
  "redness",
  "dark-circles",
  "dark-patches",
  "beard-shadow",
  "scars",
  "tattoo",
  "sallow",
  "bruise",
];

export const HAIRS: NonNullable<Face["hair"]>[] = [
  "unknown",
  "fair",
  "taupe",
  "mid-brown",
  "dark",
  "auburn",
  "grey",
];

export const UNDERTONES: NonNullable<Face["undertone"]>[] = ["cool", "neutral", "warm", "olive"];

export const TRAVELS: NonNullable<Schemas["BookingDraft"]["travel"]>[] = [
  "car",
  "train",
  "public-transport",
  "on-foot",
  "flight-cabin",
  "flight-hold",
];

/** How many people are made up: everybody of a group is one. */
export function facesWords(faces: readonly { heads: number }[]): string {
  return count(
    faces.reduce((all, face) => all + face.heads, 0),
    "face",
  );
}

import type { Schemas } from "../api/client";

type Role = NonNullable<Schemas["ProductDraft"]["roles"]>[number];

/** What colours are there for, in the order in which a form offers them. */
const ROLES: Role[] = [
  "eyes:matte-light",
  "eyes:matte-mid",
  "eyes:matte-deep",
  "eyes:shimmer",
  "eyes:bold",
  "liner:black",
  "liner:brown",
  "blush:pink",
  "blush:peach",
  "blush:berry",
  "contour:light",
  "contour:mid",
  "contour:deep",
  "bronzer:light",
  "bronzer:mid",
  "bronzer:deep",
  "highlighter:pale",
  "highlighter:gold",
  "brows:fair",
  "brows:taupe",
  "brows:mid-brown",
  "brows:dark",
  "brows:auburn",
  "brows:grey",
  "lips:nude-light",
  "lips:nude-mid",
  "lips:nude-deep",
  "lips:rose",
  "lips:red",
  "lip-pencil:nude-light",
  "lip-pencil:nude-mid",
  "lip-pencil:nude-deep",
  "lip-pencil:rose",
  "lip-pencil:red",
  "lashes:natural",
  "lashes:full",
  "correct:green",
  "correct:peach",
  "correct:orange",
  "correct:red",
  "correct:lavender",
  "correct:yellow",
];

/** Of what each class has colours. */
const FAMILY: Record<string, string> = {
  "eye-shadow": "eyes",
  "cream-shadow": "eyes",
  "eye-pencil": "liner",
  "gel-liner": "liner",
  "liquid-liner": "liner",
  blush: "blush",
  contour: "contour",
  bronzer: "bronzer",
  highlighter: "highlighter",
  "brow-pencil": "brows",
  "brow-powder": "brows",
  "brow-gel": "brows",
  "lip-colour": "lips",
  "lip-gloss": "lips",
  "lip-pencil": "lip-pencil",
  "strip-lashes": "lashes",
  corrector: "correct",
  primer: "correct",
};

/** The roles a product of these classes can have, and those it has. */
export function rolesFor(classes: string[], told: string[]): string[] {
  const families = classes.map((one) => FAMILY[one]);
  return ROLES.filter((role) => families.includes(role.split(":")[0]) || told.includes(role));
}

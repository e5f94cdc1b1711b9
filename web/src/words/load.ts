import type { Schemas } from "../api/client";

type Obstacle = NonNullable<Schemas["WithoutPlace"]["because"]>;
type Reason = Schemas["LoadedPiece"]["reasons"][number];
type Lying = { widthMm: number; depthMm: number; heightMm: number };
type Room = { widthMm: number; depthMm: number };
type Named = Pick<Schemas["LoadedRoom"], "name" | "loose" | "slot">;

/** Why a piece stays, or does not go somewhere. */
export const OBSTACLES: Record<Obstacle, string> = {
  "pinned-elsewhere": "pinned to another compartment, or in the bag already",
  "not-allowed": "no compartment takes its section",
  "somebody-elses": "the compartment is kept for somebody else",
  "not-sealed": "it may leak, and nothing there closes",
  "too-large": "larger than every compartment",
  "too-heavy": "the bag would be too heavy",
  "beside-heat": "something hot and something that melts would lie together",
  "too-full": "too full",
  "no-way-to-lay-it": "no way to lay it beside the others",
  "room-taken": "others take the room",
};

export const REASONS: Record<Reason, [string, string]> = {
  pinned: ["pinned here", "You pinned it here, or it is in the bag already."],
  usual: ["lies here usually", "It lies where it belongs, or where it was planned last."],
  "kept-for-one": ["her section", "The section is kept for whose it is."],
  closes: ["closes", "It may leak, and this compartment closes."],
  "with-companion": ["beside what it goes with", "What it is useless without is in the same bag."],
  "with-its-group": ["with its group", "Others of its group lie here."],
  "room-here": ["room here", "There was no room where it usually lies, or it may not lie there."],
};

/** What a compartment is called in its bag; slots of one place go by its name. */
export function roomName({ name, loose, slot }: Named): string {
  if (loose) return `loose in ${name}`;
  return slot === null ? name : name.replace(/ \d+$/, "");
}

/** How a piece lies: by which of its measures is upright. */
export function postureWord({ widthMm, depthMm, heightMm }: Lying): string {
  const longest = Math.max(widthMm, depthMm);
  if (heightMm > longest) return "standing";
  return heightMm <= Math.min(widthMm, depthMm) ? "flat" : "on its side";
}

/** Where in its compartment: "front left", "back", "in the middle". */
export function cornerWord(
  piece: Lying & { xMm: number; yMm: number; zMm: number },
  room: Room,
): string {
  const across = third(piece.xMm + piece.widthMm / 2, room.widthMm, ["left", "", "right"]);
  const along = third(piece.yMm + piece.depthMm / 2, room.depthMm, ["front", "", "back"]);
  const where = [along, across].filter(Boolean).join(" ") || "in the middle";
  return piece.zMm > 0 ? `${where}, on top` : where;
}

function third(at: number, of: number, words: [string, string, string]): string {
  const part = Math.min(2, Math.floor((3 * at) / of));
  return words[part] ?? "";
}

import type { Schemas } from "../../api/client";

export type ShadeLine = Schemas["ShadeDraft"];

/** One shade a line: name, #colour, skin depth. What cannot be read so comes back as a complaint. */
export function readShades(text: string): { shades: ShadeLine[]; complaint: string | null } {
  const lines = text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
  const shades: ShadeLine[] = [];
  for (const line of lines) {
    const [name = "", ...others] = line.split(/[,;\t]/).map((part) => part.trim());
    const told = others.filter(Boolean);
    const colour = told.find((part) => /^#[0-9a-f]{6}$/i.test(part)) ?? null;
    const rest = told.filter((part) => part !== colour);
    const depth = rest[0] === undefined ? null : Number(rest[0]);
    if (!name || rest.length > 1 || Number.isNaN(depth)) {
      return { shades, complaint: `“${line}”: write name, #colour, skin depth.` };
    }
    shades.push({ name, colour, depth });
  }
  return { shades, complaint: null };
}

/** As they are written, to be changed. */
export function shadeText(shades: ShadeLine[]): string {
  return shades
    .map(({ name, colour, depth }) =>
      [name, colour, depth].filter((part) => part !== null).join(", "),
    )
    .join("\n");
}

import { NEUTRAL } from "./skin";

/** What skin of a depth looks like, 1 to 10: to choose by, not to match by. */
export const DEPTHS = NEUTRAL.map((colour, at) => ({ depth: at + 1, colour }));

type Painted = { colour: string | null; depth: number | null };

/** The colour it is drawn in: its own, or else what skin of the depth it suits looks like. */
export function paintOf({ colour, depth }: Painted): string | null {
  if (colour || depth === null) return colour;
  return DEPTHS.find((one) => one.depth === Math.round(depth))?.colour ?? null;
}

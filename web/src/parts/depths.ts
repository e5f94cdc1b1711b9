/** What skin of a depth looks like, 1 to 10: to choose by, not to match by. From memory. */
export const DEPTHS = [
  { depth: 1, colour: "#f3e0d2" },
  { depth: 2, colour: "#ecd0b9" },
  { depth: 3, colour: "#e0bb9c" },
  { depth: 4, colour: "#d3a680" },
  { depth: 5, colour: "#c08f68" },
  { depth: 6, colour: "#a87550" },
  { depth: 7, colour: "#8d5d3d" },
  { depth: 8, colour: "#71472e" },
  { depth: 9, colour: "#553423" },
  { depth: 10, colour: "#3b251a" },
];

type Painted = { colour: string | null; depth: number | null };

/** The colour it is drawn in: its own, or else what skin of the depth it suits looks like. */
export function paintOf({ colour, depth }: Painted): string | null {
  if (colour || depth === null) return colour;
  return DEPTHS.find((one) => one.depth === Math.round(depth))?.colour ?? null;
}

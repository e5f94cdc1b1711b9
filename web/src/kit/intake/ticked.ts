import type { Schemas } from "../../api/client";
import type { Usual } from "../../api/usual";

export type Level = Schemas["TickedKind"]["level"];

/** What somebody says of one kind. */
export type Tick = { shades: string[]; depths: number[]; count: number; level: Level };

/** By the kind's code; what is not there is not ticked. */
export type Ticks = Record<string, Tick>;

const FIRST: Tick = { shades: [], depths: [], count: 1, level: "full" };

/** Ticked as one has it first, or no longer ticked. */
export function toggled(ticks: Ticks, code: string): Ticks {
  if (!ticks[code]) return { ...ticks, [code]: FIRST };
  const { [code]: _, ...others } = ticks;
  return others;
}

/** The same kind with something else said of it; saying it ticks the kind. */
export function said(ticks: Ticks, code: string, change: Partial<Tick>): Ticks {
  return { ...ticks, [code]: { ...FIRST, ...ticks[code], ...change } };
}

/** With or without one of several. */
export function flipped<T>(some: T[], one: T): T[] {
  return some.includes(one) ? some.filter((other) => other !== one) : [...some, one];
}

/** How many things come of it: each shade and each depth as often as told. */
export function things(tick: Tick): number {
  return Math.max(1, tick.shades.length + tick.depths.length) * tick.count;
}

export function allThings(ticks: Ticks): number {
  return Object.values(ticks).reduce((sum, tick) => sum + things(tick), 0);
}

export type Drawn = { key: string; colour: string | null; widthMm: number; depthMm: number };

/** Each thing of a kind as it is seen from above. */
export function pieces(kind: Usual, tick: Tick, depthColour: (depth: number) => string): Drawn[] {
  const colours = [
    ...tick.depths.map(depthColour),
    ...tick.shades.map((name) => kind.shades.find((one) => one.name === name)?.colour ?? null),
  ];
  const each = colours.length ? colours : [null];
  return each.flatMap((colour, n) =>
    Array.from({ length: tick.count }, (_, i) => ({
      key: `${kind.code} ${n} ${i}`,
      colour,
      widthMm: kind.widthMm,
      depthMm: kind.depthMm,
    })),
  );
}

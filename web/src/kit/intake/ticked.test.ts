import { expect, test } from "vitest";
import type { Usual } from "../../api/usual";
import { allThings, flipped, pieces, said, type Ticks, things, toggled } from "./ticked";

const blush = {
  code: "blush",
  shades: [
    { name: "pink", colour: "#ee99aa" },
    { name: "rust", colour: null },
  ],
  widthMm: 40,
  depthMm: 30,
} as Usual;

test("saying a shade ticks its kind, and each shade is as many things as told", () => {
  let ticks: Ticks = said({}, "blush", { shades: ["pink", "rust"] });
  ticks = said(ticks, "blush", { count: 2 });
  ticks = toggled(ticks, "scissors");
  expect(allThings(ticks)).toBe(5);
  expect(things({ shades: [], depths: [3, 5.5], count: 1, level: "half" })).toBe(2);
  expect(toggled(ticks, "blush").blush).toBeUndefined();
  expect(flipped([1, 2], 2)).toEqual([1]);
});

test("what is drawn is as many pieces as things, each in its colour", () => {
  const tick = { shades: ["rust"], depths: [4], count: 2, level: "full" as const };
  const drawn = pieces(blush, tick, (depth) => `depth ${depth}`);
  expect(drawn.map((one) => one.colour)).toEqual(["depth 4", "depth 4", null, null]);
  expect(drawn).toHaveLength(things(tick));
  expect(pieces(blush, { ...tick, shades: [], depths: [] }, String)).toHaveLength(2);
});

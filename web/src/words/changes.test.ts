import { expect, test } from "vitest";
import type { Schemas } from "../api/client";
import { changeLines } from "./changes";
import type { PackingWords } from "./packing";

type Change = Schemas["ListChange"];

const WORDS: PackingWords = {
  faces: new Map(),
  items: new Map(),
  places: new Map(),
  call: null,
  today: "2031-04-14",
};

function wentOff(called: string, other: object = {}): Change {
  return {
    code: "went-off",
    facts: {
      item: called,
      called,
      needs: ["face-powder"],
      isInKit: false,
      isAskedFor: true,
      refusal: null,
      because: null,
      instead: [],
      ...other,
    },
  } as Change;
}

test("what went off for the same reason is told in one sentence, where the first of it stood", () => {
  const changes: Change[] = [
    wentOff("Dew base 2"),
    { code: "newly-missing", facts: { need: "face-powder" } },
    wentOff("Fine powder", { isInKit: true, isAskedFor: false }),
    wentOff("Dew base 4"),
  ];
  expect(changeLines(changes, WORDS)).toEqual([
    "Dew base 2 and Dew base 4: each is not in the kit any more.",
    "Missing now: face powder.",
    "Fine powder is not asked for any more.",
  ]);
});

test("another stands in for it only where the list says so", () => {
  const refusal = { code: "used-up", facts: {} };
  const changes = [wentOff("Dew base 2", { isInKit: true, refusal, instead: ["unknown"] })];
  expect(changeLines(changes, WORDS)).toEqual([
    "Dew base 2 doesn’t have enough left. Instead: another item.",
  ]);
});

import { expect, test } from "vitest";
import { gathered } from "./gathered";

test("no two signs stand closer than a finger can tell, and nothing is lost", () => {
  const days = Array.from({ length: 40 }, (_, i) => (i * i * 7) % 53);
  const groups = gathered(days, (day) => day, 2);
  const starts = groups.map((group) => Math.min(...group));
  for (const [i, start] of starts.entries()) {
    if (i > 0) expect(start - (starts[i - 1] ?? 0)).toBeGreaterThanOrEqual(2);
  }
  expect(groups.flat().toSorted()).toEqual(days.toSorted());
  expect(Math.max(...groups.map((group) => Math.max(...group) - Math.min(...group)))).toBeLessThan(
    2,
  );
});

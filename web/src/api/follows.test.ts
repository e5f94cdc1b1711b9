import { describe, expect, test } from "vitest";
import { mayHaveChanged } from "./follows";

describe("what is asked again after an act", () => {
  test("only what shows the kinds of things it changed", () => {
    expect(mayHaveChanged(["packing-list", "a"], ["packed"])).toBe(true);
    expect(mayHaveChanged(["places"], ["packed"])).toBe(false);
    expect(mayHaveChanged(["bookings"], ["item", "place"])).toBe(false);
    expect(mayHaveChanged(["item", "a"], ["item"])).toBe(true);
    expect(mayHaveChanged(["session"], ["item"])).toBe(false);
    expect(mayHaveChanged(["places"], [])).toBe(false);
  });

  test("everything, when nobody says what changed or a name did", () => {
    expect(mayHaveChanged(["bookings"], null)).toBe(true);
    expect(mayHaveChanged(["bookings"], ["person"])).toBe(true);
  });

  test("a question nobody has thought of", () => {
    expect(mayHaveChanged(["new"], ["item"])).toBe(true);
  });
});

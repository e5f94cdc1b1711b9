import { describe, expect, it } from "vitest";
import { amount, decimal, duration, figure, mass } from "./quantities";

describe("numbers as they are shown", () => {
  it("keep what little there is", () => {
    expect(amount(0.02, "ml")).toBe("0.02 ml");
    expect(amount(0.001, "g")).toBe("0.001 g");
    expect(amount(7.25, "ml")).toBe("7.25 ml");
    expect(amount(118.333, "ml")).toBe("118.3 ml");
  });

  it("count pieces in words of their own", () => {
    expect(amount(1, "piece")).toBe("1 piece");
    expect(amount(40, "piece")).toBe("40 pieces");
  });

  it("tell how long something takes", () => {
    expect(duration(40)).toBe("40 s");
    expect(duration(95)).toBe("2 min");
    expect(duration(3600)).toBe("1 h");
    expect(duration(3900)).toBe("1 h 5 min");
  });

  it("weigh in kilograms from one on", () => {
    expect(mass(999)).toBe("999 g");
    expect(mass(5946)).toBe("5.95 kg");
    expect(mass(12_340)).toBe("12.3 kg");
  });
});

describe("numbers as they are written", () => {
  it("have a point or a comma", () => {
    expect(decimal("1.5")).toBe(1.5);
    expect(decimal("1,5")).toBe(1.5);
    expect(decimal(" ,5 ")).toBe(0.5);
    expect(decimal("-2,25")).toBe(-2.25);
  });

  it.each(["", "  ", "half", "1,2,3", "1.2,3", "NaN", "Infinity", "1e999"])(
    "is none: %j",
    (text) => {
      expect(decimal(text)).toBeNull();
    },
  );

  it("are read back as they are shown, below a thousand", () => {
    for (const value of [0, 0.02, 0.5, 1.25, 9.99, 10, 123.4, 999.9]) {
      expect(decimal(figure(value))).toBe(value);
    }
  });
});

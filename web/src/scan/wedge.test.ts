import { describe, expect, it } from "vitest";
import { codeOf, type Key } from "./wedge";

const typed = (text: string, ms: number): Key[] =>
  [...text].map((key, index) => ({ key, at: index * ms }));

describe("a run of keys", () => {
  it("is a code by its shape, however fast it came", () => {
    expect(codeOf(typed("33P6HJ", 5))?.code).toBe("33P6HJ");
    expect(codeOf(typed("33P6HJ", 900))?.code).toBe("33P6HJ");
    expect(codeOf(typed("4006381333931", 10))?.code).toBe("4006381333931");
  });

  it("may have had other keys before it", () => {
    expect(codeOf(typed("soft33P6HJ", 5))?.code).toBe("33P6HJ");
  });

  it("is none when nothing has the shape of one", () => {
    expect(codeOf(typed("soft base", 5))).toBeNull();
    expect(codeOf([])).toBeNull();
  });

  it("says how fast it came, from its own keys only", () => {
    const slowThenFast = [
      { key: "a", at: 0 },
      ...typed("33P6HJ", 20).map((one) => ({ ...one, at: one.at + 5000 })),
    ];
    expect(codeOf(slowThenFast)?.pace).toBe(20);
  });
});

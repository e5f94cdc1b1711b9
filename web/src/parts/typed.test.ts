import { afterEach, describe, expect, it, vi } from "vitest";
import { clock, neededDate, neededNumber, typedDate, typedNumber } from "./typed";

describe("a clock time", () => {
  it("is read as people type it", () => {
    for (const [typed, time] of [
      ["5:40", "05:40"],
      ["5.40", "05:40"],
      ["0540", "05:40"],
      ["5h40", "05:40"],
      ["17", "17:00"],
      ["7 pm", "19:00"],
      ["12:15 am", "00:15"],
      ["12 pm", "12:00"],
    ] as const) {
      expect(clock(typed), typed).toBe(time);
    }
  });

  it("is not made of what is none", () => {
    for (const typed of ["25:00", "5:70", "13 pm", "early", "5:4", "123456"]) {
      expect(clock(typed), typed).toBeNull();
    }
  });
});

describe("what is typed into a form", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("is a number, nothing, or a fault that says what to do", () => {
    expect(typedNumber().parse("1,5")).toBe(1.5);
    expect(typedNumber().parse("  ")).toBeNull();
    expect(typedNumber().safeParse("lots").error?.issues[0]?.message).toContain("like 1.5");
    const needed = neededNumber("Say how many.");
    expect(needed.safeParse("").error?.issues[0]?.message).toBe("Say how many.");
    expect(needed.safeParse("lots").error?.issues).toHaveLength(1);
  });

  it("is a date the application reads; what it cannot read, or not now, is told at the field", async () => {
    vi.stubGlobal("document", { cookie: "" });
    const asked: string[] = [];
    vi.stubGlobal("fetch", async (path: string) => {
      asked.push(path);
      if (path.includes("gone")) throw new TypeError("no network");
      return Response.json({ date: path.includes("mar") ? "2031-03-01" : null });
    });
    expect(await typedDate("began").parseAsync("mar 31")).toBe("2031-03-01");
    expect(await typedDate("began").parseAsync("mar 31 ")).toBe("2031-03-01");
    // Read once, and not again for every letter in another field.
    expect(asked).toEqual(["/api/read-date?text=mar+31&meant=began"]);
    expect(await typedDate("began").parseAsync(" ")).toBeNull();
    const messages = async (text: string) =>
      (await neededDate("day", "Say the day.").safeParseAsync(text)).error?.issues.map(
        (issue) => issue.message,
      );
    expect(await messages("whenever")).toEqual([expect.stringContaining("This is no date.")]);
    expect(await messages("gone")).toEqual([expect.stringContaining("No answer.")]);
    expect(await messages("")).toEqual(["Say the day."]);
  });
});

import { describe, expect, it } from "vitest";
import { daysBetween, inDate, moment, nearDate, plusDays, span } from "./dates";

const TODAY = "2031-04-14";

describe("days", () => {
  it("are counted over the change of the clocks and the end of a year", () => {
    expect(daysBetween("2031-03-29", "2031-03-31")).toBe(2);
    expect(daysBetween("2031-12-31", "2032-01-01")).toBe(1);
    expect(plusDays("2032-02-28", 1)).toBe("2032-02-29");
    for (let days = -400; days < 400; days += 7) {
      expect(daysBetween(TODAY, plusDays(TODAY, days))).toBe(days);
    }
  });

  it("are said in words when they are near", () => {
    expect(nearDate(TODAY, TODAY)).toBe("today");
    expect(nearDate("2031-04-15", TODAY)).toBe("tomorrow");
    expect(nearDate("2031-04-13", TODAY)).toBe("yesterday");
    expect(nearDate("2031-04-17", TODAY)).toMatch(/^in 3 days, Thu/);
    expect(nearDate("2031-04-04", TODAY)).toMatch(/^10 days ago, Fri/);
    expect(nearDate("2032-01-02", TODAY)).toContain("2032");
  });

  it("are those of the zone an instant is shown in", () => {
    const instant = "2031-04-14T22:30:00Z";
    expect(moment(instant, "Europe/Berlin")).toBe("15 Apr 2031, 00:30");
    expect(moment(instant, "America/New_York")).toBe("14 Apr 2031, 18:30");
  });

  it("of a span are one when it is one day", () => {
    expect(span(TODAY, TODAY, TODAY)).not.toContain(" to ");
    expect(span(TODAY, "2031-04-16", TODAY)).toContain(" to ");
  });

  it("say until when a thing is in date, or since when it is not", () => {
    expect(inDate("2031-04-24", TODAY)).toBe("in date until Thu 24 Apr (10 days)");
    expect(inDate(TODAY, TODAY)).toBe("in date until Mon 14 Apr (today)");
    expect(inDate("2031-04-13", TODAY)).toBe("out of date since Sun 13 Apr (yesterday)");
    expect(inDate("2031-04-08", TODAY, "only until")).toBe("out of date since Tue 8 Apr (6 days)");
    expect(inDate("2032-04-24", TODAY, "only until")).toBe("in date only until 24 Apr 2032");
  });
});

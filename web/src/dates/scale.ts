import { daysBetween } from "../words/dates";

/** Where days lie on a line that begins today, in percent of its length. */
export type Scale = { today: string; days: number; at: (day: string) => number };

/** Left of it lies what is past. */
const PAST = 4;

export function scaleOf(today: string, weeks: number): Scale {
  const days = weeks * 7 + 1;
  return {
    today,
    days,
    at: (day) => {
      const far = daysBetween(today, day);
      return far < 0 ? 0 : PAST + (Math.min(far, days) / days) * (100 - PAST);
    },
  };
}

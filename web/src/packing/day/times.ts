import { clock } from "../../parts/typed";

/** A time as one writes it. */
export function short(time: string | null | undefined): string {
  return time?.slice(0, 5) ?? "";
}

/** What was typed as a time of the day; null where nothing was. */
export function told24(typed: string): string | null {
  return clock(typed.trim());
}

/** What is to be said of something that was typed and is no time. */
export function timeFault(typed: string): string | undefined {
  return typed.trim() && !told24(typed) ? "Write a time, like 5:40." : undefined;
}

/** Minutes of the day; of what is told as 24:30, a day and thirty. */
export function minuteOf(told: string): number {
  const [hours = 0, minutes = 0] = told.split(":").map(Number);
  return hours * 60 + minutes;
}

const DAY = 24 * 60;

/** As a clock shows it: 24:30 is half past midnight. */
export function byTheClock(told: string): string {
  return clockOf(minuteOf(told));
}

export function clockOf(minute: number): string {
  const at = minute % DAY;
  return `${String(Math.floor(at / 60)).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
}

/** The same, saying that it is past midnight. */
export function byTheClockAndDay(told: string): string {
  return minuteOf(told) < DAY ? byTheClock(told) : `${byTheClock(told)} next day`;
}

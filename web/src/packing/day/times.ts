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

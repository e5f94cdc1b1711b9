import { clock } from "../../parts/typed";

/** A time as one writes it. */
export function short(time: string | null | undefined): string {
  return time?.slice(0, 5) ?? "";
}

/** What was typed as a time of the day; what is none goes on as it is, and is refused with words. */
export function told24(typed: string): string {
  return clock(typed) ?? typed;
}

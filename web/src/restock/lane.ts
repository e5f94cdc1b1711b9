import type { Booking } from "../api/client";
import { daysBetween } from "../words/dates";

/** A booking on the lanes; one that came once more in thought only has no page of its own. */
export type Shown = Booking & { isImagined?: true };

/** How far a day lies along a lane that begins today, in percent. */
export function along(day: string, today: string, until: string): number {
  const whole = daysBetween(today, until);
  return (Math.min(Math.max(0, daysBetween(today, day)), whole) / whole) * 100;
}

const DAY_MS = 86_400_000;

function midnight(day: string): number {
  return Date.parse(`${day}T00:00:00Z`);
}

/** Whole days from one day to another; negative when the other lies before. */
export function daysBetween(from: string, to: string): number {
  return Math.round((midnight(to) - midnight(from)) / DAY_MS);
}

export function plusDays(day: string, days: number): string {
  return new Date(midnight(day) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Every day from one to another, at most a year of them; none when the other lies before. */
export function daysFrom(from: string, to: string): string[] {
  const days = Math.min(366, daysBetween(from, to) + 1);
  return Array.from({ length: Math.max(0, days) }, (_, day) => plusDays(from, day));
}

export type DateOrder = "day-first" | "month-first" | "year-first";

const WEEKDAY = new Intl.DateTimeFormat("en-GB", { weekday: "long", timeZone: "UTC" });

/** Numbers stand in front of the month, behind it, or as in 2031-04-17. */
const LANGUAGES = { "day-first": "en-GB", "month-first": "en-US", "year-first": "en-GB" } as const;

type Look = "short" | "long" | "day" | "month";

const LOOKS: Record<Look, Intl.DateTimeFormatOptions> = {
  short: { weekday: "short", day: "numeric", month: "short" },
  long: { day: "numeric", month: "short", year: "numeric" },
  day: { day: "numeric", month: "short" },
  month: { month: "short", year: "2-digit" },
};

const formats = (order: DateOrder) =>
  Object.fromEntries(
    Object.entries(LOOKS).map(([look, options]) => [
      look,
      new Intl.DateTimeFormat(LANGUAGES[order], { ...options, timeZone: "UTC" }),
    ]),
  ) as Record<Look, Intl.DateTimeFormat>;

let order: DateOrder = "day-first";
let shown = formats(order);

/** How the workspace writes dates: everything that is shown from now on follows it. */
export function setDateOrder(to: DateOrder) {
  if (to === order) return;
  order = to;
  shown = formats(to);
}

export function dateOrder(): DateOrder {
  return order;
}

/** A day as a scale is marked with it. */
export function dayAndMonth(day: string): string {
  return shown.day.format(midnight(day));
}

/** "Apr 31". */
export function monthAndYear(day: string): string {
  return shown.month.format(midnight(day));
}

/** A day as a field shows it, to be read back: "17 Apr 2031"; nothing when there is none. */
export function dateText(day: string | null): string {
  if (!day) return "";
  return order === "year-first" ? day : shown.long.format(midnight(day));
}

export function weekday(day: string): string {
  return WEEKDAY.format(midnight(day));
}

/** "Thu, 17 Apr", with the year when it is another. */
export function shortDate(day: string, today: string): string {
  return day.slice(0, 4) === today.slice(0, 4) ? shown.short.format(midnight(day)) : dateText(day);
}

/** "Thu, 17 Apr". */
export function dateWithWeekday(day: string): string {
  return shown.short.format(midnight(day));
}

/** Near today in words, far off as a date. */
export function nearDate(day: string, today: string): string {
  const days = daysBetween(today, day);
  if (days === 0) return "today";
  if (days === 1) return "tomorrow";
  if (days === -1) return "yesterday";
  if (days > 1 && days <= 30) return `in ${days} days, ${shortDate(day, today)}`;
  if (days < 0 && days >= -30) return `${-days} days ago, ${shortDate(day, today)}`;
  return shortDate(day, today);
}

/** The same where "by" stands before it: "today", "tomorrow", "Tue 6 May". */
export function byDay(day: string, today: string): string {
  const days = daysBetween(today, day);
  return days === 0 || days === 1 ? nearDate(day, today) : shortDate(day, today);
}

/** How far off a day is, as an aside: " (10 days)"; nothing when it is far. */
function aside(days: number): string {
  if (Math.abs(days) > 30) return "";
  if (days === 0) return " (today)";
  if (days === 1) return " (tomorrow)";
  return days === -1 ? " (yesterday)" : ` (${Math.abs(days)} days)`;
}

/** A use-by: "Thu 24 Apr (10 days)". */
export function lastDayWords(lastDay: string, today: string): string {
  return `${shortDate(lastDay, today)}${aside(daysBetween(today, lastDay))}`;
}

/** "in date until Thu 24 Apr (10 days)", or "out of date since Tue 8 Apr (6 days)". */
export function inDate(lastDay: string, today: string, until = "until"): string {
  return lastDay < today
    ? `out of date since ${lastDayWords(lastDay, today)}`
    : `in date ${until} ${lastDayWords(lastDay, today)}`;
}

/** "Thu 17 to Fri 25 Apr, nine days" or one day. */
export function span(first: string, last: string, today: string): string {
  return first === last
    ? shortDate(first, today)
    : `${shortDate(first, today)} to ${shortDate(last, today)}`;
}

/** "05:40" of "05:40:00". */
export function clockTime(time: string | null): string {
  return time ? time.slice(0, 5) : "";
}

/** "10:52", an instant as the clock of a time zone shows it. */
export function clockOf(instant: string | number, zone: string): string {
  return new Intl.DateTimeFormat("en-GB", {
    hourCycle: "h23",
    hour: "2-digit",
    minute: "2-digit",
    timeZone: zone,
  }).format(new Date(instant));
}

/** "Wed 16 Apr, 21:40": so many minutes before a local time. */
export function before(local: string, minutes: number): string {
  const told = new Date(Date.parse(`${local}Z`) - minutes * 60_000).toISOString();
  return `${dateWithWeekday(told.slice(0, 10))}, ${told.slice(11, 16)}`;
}

/** "at 04:40", of another day than now "Fri 18 Apr, 04:40". */
export function dayAndClock(instant: string, now: string, zone: string): string {
  const day = (one: string) =>
    new Intl.DateTimeFormat("en-CA", { dateStyle: "short", timeZone: zone }).format(new Date(one));
  const clock = clockOf(instant, zone);
  return day(instant) === day(now) ? `at ${clock}` : `${dateWithWeekday(day(instant))}, ${clock}`;
}

/** An instant with its day as the clock of a time zone shows it. */
export function moment(instant: string, zone: string): string {
  return new Intl.DateTimeFormat(order === "month-first" ? "en-US" : "en-GB", {
    hourCycle: "h23",
    dateStyle: "medium",
    timeStyle: "short",
    timeZone: zone,
  }).format(new Date(instant));
}

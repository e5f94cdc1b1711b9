import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "../api/client";
import { capital, count } from "../words/codes";
import { dateWithWeekday } from "../words/dates";
import { BrushDays } from "./BrushDays";

const A_MINUTE_MS = 60_000;

/** Days without a clean set that are named one by one. */
const FIRST_DAYS = 3;

/** Whether the brushes on the list last the days, washed at night and dried until the next call. */
export function BrushRun({ booking }: { booking: string }) {
  const run = useQuery({
    queryKey: ["brushes", booking],
    // Ticking off changes nothing of it, and working it out takes as long as the list itself.
    staleTime: A_MINUTE_MS,
    queryFn: () => ask<Schemas["BrushRunView"]>("GET", `/api/bookings/${booking}/brushes`),
  }).data;
  if (!run || run.sets === 0 || run.faces === 0) return null;
  const short = run.rotation.days.filter((day) => day.unserved > 0);
  return (
    <section aria-label="Brushes, day by day" className="mb-6">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Brushes
        <span className="font-normal text-soft">
          {count(run.sets, "set")} for up to {count(run.faces, "face")} a day
        </span>
      </h2>
      {short.length === 0 ? (
        <p className="py-1.5">
          Washed after each wrap, they are clean and dry for every face, every day.
        </p>
      ) : (
        <p className="pt-1.5 text-soon">
          {capital(shortWords(short, run.rotation.days.length))}: quick-clean between them or add a
          set.
        </p>
      )}
      <BrushDays run={run} />
      <p className="text-soft text-sm">
        {!run.rotation.isFewest && "There may be a better order. "}
        {run.along.some((set) => set.assumed) &&
          `A set of which nobody said it is taken to have ${run.assumedBrushes} brushes. `}
        Washed in a minute and a half each, dry after eight hours, dense ones after a day; a day
        without a wrap is taken to last ten hours.
      </p>
    </section>
  );
}

type Day = Schemas["DayOfRotation"];

/** "Every day three faces have no clean set", or day by day. */
function shortWords(short: Day[], days: number): string {
  const first = short[0]?.unserved ?? 0;
  if (short.length === days && short.every((day) => day.unserved === first)) {
    return `${days > 1 ? "Every day " : ""}${count(first, "face")} ${first === 1 ? "has" : "have"} no clean set`;
  }
  const named = short
    .slice(0, FIRST_DAYS)
    .map((day) => `${dateWithWeekday(day.date)} ${count(day.unserved, "face")}`)
    .join(", ");
  const more = short.length - FIRST_DAYS;
  return `No clean set on ${named}${more > 0 ? ` and on ${count(more, "day")} more` : ""}`;
}

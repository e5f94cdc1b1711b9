import type { Schemas } from "../api/client";
import { count } from "../words/codes";
import { dayAndMonth, weekday } from "../words/dates";

type Run = Schemas["BrushRunView"];

/** Sets beyond these would make the drawing longer than the list it stands above. */
const MOST_SETS = 8;

/** Days that are drawn side by side. */
const MOST_DAYS = 14;

const HATCH = "repeating-linear-gradient(60deg, currentColor 0 1px, transparent 1px 6px)";

/** Local times as the application tells them, without a zone. */
const at = (time: string) => Date.parse(`${time}Z`);

/** Which set is on the faces, washed and drying when: days across, a line for each set. */
export function BrushDays({ run }: { run: Run }) {
  const days = run.days.slice(0, MOST_DAYS);
  const [first] = days;
  const last = days.at(-1);
  if (!first || !last || run.along.length === 0) return null;
  const begins = Date.parse(`${first.date}T00:00:00Z`);
  const ends = Math.max(Date.parse(`${last.date}T00:00:00Z`) + 86_400_000, at(last.ends));
  const share = (time: number) =>
    `${(100 * Math.min(1, Math.max(0, (time - begins) / (ends - begins)))).toFixed(2)}%`;
  const span = (from: number, until: number) => ({
    left: share(from),
    width: `calc(${share(until)} - ${share(from)})`,
  });
  const unserved = new Map(run.rotation.days.map((day) => [day.date, day.unserved]));
  return (
    <figure
      aria-label="Brush sets, day by day"
      className="my-2 grid grid-cols-[11rem_1fr] max-hand:grid-cols-[8rem_1fr] gap-x-3"
    >
      <span />
      <div className="relative h-9 border-line border-b text-xs">
        {days.map((day) => {
          const without = unserved.get(day.date) ?? 0;
          return (
            <span
              key={day.date}
              style={{ left: share(Date.parse(`${day.date}T00:00:00Z`)) }}
              className="absolute bottom-0 flex h-full flex-col justify-end border-line border-l pl-1 leading-tight"
            >
              <span className="text-soft">
                {days.length > 7
                  ? dayAndMonth(day.date).split(" ")[0]
                  : weekday(day.date).slice(0, 3)}
              </span>
              <b className={without > 0 ? "text-stop" : "font-normal text-soft"}>
                {without > 0 ? `−${without}` : "all"}
              </b>
            </span>
          );
        })}
      </div>
      {run.along.slice(0, MOST_SETS).map((set) => (
        <SetLine key={set.id} run={run} set={set} span={span} />
      ))}
      <figcaption className="col-start-2 flex flex-wrap gap-x-4 pt-1 text-soft text-xs">
        <Key look="bg-ink">on faces</Key>
        <Key look="bg-ink/45">washed</Key>
        <Key look="text-ink/60" hatched>
          drying
        </Key>
        <span>below each day: how many faces are left without a clean set</span>
        {run.along.length > MOST_SETS && (
          <span>{count(run.along.length - MOST_SETS, "set")} more</span>
        )}
      </figcaption>
    </figure>
  );
}

type SetLineProps = {
  run: Run;
  set: Run["along"][number];
  span: (from: number, until: number) => { left: string; width: string };
};

function SetLine({ run, set, span }: SetLineProps) {
  const used = run.days.filter((_, day) => run.rotation.days[day]?.used.includes(set.id));
  const washes = run.rotation.washes.filter((wash) => wash.id === set.id);
  return (
    <>
      <span className="flex gap-1.5 border-hair border-b py-1 text-sm" title={set.name}>
        <span className="min-w-0 flex-1 truncate">{set.name}</span>
        <span className="shrink-0 text-soft">
          {set.dense && "dense "}
          {set.brushes}
        </span>
      </span>
      <div className="relative border-hair border-b">
        {used.map((day) => (
          <span
            key={day.date}
            style={span(at(day.begins), at(day.ends))}
            className="absolute inset-y-1.5 min-w-1 bg-ink"
          />
        ))}
        {washes.map((wash) => (
          <span key={wash.begins}>
            <span
              style={span(at(wash.begins), at(wash.washed))}
              className="absolute inset-y-1.5 min-w-1 bg-ink/45"
            />
            <span
              style={{ ...span(at(wash.washed), at(wash.readyAt)), backgroundImage: HATCH }}
              className="absolute inset-y-2 text-ink/60"
            />
          </span>
        ))}
      </div>
    </>
  );
}

type KeyProps = { look: string; hatched?: boolean; children: string };

function Key({ look, hatched = false, children }: KeyProps) {
  return (
    <span className="inline-flex items-center gap-1">
      <span
        style={hatched ? { backgroundImage: HATCH } : {}}
        className={`inline-block h-2.5 w-4 ${look}`}
      />
      {children}
    </span>
  );
}

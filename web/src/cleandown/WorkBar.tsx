import { type CleaningAct, idsOf, shortWord, type Work } from "../words/cleaning";
import { clockOf } from "../words/dates";

type WorkBarProps = { work: Work; zone: string };

const LONG_S = 3600;

/** So much of the bar a letter takes in the hand. */
const A_LETTER = 0.019;

function words(act: CleaningAct): string {
  return act.steps.map(shortWord).join(", ");
}

/** What hands do, one after the other, and below it what waits meanwhile. */
export function WorkBar({ work, zone }: WorkBarProps) {
  const [first] = work.acts;
  if (!first) return null;
  // What dries overnight would leave nothing to be seen of the work itself.
  const now = work.acts.filter((act) => act.fromSeconds - first.fromSeconds < LONG_S);
  const hands = Math.max(...now.map((act) => act.untilSeconds));
  const whole = Math.max(1, work.seconds < LONG_S ? work.seconds : hands * 1.25);
  const share = (seconds: number) => `${(100 * Math.min(seconds, whole)) / whole}%`;
  const waits = now.filter((act) => act.readyAtSeconds > act.untilSeconds);
  return (
    <figure aria-label="The order of the work" className="flex flex-col gap-1">
      <div className="relative h-4">
        {now.map((act, at) => (
          <span
            key={`${act.steps.join()}-${act.fromSeconds}-${idsOf(act)[0] ?? ""}`}
            style={{
              left: share(act.fromSeconds),
              width: share(act.untilSeconds - act.fromSeconds),
            }}
            className={`absolute inset-y-0 min-w-1 border-paper border-r-2 ${at === 0 ? "bg-ink" : "bg-ink/45"}`}
          />
        ))}
      </div>
      <div className="relative h-2">
        {waits.map((act) => (
          <span
            key={`${act.steps.join()}-${act.untilSeconds}-${idsOf(act)[0] ?? ""}`}
            style={{
              left: share(act.untilSeconds),
              width: `calc(${share(act.readyAtSeconds)} - ${share(act.untilSeconds)})`,
              backgroundImage:
                "repeating-linear-gradient(60deg, currentColor 0 1px, transparent 1px 6px)",
            }}
            className="absolute inset-y-0 text-ink/60"
          />
        ))}
      </div>
      <figcaption className="relative h-5 text-soft text-xs">
        {now
          .filter(
            (act) => (act.untilSeconds - act.fromSeconds) / whole >= A_LETTER * words(act).length,
          )
          .map((act) => (
            <span
              key={`${act.steps.join()}-${act.fromSeconds}`}
              style={{ left: share(act.fromSeconds) }}
              className="absolute"
            >
              {words(act)}
            </span>
          ))}
        <span className="absolute right-0 bg-sheet pl-1">
          ready {clockOf(Date.parse(work.now) + work.seconds * 1000, zone)}
        </span>
      </figcaption>
    </figure>
  );
}

import type { Drawn } from "../api/client";
import { Dot } from "../parts/Dot";
import { actWords, type CleaningAct, cautionWords, countdown, type Work } from "../words/cleaning";
import { shortName } from "../words/items";
import { figure } from "../words/quantities";

type ActCardProps = {
  act: CleaningAct;
  work: Work;
  things: Drawn[];
  /** Seconds until it can be begun. */
  waits: number;
  left: ReadonlySet<string>;
  onLeave: (id: string) => void;
};

/** What is done now: to which things, with what, and what to heed. */
export function ActCard({ act, work, things, waits, left, onLeave }: ActCardProps) {
  const nextSet = work.items.find(({ id }) => id === work.nextSet);
  return (
    <article className="flex flex-col gap-3 rounded-md border-2 border-ink bg-paper p-4">
      <h2 className="font-semibold font-voice text-2xl leading-tight">
        {actWords(act.steps, things, work.moment)}
      </h2>
      {waits > 0 && (
        <p className="text-xl tabular-nums" role="timer">
          In {countdown(waits)}: it still dries.
        </p>
      )}
      {act.takesAlcohol && (
        <p className="text-soft">
          {figure(work.sprayPercent)} %{work.agent && ` from ${work.agent.name}`}
          {work.alcoholMl > 0 && `, about ${figure(work.alcoholMl)} ml in all`}
          {!work.isEffective && (
            <span className="text-soon">: disinfects less well than 60 to 90 % (CDC 2008)</span>
          )}
          <AgentWarning work={work} />
        </p>
      )}
      {act.steps.includes("to-dirty-holder") && (
        <p>
          {nextSet ? (
            <>
              Next: <b>{shortName(nextSet)}</b>, clean.
            </>
          ) : (
            <span className="text-soon">No other set is clean: quick-clean this one instead.</span>
          )}
        </p>
      )}
      {act.cautions.map((caution) => (
        <p key={caution} className="text-soon">
          {cautionWords(caution)}
        </p>
      ))}
      {things.length > 0 && (
        <ul className="flex flex-wrap gap-1.5">
          {things.map((thing) => (
            <li key={thing.id}>
              <button
                type="button"
                aria-pressed={!left.has(thing.id)}
                onClick={() => onLeave(thing.id)}
                className="flex min-h-9 items-center gap-2 rounded border border-line px-2.5 text-left text-sm aria-pressed:border-ink [&:not([aria-pressed=true])]:line-through [&:not([aria-pressed=true])]:opacity-60 max-hand:min-h-11"
              >
                <Dot product={thing.product} />
                {shortName(thing)}
                {work.howUnknown.includes(thing.id) && (
                  <span className="text-soft">use not recorded</span>
                )}
              </button>
            </li>
          ))}
        </ul>
      )}
      {things.length > 0 && (
        <p className="text-soft text-sm">Local rules and licensed practice come first.</p>
      )}
    </article>
  );
}

/** What is wrong with the bottle one sprays from. */
function AgentWarning({ work: { agent, alcoholMl, sprayPercent } }: { work: Work }) {
  if (!agent) {
    return (
      <span className="text-soon">. The kit has no bottle of {figure(sprayPercent)} % in it.</span>
    );
  }
  if (agent.past) {
    return (
      <span className="text-soon">. That bottle is past its date and may have lost strength.</span>
    );
  }
  if (agent.leftMl !== null && agent.leftMl < alcoholMl) {
    return (
      <span className="text-soon">. Only about {figure(agent.leftMl)} ml are left in it.</span>
    );
  }
  return null;
}

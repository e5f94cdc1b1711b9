import { type ReactNode, useState } from "react";
import { useClock } from "../api/cleaning";
import type { Drawn } from "../api/client";
import { usePlaces } from "../api/kit";
import { useZone } from "../api/session";
import { toggled } from "../parts/toggled";
import { useScans } from "../scan/scans";
import { Button } from "../ui/Button";
import {
  aboutMinutes,
  actWords,
  type CleaningAct,
  countdown,
  doneWords,
  ENDS,
  idsOf,
  type Step,
  shortWord,
  thingsOf,
  type Work,
} from "../words/cleaning";
import { count } from "../words/codes";
import { dayAndClock } from "../words/dates";
import { placePath, shortName } from "../words/items";
import { ActCard } from "./ActCard";
import { Happened } from "./Happened";
import { useCleaning } from "./useCleaning";
import { WorkBar } from "./WorkBar";

type WorkingProps = {
  work: Work;
  /** When this device was told of it, by its own clock. */
  toldAt: number;
  booking: string | null;
  face: string | null;
  whom: string;
  /** What stands below the work: what can wait, who is next. */
  children?: ReactNode;
};

/** One act at a time, from where it stands; what waits goes on by itself. */
export function Working({ work, toldAt, booking, face, whom, children }: WorkingProps) {
  const zone = useZone();
  const now = useClock(work.now, toldAt);
  const { step, end } = useCleaning({ work, booking, face });
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [under, setUnder] = useState(false);
  const passed = (now - Date.parse(work.now)) / 1000;
  const things = thingsOf(work);
  const named = (ids: string[]) =>
    ids.map((id) => things.get(id)).filter((one) => one !== undefined);
  const act = work.acts[0];
  const waits = act ? act.fromSeconds - passed : 0;
  const chosen = (act ? idsOf(act) : []).filter((id) => !left.has(id));
  const isMarked = act !== undefined && idsOf(act).length > 0;
  const doIt = async (steps: Step[], items: string[]) => {
    setUnder(true);
    await step(steps, items);
    setLeft(new Set());
    setUnder(false);
  };
  useScans((scan) => {
    const found = scan.items.find((item) => act?.items.includes(item.id));
    if (!act || !found) return false;
    void doIt(act.steps, [found.id]);
    return true;
  }, "Scan items: what is done now is done to them.");
  return (
    <div className="grid grid-cols-[3fr_2fr] gap-x-10 gap-y-5 max-hand:flex max-hand:flex-col max-hand:pb-44">
      <div className="flex flex-col gap-5">
        <WorkBar work={work} zone={zone} />
        {act && (
          <ActCard
            act={act}
            work={work}
            things={named(idsOf(act))}
            waits={waits}
            left={left}
            onLeave={(id) => setLeft(toggled(left, id))}
          />
        )}
        <div className="flex flex-col gap-3 max-hand:fixed max-hand:inset-x-0 max-hand:bottom-(--foot) max-hand:z-10 max-hand:border-hair max-hand:border-t max-hand:bg-paper max-hand:px-4 max-hand:pt-3 max-hand:pb-4">
          <div className="flex flex-wrap gap-3">
            <Happened work={work} booking={booking} face={face} />
            {act && waits > 0 && isMarked && (
              <Button
                className="max-hand:min-h-12 max-hand:flex-1"
                disabled={under}
                onClick={() => void doIt([waitOf(work, act)], chosen)}
              >
                It is dry already
              </Button>
            )}
          </div>
          {act && (
            <Button
              kind="solid"
              size="thumb"
              disabled={under || waits > 0 || (isMarked && chosen.length === 0)}
              onClick={() => void doIt(act.steps, chosen)}
            >
              {under ? "Saving…" : doneWords(act.steps, isMarked ? chosen.length : 0, work.moment)}
            </Button>
          )}
        </div>
      </div>
      <div className="flex flex-col gap-5">
        <Waits work={work} now={now} things={named} onDry={(at, id) => void step([at], [id])} />
        <Then acts={work.acts.slice(1)} moment={work.moment} things={named} passed={passed} />
        {work.ends.map(({ outcome, things: ids }) => {
          if (outcome === "ready" || outcome === "treat") return null;
          const what =
            ids.length === 1 ? named(ids).map(shortName).join() : count(ids.length, "item");
          return (
            <section key={outcome} aria-label={outcome} className="flex flex-col gap-2">
              <p>
                {named(ids).map(shortName).join(", ")}.{" "}
                <span className="text-soft">{ENDS[outcome].because}</span>
              </p>
              <Button
                className="w-fit max-hand:w-full"
                onClick={() => void end(outcome, ids, what)}
              >
                {ENDS[outcome].act(what, whom)}
              </Button>
            </section>
          );
        })}
        {work.unknown.length > 0 && (
          <p className="text-soon">
            {named(work.unknown).map(shortName).join(", ")}: say on its own page what it is, or how
            clean it is.
          </p>
        )}
        <Drying work={work} things={named} zone={zone} />
        {children}
      </div>
    </div>
  );
}

/** The wait that runs on one of these things. */
function waitOf(work: Work, act: CleaningAct): Step {
  return work.waits.find(({ thing }) => idsOf(act).includes(thing))?.step ?? "dry";
}

type ThingsOf = (ids: string[]) => Drawn[];

type WaitsProps = {
  work: Work;
  now: number;
  things: ThingsOf;
  onDry: (step: Step, thing: string) => void;
};

/** What dries or soaks while hands do something else. */
function Waits({ work, now, things, onDry }: WaitsProps) {
  const running = work.waits.filter(({ until }) => Date.parse(until) > now);
  if (running.length === 0) return null;
  return (
    <ul aria-label="What waits" className="flex flex-col">
      {running.map(({ thing, step, until }) => (
        <li
          key={thing}
          className="flex min-h-10 items-center justify-between gap-3 border-hair border-b"
        >
          <span className="min-w-0 truncate">{things([thing]).map(shortName)}</span>
          <span className="flex items-center gap-2 text-soft">
            {shortWord(step)}
            <b className="text-ink tabular-nums">{countdown((Date.parse(until) - now) / 1000)}</b>
            <Button kind="bare" onClick={() => onDry(step, thing)}>
              It is dry
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}

type ThenProps = { acts: CleaningAct[]; moment: Work["moment"]; things: ThingsOf; passed: number };

function Then({ acts, moment, things, passed }: ThenProps) {
  if (acts.length === 0) return null;
  return (
    <section aria-label="Then">
      <h2 className="mb-1 text-soft">then</h2>
      <ol>
        {acts.map((act) => (
          <li
            key={`${act.steps.join()}-${act.fromSeconds}-${idsOf(act)[0] ?? ""}`}
            className="flex items-baseline justify-between gap-3 border-hair border-b py-2"
          >
            <span className="min-w-0">{actWords(act.steps, things(idsOf(act)), moment)}</span>
            <span className="shrink-0 text-soft tabular-nums">
              in {countdown(act.fromSeconds - passed)}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What is done with and only dries. */
function Drying({ work, things, zone }: { work: Work; things: ThingsOf; zone: string }) {
  const places = usePlaces();
  const bags = work.bags.filter(({ until }) => until !== null);
  const all = [
    ...work.drying,
    ...bags.map(({ id, until }) => ({ thing: id, until, home: null as string | null })),
  ];
  const byTime = Map.groupBy(all, ({ until, home }) => `${until ?? ""} ${home ?? ""}`);
  if (byTime.size === 0) return null;
  const dryWords = (until: string | null, home: string | null) => {
    const when = until ? `clean ${dayAndClock(until, work.now, zone)}` : "until it is dry";
    return home ? `${when}, then into ${placePath(home, places)}` : when;
  };
  return (
    <section aria-label="Drying">
      <h2 className="border-line border-b pb-1 font-semibold">Drying</h2>
      <ul>
        {[...byTime].map(([key, some]) => (
          <li key={key} className="flex justify-between gap-3 border-hair border-b py-1.5">
            <span className="min-w-0">
              {things(some.map(({ thing }) => thing))
                .map(shortName)
                .join(", ")}
            </span>
            <span className="shrink-0 text-soft">
              {dryWords(some[0]?.until ?? null, some[0]?.home ?? null)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** "six minutes, four acts". */
export function workWords(work: Work): string {
  return `${aboutMinutes(work.seconds)}, ${count(work.acts.length, "act")}`;
}

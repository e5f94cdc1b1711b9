import { useState } from "react";
import { Link } from "react-router";
import type { Item, Schemas } from "../../api/client";
import { useBench, usePalettes } from "../../api/depot";
import { useZone } from "../../api/session";
import { Counted, Sentence } from "../../parts/Sentence";
import { usePutOnBench } from "../../parts/usePutOnBench";
import { Button, buttonLook } from "../../ui/Button";
import { capital, count, word } from "../../words/codes";
import { moment } from "../../words/dates";
import { suggestedWord } from "../../words/depot";
import { fullName } from "../../words/items";
import { leftOf, mass } from "../../words/quantities";
import { PackStanding, standing } from "../Vessel";
import { TakeMore } from "./TakeMore";

type Suggestion = Schemas["SuggestionView"];
type Line = Schemas["SessionLine"];

/** What the bench is good for today: what is under way, and packs worth taking to it. */
export function BenchView() {
  const bench = useBench().data;
  const put = usePutOnBench();
  const [taken, setTaken] = useState<Map<string, Item>>(new Map());
  if (!bench) return <Sentence>Opening the bench…</Sentence>;
  const open = bench.sessions.filter((session) => session.state !== "done");
  const take = (item: Item) =>
    setTaken((before) => {
      const next = new Map(before);
      next.has(item.id) ? next.delete(item.id) : next.set(item.id, item);
      return next;
    });
  const plan = () => put([...taken.keys()], `Put ${count(taken.size, "pack")} on the bench.`);
  return (
    <div className="flex flex-col gap-6">
      <BenchSentence bench={bench} open={open} />
      <nav aria-label="Around the bench" className="flex flex-wrap gap-2">
        <Link to="/bench/empties" className={buttonLook()}>
          Empties
        </Link>
        <Link to="/bench/dilution" className={buttonLook()}>
          Dilute
        </Link>
        <Link to="/bench/recall" className={buttonLook()}>
          Recall
        </Link>
      </nav>
      {open.length > 0 && <Sessions sessions={open} title="Under way" />}
      <section aria-label="Worth decanting">
        <h2 className="flex items-end justify-between border-ink border-b pb-1 font-semibold">
          Worth decanting
          <Button kind="solid" disabled={taken.size === 0} onClick={() => void plan()}>
            {taken.size === 0 ? "Choose items first" : `Plan with ${count(taken.size, "pack")}`}
          </Button>
        </h2>
        <Shelf suggestions={bench.suggestions} taken={taken} onTake={take} />
        <div className="flex flex-col gap-2 pt-5">
          <TakeMore
            taken={[...taken.keys(), ...bench.suggestions.map(({ item }) => item.id)]}
            onTake={(_, item) => take(item)}
          />
          <AlsoTaken taken={taken} suggestions={bench.suggestions} onTake={take} />
        </div>
      </section>
      <Palettes />
      <Sessions
        sessions={bench.sessions.filter((session) => session.state === "done")}
        title="Done"
      />
    </div>
  );
}

type BenchSentenceProps = { bench: Schemas["BenchView"]; open: Line[] };

function BenchSentence({ bench, open }: BenchSentenceProps) {
  const running = open.find((session) => session.state !== "planned") ?? open[0];
  return (
    <Sentence>
      {running ? (
        <>
          <Counted to={`/bench/${running.id}`} state="soon">
            {running.state === "planned" ? "A session is planned" : "A session is under way"}
          </Counted>
          {running.pieces > 0 && `, ${running.done} of ${running.pieces} containers filled`}.{" "}
        </>
      ) : (
        "The bench is clear. "
      )}
      {capital(count(bench.suggestions.length, "pack"))}{" "}
      {bench.suggestions.length === 1 ? "is" : "are"} worth decanting.
    </Sentence>
  );
}

type ShelfProps = {
  suggestions: Suggestion[];
  taken: Map<string, Item>;
  onTake: (item: Item) => void;
};

const SHELF_PX = 110;

/** Packs standing side by side, to one scale; taking one lifts it. */
function Shelf({ suggestions, taken, onTake }: ShelfProps) {
  if (suggestions.length === 0) {
    return (
      <p className="py-3 text-soft">
        Nothing is heavy, broken or running low. You can add any other pack below.
      </p>
    );
  }
  const tallest = Math.max(...suggestions.map(({ item }) => standing(item).height));
  const scale = Math.min(1, SHELF_PX / tallest);
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-y-4 pt-4 max-hand:grid-cols-2">
      {suggestions.map(({ item, reasons }) => {
        const isTaken = taken.has(item.id);
        return (
          <li key={item.id} className="flex flex-col">
            <button
              type="button"
              aria-pressed={isTaken}
              onClick={() => onTake(item)}
              className="group flex grow flex-col text-left"
            >
              <span
                style={{ height: SHELF_PX + 14 }}
                className="flex items-end justify-center border-ink border-b-2 group-aria-pressed:pb-3"
              >
                <PackStanding item={item} scale={scale} />
              </span>
              <span className="flex flex-col gap-0.5 px-2 pt-1.5 group-aria-pressed:bg-lit">
                <span className="font-semibold leading-tight">{fullName(item)}</span>
                <span className="text-soft text-sm">
                  {mass(item.massG)}, {leftOf(item)}
                </span>
                <span className="text-sm">{reasons.map(suggestedWord).join(", ")}</span>
                <span className="pb-1 text-sm underline">
                  {isTaken ? "chosen, put back" : "choose"}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** What was taken besides what is suggested. */
function AlsoTaken({ taken, suggestions, onTake }: ShelfProps) {
  const others = [...taken.values()].filter(
    (item) => !suggestions.some((one) => one.item.id === item.id),
  );
  return (
    <ul className="max-w-2xl">
      {others.map((item) => (
        <li key={item.id} className="flex items-center gap-3 border-hair border-b py-1.5">
          <b className="min-w-0 flex-1">{fullName(item)}</b>
          <button
            type="button"
            aria-label={`Put ${fullName(item)} back`}
            className="min-h-9 px-2 underline max-hand:min-h-11"
            onClick={() => onTake(item)}
          >
            put it back
          </button>
        </li>
      ))}
    </ul>
  );
}

const STATES: Record<Line["state"], string> = {
  planned: "planned",
  running: "running",
  paused: "put aside",
  done: "done",
};

function Sessions({ sessions, title }: { sessions: Line[]; title: string }) {
  const zone = useZone();
  if (sessions.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="border-ink border-b pb-1 font-semibold">{title}</h2>
      <ul>
        {sessions.map((session) => (
          <li
            key={session.id}
            className="flex flex-wrap items-center gap-x-5 border-hair border-b py-2"
          >
            <Link to={`/bench/${session.id}`} className="font-semibold hover:underline">
              {capital(count(session.packs, "pack"))}, {STATES[session.state]}
            </Link>
            <span className="text-soft">{moment(session.madeAt, zone)}</span>
            {session.pieces > 0 && (
              <span className="ml-auto text-soft">
                {session.done} of {session.pieces} containers filled
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Palettes() {
  const palettes = usePalettes().data ?? [];
  if (palettes.length === 0) return null;
  return (
    <section aria-label="Palettes and trays">
      <h2 className="border-ink border-b pb-1 font-semibold">Palettes and trays</h2>
      <ul>
        {palettes.map((palette) => (
          <li key={palette.place} className="flex items-center gap-4 border-hair border-b py-2">
            <Link to={`/bench/palettes/${palette.place}`} className="font-semibold hover:underline">
              {palette.name}
            </Link>
            <span className="text-soft">{word(palette.kind)}</span>
            <span className="ml-auto text-soft">
              {palette.filled} of {palette.slots} filled
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

import { Checkbox } from "radix-ui";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { useActs } from "../api/acts";
import type { Line, Schemas } from "../api/client";
import { usePlaces } from "../api/kit";
import { type PackingList, useBags } from "../api/packing";
import { Marks } from "../parts/Marks";
import { OpenCase } from "../parts/OpenCase";
import { Swatch } from "../parts/Swatch";
import { Button, buttonLook } from "../ui/Button";
import { Chip } from "../ui/Chip";
import { Without } from "../ui/Without";
import { capital, count, word } from "../words/codes";
import { fullName, placeTail, shortName } from "../words/items";
import { chips, findingWords, gapLines, gapTitle, type PackingWords } from "../words/packing";
import { amount } from "../words/quantities";
import { PackingSentence } from "./PackingSentence";
import { usePackingWords } from "./usePackingWords";
import { useTicks } from "./useTicks";

type Finding = Schemas["PackingFinding"];

/** The packing list at the desk: gaps first, the lines in the order of the work, the bags laid open. */
export function PackDesk({ list }: { list: PackingList }) {
  const words = usePackingWords(list);
  const { booking } = list;
  const [chosen, setChosen] = useState<string | null>(null);
  const packed = new Set(list.lines.filter((line) => line.packed).map((line) => line.item.id));
  const planned = new Set(list.lines.map((line) => line.item.id));
  const choose = (item: string) => {
    setChosen(item);
    document
      .getElementById(`line-${item}`)
      ?.scrollIntoView({ block: "center", behavior: "smooth" });
  };
  return (
    <div className="flex flex-col gap-5">
      <PackingSentence list={list} words={words} />
      <Doing list={list} />
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-8">
        <div className="min-w-0">
          <Gaps findings={list.findings} words={words} />
          <Lines list={list} words={words} chosen={chosen} onChoose={setChosen} />
        </div>
        <div className="sticky top-3 flex max-h-[calc(100dvh-1.5rem)] flex-col gap-4 overflow-y-auto">
          {booking.bags.length === 0 ? (
            <p className="text-soft">
              No bag is chosen yet.{" "}
              <Link className="underline" to={`/bookings/${booking.id}/edit`}>
                Choose one
              </Link>
            </p>
          ) : (
            <Bags
              booking={booking.id}
              isIn={(item) => packed.has(item) || !planned.has(item)}
              chosen={chosen}
              onChoose={choose}
            />
          )}
          <Notes findings={list.findings} words={words} />
        </div>
      </div>
    </div>
  );
}

type BagsProps = {
  booking: string;
  isIn: (item: string) => boolean;
  chosen: string | null;
  onChoose: (item: string) => void;
};

function Bags({ booking, ...rest }: BagsProps) {
  const bags = useBags(booking);
  const items = useMemo(
    () => new Map((bags.data?.aboard ?? []).map((piece) => [piece.id, piece])),
    [bags.data],
  );
  if (!bags.data) return <Without query={bags} waiting="Opening the bags…" isPart />;
  return bags.data.bags.map((bag) => (
    <OpenCase key={bag.place} tray={bag} items={items} nameOf={shortName} {...rest} />
  ));
}

/** The next act of the booking, and the way to change it. */
function Doing({ list }: { list: PackingList }) {
  const { perform } = useActs();
  const { booking } = list;
  const path = `/api/bookings/${booking.id}`;
  const waiting = list.lines.length - list.packedCount;
  const quiet = (done: Promise<unknown>) => void done.catch(() => {});
  return (
    <div className="flex flex-wrap gap-2">
      {booking.stage === "planned" && list.packedCount > 0 && (
        <Button
          kind="solid"
          onClick={() =>
            quiet(
              perform({
                path: `${path}/depart`,
                done: `Departed with ${count(list.packedCount, "item")}.`,
              }),
            )
          }
        >
          Depart with {count(list.packedCount, "item")}
        </Button>
      )}
      {booking.stage === "planned" && waiting > 0 && (
        <Button
          onClick={() =>
            quiet(
              perform({
                path: `${path}/pack`,
                body: {
                  items: list.lines.filter((line) => !line.packed).map((line) => line.item.id),
                },
                done: `Packed ${count(waiting, "item")}.`,
              }),
            )
          }
        >
          Tick off all {waiting}
        </Button>
      )}
      {booking.stage === "away" && (
        <Button
          kind="solid"
          onClick={() =>
            quiet(
              perform<Schemas["PutBackResult"]>({
                path: `${path}/put-back`,
                body: { items: [] },
                done: (answer) =>
                  answer.withoutHome.length
                    ? `Put back ${count(answer.count, "item")}; ${count(answer.withoutHome.length, "item")} without a home stayed.`
                    : `Put back ${count(answer.count, "item")}.`,
              }),
            )
          }
        >
          Put back all {count(list.lines.length, "item")}
        </Button>
      )}
      <Link to={`/bookings/${booking.id}/edit`} className={buttonLook()}>
        Edit booking
      </Link>
    </div>
  );
}

function Gaps({ findings, words }: { findings: Finding[]; words: PackingWords }) {
  const gaps = findings.filter((finding) => finding.code === "gap");
  if (!gaps.length) return null;
  return (
    <section id="gaps" aria-label="Gaps" className="mb-5 scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Gaps <span className="font-normal text-soft">fix first</span>
      </h2>
      <ul>
        {gaps.map((gap) => (
          <li key={String(gap.facts.kind)} className="flex gap-3 border-hair border-b py-2.5">
            <svg viewBox="0 0 24 24" className="mt-0.5 size-7 shrink-0" aria-hidden="true">
              <circle
                cx="12"
                cy="12"
                r="10.5"
                fill="none"
                stroke="var(--stop)"
                strokeWidth="1.5"
                strokeDasharray="3 2"
              />
              <path d="M7 17L17 7" stroke="var(--stop)" strokeWidth="1.5" />
            </svg>
            <div className="min-w-0">
              <p className="text-stop">{gapTitle(gap, words)}</p>
              {gapLines(gap, words)
                .slice(0, 3)
                .map((text) => (
                  <p key={text} className="text-[0.87rem] text-soft">
                    {text}
                  </p>
                ))}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

type LinesProps = {
  list: PackingList;
  words: PackingWords;
  chosen: string | null;
  onChoose: (item: string) => void;
};

function Lines({ list, words, chosen, onChoose }: LinesProps) {
  const sections = [...new Set(list.lines.map((line) => line.section))];
  const ticks = useTicks(list.booking.id);
  return (
    <div id="lines" className="scroll-mt-4">
      {sections.map((section) => {
        const lines = list.lines.filter((line) => line.section === section);
        const packed = lines.filter((line) => line.packed).length;
        return (
          <section key={section} aria-label={word(section)} className="mb-4">
            <h2 className="flex justify-between border-line border-b pb-1 font-semibold">
              {capital(word(section))}
              <span className="font-normal text-soft">
                {list.booking.stage === "planned" ? `${packed} of ${lines.length}` : lines.length}
              </span>
            </h2>
            <ul>
              {lines.map((line) => (
                <LineRow
                  key={line.item.id}
                  line={line}
                  words={words}
                  stage={list.booking.stage}
                  booking={list.booking.id}
                  isChosen={chosen === line.item.id}
                  onChoose={onChoose}
                  {...ticks}
                />
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}

type LineRowProps = {
  line: Line;
  words: PackingWords;
  stage: string;
  booking: string;
  isChosen: boolean;
  onChoose: (item: string) => void;
  tick: (line: Line) => Promise<void>;
  underWay: ReadonlySet<string>;
};

function LineRow({
  line,
  words,
  stage,
  booking,
  isChosen,
  onChoose,
  tick,
  underWay,
}: LineRowProps) {
  const places = usePlaces();
  const { item } = line;
  const under = underWay.has(item.id);
  return (
    <li
      id={`line-${item.id}`}
      data-chosen={isChosen}
      className="grid scroll-mt-20 grid-cols-[auto_auto_1fr_auto_8.5rem] items-center gap-3 border-hair border-b py-1.5 data-[chosen=true]:bg-lit"
    >
      {stage === "planned" ? (
        <Tick line={line} under={under} onTick={() => void tick(line)} />
      ) : (
        <PutBack line={line} booking={booking} />
      )}
      <Swatch item={item} />
      <div className="min-w-0">
        <button
          type="button"
          onClick={() => onChoose(item.id)}
          className="block max-w-full truncate text-left hover:underline"
        >
          {fullName(item)}
        </button>
        <div className="mt-0.5 flex flex-wrap gap-1">
          {chips(line, words).map(({ key, chip, lines }) => (
            <Chip key={key} word={chip}>
              {lines.map((text) => (
                <p key={text}>{text}</p>
              ))}
            </Chip>
          ))}
          {line.amount > 0 && item.product.unit !== "piece" && (
            <Chip
              word={`${amount(line.amount, item.product.unit)} of ${amount(item.left, item.product.unit)}`}
            >
              <p>
                The booking is expected to use {amount(line.amount, item.product.unit)};{" "}
                {amount(item.left, item.product.unit)} are left in it.
              </p>
            </Chip>
          )}
        </div>
      </div>
      <Marks item={item} />
      <span className="text-[0.85rem] text-soft leading-tight">
        {line.packed || stage !== "planned"
          ? placeTail(line.goesTo, places)
          : placeTail(item.now, places)}
      </span>
    </li>
  );
}

/** Solid when the server has confirmed it, dashed while it is under way. */
function Tick({ line, under, onTick }: { line: Line; under: boolean; onTick: () => void }) {
  return (
    <Checkbox.Root
      checked={line.packed}
      aria-busy={under}
      aria-label={`${fullName(line.item)} is in the bag`}
      disabled={under}
      onCheckedChange={onTick}
      className="group flex size-9 items-center justify-center"
    >
      <span
        data-under={under}
        className="flex size-5 items-center justify-center rounded-[3px] border-2 border-line bg-paper group-hover:border-ink group-data-[state=checked]:border-ink group-data-[state=checked]:bg-ink data-[under=true]:border-dashed"
      >
        {line.packed && (
          <svg viewBox="0 0 16 16" className="size-4" aria-hidden="true">
            <path d="M3 8.5l3.2 3.2L13 4.6" fill="none" stroke="var(--paper)" strokeWidth="2.4" />
          </svg>
        )}
      </span>
    </Checkbox.Root>
  );
}

function PutBack({ line, booking }: { line: Line; booking: string }) {
  const { perform } = useActs();
  if (!line.packed) return <span />;
  return (
    <Button
      onClick={() =>
        void perform({
          path: `/api/bookings/${booking}/put-back`,
          body: { items: [line.item.id] },
          done: `Put back ${shortName(line.item)}.`,
        }).catch(() => {})
      }
      aria-label={`Put back ${fullName(line.item)}`}
    >
      Put back
    </Button>
  );
}

type NotChecked = Extract<Finding, { code: "label-not-checked" }>;

/** Both answers where the question stands: the label is read with the list in hand. */
function LabelAnswers({ finding, words }: { finding: NotChecked; words: PackingWords }) {
  const { perform } = useActs();
  const { item, sensitivities } = finding.facts;
  const known = words.items.get(item);
  const note = (found: "free-of" | "contains") =>
    void perform({
      path: `/api/items/${item}/label`,
      body: { found: sensitivities.map((of) => ({ of, found })) },
      done: `Noted what the label${known ? ` of ${shortName(known)}` : ""} says.`,
    }).catch(() => {});
  const what = sensitivities.map(word).join(" or ");
  return (
    <span className="mt-1 flex flex-wrap gap-2">
      <Button onClick={() => note("free-of")}>Free of {what}</Button>
      {sensitivities.length === 1 && (
        <Button onClick={() => note("contains")}>Contains {what}</Button>
      )}
      <Link to={`/kit/items/${item}`} className={buttonLook()}>
        Open it
      </Link>
    </span>
  );
}

/** Findings besides the gaps. */
function Notes({ findings, words }: { findings: Finding[]; words: PackingWords }) {
  const others = findings.filter((finding) => finding.code !== "gap");
  if (!others.length) return null;
  return (
    <section id="notes" aria-label="Keep in mind" className="scroll-mt-4">
      <h2 className="border-line border-b pb-1 font-semibold">Keep in mind</h2>
      <ul>
        {others.map((finding) => (
          <li key={JSON.stringify(finding)} className="border-hair border-b py-1.5 text-[0.92rem]">
            {capital(findingWords(finding, words))}
            {finding.code === "label-not-checked" && (
              <LabelAnswers finding={finding} words={words} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

import { Checkbox } from "radix-ui";
import { useActs } from "../api/acts";
import type { Line } from "../api/client";
import { usePlaces } from "../api/kit";
import type { PackingList } from "../api/packing";
import { Marks } from "../parts/Marks";
import { Swatch } from "../parts/Swatch";
import { Button } from "../ui/Button";
import { Chip } from "../ui/Chip";
import { capital, word } from "../words/codes";
import { fullName, placeTail, shortName } from "../words/items";
import { chips, type PackingWords } from "../words/packing";
import { amount } from "../words/quantities";
import { Decide } from "./Decide";
import { useTicks } from "./useTicks";

type LinesProps = {
  list: PackingList;
  words: PackingWords;
  chosen: string | null;
  onChoose: (item: string) => void;
};

/** The lines in the order of the work, each with its reasons. */
export function LineList({ list, words, chosen, onChoose }: LinesProps) {
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
      {isChosen && stage === "planned" && <Decide line={line} booking={booking} />}
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

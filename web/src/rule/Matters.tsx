import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { ask, type Schemas } from "../api/client";
import { Without } from "../ui/Without";
import { capital, count } from "../words/codes";
import { amount, duration } from "../words/quantities";
import {
  MATTERS,
  type Matter,
  OTHERS,
  type OtherMatter,
  otherFigures,
  otherThings,
  WAYS,
  type Way,
  wayWords,
} from "../words/treatment";

type MattersView = Schemas["MattersView"];

/** The name of a matter in the house rules. */
const FIELDS = {
  powder: "powder",
  pencil: "pencil",
  "soft-twist-up": "softTwistUp",
  felt: "felt",
  bullet: "bullet",
  sponge: "sponge",
  brushes: "brushes",
  washing: "washing",
} as const;

/** The same of what is no matter of cleaning. */
const OTHER_FIELDS = {
  wands: "wands",
  "sun-filter": "sunFilter",
  preparation: "preparation",
  "touch-up": "touchUp",
  dips: "dips",
  refill: "refill",
  range: "range",
  hand: "hand",
} as const;

export type PracticeField =
  | (typeof FIELDS)[Matter["matter"]]
  | (typeof OTHER_FIELDS)[OtherMatter["matter"]];

type MattersProps = {
  /** Null while what is typed is no strength. */
  sprayPercent: number | null;
  held: Record<PracticeField, string>;
  onHold: (field: PracticeField, way: string) => void;
};

/** Where artists disagree: each way with what it means for one's own kit, before one chooses it. */
export function Matters({ sprayPercent, held, onHold }: MattersProps) {
  const isStrength = sprayPercent !== null && sprayPercent >= 1 && sprayPercent <= 100;
  const matters = useQuery({
    queryKey: ["house", "matters", isStrength ? sprayPercent : null],
    placeholderData: (before: MattersView | undefined) => before,
    queryFn: () =>
      ask<MattersView>(
        "GET",
        `/api/house/matters${isStrength ? `?sprayPercent=${sprayPercent}` : ""}`,
      ),
  });
  if (!matters.data) return <Without query={matters} waiting="Looking through your kit…" />;
  const { matters: cleaning, others, facesAMonth, assumed, bookingsAhead } = matters.data;
  return (
    <section aria-label="Where artists disagree">
      <h2 className="flex flex-wrap items-baseline justify-between gap-x-6 border-ink border-b pb-1 font-semibold">
        Between two faces
        <span className="font-normal text-soft text-sm">
          {assumed
            ? `for ${count(Math.round(facesAMonth), "face")} a month, assumed until more uses are recorded`
            : `for ${count(Math.round(facesAMonth), "face")} a month, as recorded in the last quarter`}
        </span>
      </h2>
      <ul>
        {cleaning.map((matter) => (
          <MatterRow
            key={matter.matter}
            matter={matter}
            held={held[FIELDS[matter.matter]]}
            onHold={(way) => onHold(FIELDS[matter.matter], way)}
          />
        ))}
      </ul>
      <h2 className="flex flex-wrap items-baseline justify-between gap-x-6 border-ink border-b pt-5 pb-1 font-semibold">
        Before and after
        <span className="font-normal text-soft text-sm">
          {bookingsAhead === 0
            ? "no booking lies ahead to tell it for"
            : `for ${count(bookingsAhead, "booking")} ahead`}
        </span>
      </h2>
      <ul>
        {others.map((other) => (
          <OtherRow
            key={other.matter}
            other={other}
            held={held[OTHER_FIELDS[other.matter]]}
            onHold={(way) => onHold(OTHER_FIELDS[other.matter], way)}
          />
        ))}
      </ul>
      <p className="max-w-3xl pt-3 text-soft">
        Local rules and licensed practice come first. Alcohol disinfects best between 60 and 90 % by
        volume (CDC guideline, 2008); it burns, so keep it away from heat and flames.
      </p>
    </section>
  );
}

const ROW =
  "grid grid-cols-[15rem_1fr] gap-x-6 gap-y-2 border-hair border-b py-3 max-hand:grid-cols-1";

type MatterRowProps = { matter: Matter; held: string; onHold: (way: string) => void };

function MatterRow({ matter, held, onHold }: MatterRowProps) {
  const words = MATTERS[matter.matter];
  const many = matter.items.length;
  return (
    <li className={ROW}>
      <div>
        <p className="font-semibold">{words.title}</p>
        <p className="text-soft text-sm">
          {many === 0 ? "none shared in your kit" : `you share ${count(many, ...words.things)}`}
        </p>
      </div>
      <div className="flex flex-wrap gap-2">
        {matter.ways.map((way) => (
          <WayButton
            key={way.code}
            way={way}
            many={many}
            isHeld={way.code === held}
            onHold={() => onHold(way.code)}
          />
        ))}
      </div>
    </li>
  );
}

type OtherRowProps = { other: OtherMatter; held: string; onHold: (way: string) => void };

function OtherRow({ other, held, onHold }: OtherRowProps) {
  const things = otherThings(other);
  return (
    <li className={ROW}>
      <div>
        <p className="font-semibold">{OTHERS[other.matter]}</p>
        {things && <p className="text-soft text-sm">{things}</p>}
      </div>
      <div className="flex flex-wrap gap-2">
        {other.ways.map((way) => (
          <Choice
            key={way.code}
            code={way.code}
            isHeld={way.code === held}
            onHold={() => onHold(way.code)}
          >
            <span className="text-soft text-sm">{capital(otherFigures(other.matter, way))}.</span>
          </Choice>
        ))}
      </div>
    </li>
  );
}

type ChoiceProps = { code: string; isHeld: boolean; onHold: () => void; children: ReactNode };

/** One way, with what it means. */
function Choice({ code, isHeld, onHold, children }: ChoiceProps) {
  return (
    <button
      type="button"
      aria-pressed={isHeld}
      onClick={onHold}
      className="group flex w-56 flex-col gap-1 rounded border border-line p-3 text-left hover:bg-lit aria-pressed:border-2 aria-pressed:border-ink aria-pressed:bg-paper max-hand:w-full"
    >
      <span className="font-semibold">
        {isHeld && <span aria-hidden="true">✓ </span>}
        {WAYS[code] ?? code}
      </span>
      {children}
    </button>
  );
}

type WayButtonProps = { way: Way; many: number; isHeld: boolean; onHold: () => void };

function WayButton({ way, many, isHeld, onHold }: WayButtonProps) {
  return (
    <Choice code={way.code} isHeld={isHeld} onHold={onHold}>
      <span className="text-sm">{capital(wayWords(way))}.</span>
      <span className="text-soft text-sm">{capital(figures(way, many))}.</span>
      {way.findings.includes("outside-effective-range") && (
        <span className="text-soon text-sm">Outside 60 to 90 %: it disinfects less well.</span>
      )}
      {way.findings.includes("chain-stays-open") && (
        <span className="text-soon text-sm">Whom it touched stays on record.</span>
      )}
    </Choice>
  );
}

/** What it means for the kit. */
function figures(way: Way, many: number): string {
  const { outcome, steps, turnoverSeconds, alcoholMl, lost, readyAfterMinutes } = way;
  if (outcome !== "treat" && outcome !== "ready") {
    if (many === 0) return "not for the next face";
    const gone = outcome === "one-person" ? "kept for one" : "gone";
    return `${count(many, "item")} not for the next face; about ${count(lost, "item")} a month ${gone}`;
  }
  if (steps.includes("to-dirty-holder")) return "the next face takes another set";
  const told = [
    readyAfterMinutes ? `ready after ${waitWords(readyAfterMinutes)}` : "ready at once",
    turnoverSeconds > 0 && `${duration(turnoverSeconds)} of work a turnover`,
    alcoholMl > 0 && `${amount(alcoholMl, "ml")} of alcohol a month`,
  ];
  return told.filter(Boolean).join("; ");
}

function waitWords(minutes: number): string {
  return minutes >= 120 ? `${Math.round(minutes / 60)} h` : `${minutes} min`;
}

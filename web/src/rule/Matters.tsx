import { useQuery } from "@tanstack/react-query";
import { ask } from "../api/client";
import { Without } from "../ui/Without";
import { capital, count } from "../words/codes";
import { duration } from "../words/quantities";
import { MATTERS, type Matter, WAYS, type Way, wayWords } from "../words/treatment";

/** The name of a matter in the house rules. */
const FIELDS = {
  powder: "powder",
  pencil: "pencil",
  "soft-twist-up": "softTwistUp",
  felt: "felt",
  bullet: "bullet",
  sponge: "sponge",
  brushes: "brushes",
} as const;

export type PracticeField = (typeof FIELDS)[Matter["matter"]];

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
    placeholderData: (before: Matter[] | undefined) => before,
    queryFn: () =>
      ask<Matter[]>(
        "GET",
        `/api/house/matters${isStrength ? `?sprayPercent=${sprayPercent}` : ""}`,
      ),
  });
  if (!matters.data) return <Without query={matters} waiting="Looking through your kit…" />;
  return (
    <section aria-label="Between two faces">
      <h2 className="border-ink border-b pb-1 font-semibold">Between two faces</h2>
      <ul>
        {matters.data.map((matter) => (
          <MatterRow
            key={matter.matter}
            matter={matter}
            held={held[FIELDS[matter.matter]]}
            onHold={(way) => onHold(FIELDS[matter.matter], way)}
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

type MatterRowProps = { matter: Matter; held: string; onHold: (way: string) => void };

function MatterRow({ matter, held, onHold }: MatterRowProps) {
  const words = MATTERS[matter.matter];
  const many = matter.items.length;
  return (
    <li className="grid grid-cols-[15rem_1fr] gap-x-6 gap-y-2 border-hair border-b py-3 max-hand:grid-cols-1">
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

type WayButtonProps = { way: Way; many: number; isHeld: boolean; onHold: () => void };

function WayButton({ way, many, isHeld, onHold }: WayButtonProps) {
  return (
    <button
      type="button"
      aria-pressed={isHeld}
      onClick={onHold}
      className="group flex w-56 flex-col gap-1 rounded border border-line p-3 text-left hover:bg-lit aria-pressed:border-2 aria-pressed:border-ink aria-pressed:bg-paper max-hand:w-full"
    >
      <span className="font-semibold">
        {isHeld && <span aria-hidden="true">✓ </span>}
        {WAYS[way.code] ?? way.code}
      </span>
      <span className="text-sm">{capital(wayWords(way))}.</span>
      <span className="text-soft text-sm">{capital(figures(way, many))}.</span>
      {way.findings.includes("outside-effective-range") && (
        <span className="text-soon text-sm">Outside 60 to 90 %: it disinfects less well.</span>
      )}
      {way.findings.includes("chain-stays-open") && (
        <span className="text-soon text-sm">Whom it touched stays on record.</span>
      )}
    </button>
  );
}

/** What it means for the kit. */
function figures({ outcome, steps, handSeconds, readyAfterMinutes }: Way, many: number): string {
  if (outcome !== "treat" && outcome !== "ready") {
    return many > 0 ? `${count(many, "item")} not for the next face` : "not for the next face";
  }
  if (steps.includes("to-dirty-holder")) return "the next face takes another set";
  const wait = readyAfterMinutes ? `ready after ${readyAfterMinutes} min` : "ready at once";
  return handSeconds > 0 ? `${wait}; ${duration(handSeconds)} of work for all` : wait;
}

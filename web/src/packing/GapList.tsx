import { useState } from "react";
import type { Schemas } from "../api/client";
import type { PackingList } from "../api/packing";
import { Button } from "../ui/Button";
import { needWord } from "../words/codes";
import { type Gap, openGaps } from "../words/gaps";
import { gapLines, gapTitle, type PackingWords } from "../words/packing";
import { Remedies } from "./Remedies";
import { useDeciding } from "./useDeciding";

type Finding = Schemas["PackingFinding"];

/** So many are read in one go; the rest is one press away. */
const FIRST = 8;

type GapListProps = {
  booking: PackingList["booking"];
  findings: Finding[];
  words: PackingWords;
};

/** What is missing and still to be closed. */
export function GapList({ booking, findings, words }: GapListProps) {
  const open = openGaps(findings);
  if (!open.length) return null;
  return (
    <section id="gaps" aria-label="Gaps" className="mb-5 scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Gaps <span className="font-normal text-soft">fix first</span>
      </h2>
      <GapRows booking={booking} gaps={open} words={words} />
    </section>
  );
}

type GapRowsProps = Omit<GapListProps, "findings"> & { gaps: Gap[] };

/** Gaps, each with what can be done about it. */
export function GapRows({ booking, gaps, words }: GapRowsProps) {
  const { need } = useDeciding(booking.id);
  const [isAll, setAll] = useState(false);
  const shown = isAll ? gaps : gaps.slice(0, FIRST);
  return (
    <>
      <ul>
        {shown.map((gap) => (
          <GapRow
            key={gap.facts.need}
            booking={booking}
            gap={gap}
            words={words}
            onWithout={() => need(gap.facts.need, "without")}
          />
        ))}
      </ul>
      {gaps.length > shown.length && (
        <Button kind="bare" onClick={() => setAll(true)}>
          Show all {gaps.length} gaps
        </Button>
      )}
    </>
  );
}

type GapRowProps = {
  booking: PackingList["booking"];
  gap: Gap;
  words: PackingWords;
  onWithout: () => void;
};

function GapRow({ booking, gap, words, onWithout }: GapRowProps) {
  const [isOpen, setOpen] = useState(false);
  const [first, ...rest] = gapLines(gap, words);
  return (
    <li className="flex items-start gap-3 border-hair border-b py-1">
      <svg viewBox="0 0 24 24" className="mt-2 size-5 shrink-0" aria-hidden="true">
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
      <details
        className="min-w-0 flex-1 py-1.5"
        onToggle={(event) => setOpen(event.currentTarget.open)}
      >
        <summary className="cursor-pointer text-stop">
          {gapTitle(gap, words)}{" "}
          <span className="text-soft text-sm">
            {gap.facts.decided === "to-buy" && "To buy. "}
            {first}
          </span>
        </summary>
        {rest.map((text) => (
          <p key={text} className="text-[0.87rem] text-soft">
            {text}
          </p>
        ))}
        {isOpen && <Remedies booking={booking} gap={gap} words={words} />}
      </details>
      <Button
        kind="bare"
        className="whitespace-nowrap"
        aria-label={`Do without ${needWord(gap.facts.need)}`}
        onClick={onWithout}
      >
        Do without
      </Button>
    </li>
  );
}

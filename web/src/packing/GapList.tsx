import { useState } from "react";
import type { Schemas } from "../api/client";
import type { PackingList } from "../api/packing";
import { Button } from "../ui/Button";
import { capital, count, needWord } from "../words/codes";
import { openGaps } from "../words/gaps";
import { type Gap, gapLines, gapTitle, type PackingWords } from "../words/packing";
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

/** What is missing, and what was decided to be done without. */
export function GapList({ booking, findings, words }: GapListProps) {
  const { need } = useDeciding(booking.id);
  const [isAll, setAll] = useState(false);
  const gaps = findings.filter((finding) => finding.code === "gap");
  const open = openGaps(findings);
  const shown = isAll ? open : open.slice(0, FIRST);
  const accepted = gaps.filter((gap) => gap.facts.isAccepted);
  if (!gaps.length) return null;
  return (
    <section id="gaps" aria-label="Gaps" className="mb-5 scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Gaps <span className="font-normal text-soft">fix first</span>
      </h2>
      <ul>
        {shown.map((gap) => (
          <GapRow
            key={gap.facts.need}
            booking={booking}
            gap={gap}
            words={words}
            onWithout={() => need(gap.facts.need, true)}
          />
        ))}
      </ul>
      {open.length > shown.length && (
        <Button kind="bare" onClick={() => setAll(true)}>
          Show all {open.length} gaps
        </Button>
      )}
      {accepted.length > 0 && (
        <details>
          <summary className="w-fit cursor-pointer py-1.5 text-soft underline">
            {capital(count(accepted.length, "gap"))} you do without
          </summary>
          <ul>
            {accepted.map((gap) => (
              <li key={gap.facts.need} className="flex items-center justify-between gap-3 py-1">
                {capital(needWord(gap.facts.need))}
                <Button kind="bare" onClick={() => need(gap.facts.need, false)}>
                  Needed after all
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

type GapRowProps = {
  booking: PackingList["booking"];
  gap: Gap;
  words: PackingWords;
  onWithout: () => void;
};

function GapRow({ booking, gap, words, onWithout }: GapRowProps) {
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
      <details className="min-w-0 flex-1 py-1.5">
        <summary className="cursor-pointer text-stop">
          {gapTitle(gap, words)} <span className="text-soft text-sm">{first}</span>
        </summary>
        {rest.map((text) => (
          <p key={text} className="text-[0.87rem] text-soft">
            {text}
          </p>
        ))}
        <Remedies booking={booking} gap={gap} words={words} />
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

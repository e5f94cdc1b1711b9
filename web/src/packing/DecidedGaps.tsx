import type { Schemas } from "../api/client";
import type { PackingList } from "../api/packing";
import { Button } from "../ui/Button";
import { needWord, word } from "../words/codes";
import { decidedGaps, type Gap } from "../words/gaps";
import { gapTitle, joined, type PackingWords } from "../words/packing";
import { useDeciding } from "./useDeciding";

type DecidedGapsProps = {
  booking: PackingList["booking"];
  findings: Schemas["PackingFinding"][];
  words: PackingWords;
};

/** What is not in the kit and was decided about: what a colleague lends, what is done without. */
export function DecidedGaps({ findings, ...rest }: DecidedGapsProps) {
  return (
    <>
      <Part
        {...rest}
        title="Borrowed"
        note="give it back"
        gaps={decidedGaps(findings, "borrowed")}
      />
      <Part {...rest} title="Done without" gaps={decidedGaps(findings, "without")} />
    </>
  );
}

type PartProps = Omit<DecidedGapsProps, "findings"> & {
  title: string;
  note?: string;
  gaps: Gap[];
};

function Part({ booking, words, title, note, gaps }: PartProps) {
  const { need } = useDeciding(booking.id);
  if (!gaps.length) return null;
  return (
    <section aria-label={title} className="mb-5">
      <h2 className="flex justify-between border-line border-b pb-1 font-semibold">
        {title} {note && <span className="font-normal text-soft">{note}</span>}
      </h2>
      <ul>
        {gaps.map((gap) => (
          <li
            key={gap.facts.need}
            className="flex items-center justify-between gap-3 border-hair border-b py-1"
          >
            <span>
              {gapTitle(gap, words)}
              {gap.facts.decided === "borrowed" && gap.facts.readLabelFor.length > 0 && (
                <span className="block text-sm text-soon">
                  Read its label first: {joined(gap.facts.readLabelFor.map(word))} must not be in
                  it.
                </span>
              )}
            </span>
            <Button
              kind="bare"
              className="whitespace-nowrap"
              aria-label={`${needWord(gap.facts.need)}: not after all`}
              onClick={() => need(gap.facts.need, null)}
            >
              Not after all
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

import { Link } from "react-router";
import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";
import { Button, buttonLook } from "../ui/Button";
import { capital, count, word } from "../words/codes";
import { shortName } from "../words/items";
import { findingWords, type PackingWords } from "../words/packing";

type Finding = Schemas["PackingFinding"];
type NotesProps = { findings: Finding[]; words: PackingWords };

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

/** So many labels are asked about at once: each takes a minute with the pack in hand. */
const FIRST_LABELS = 3;

function NoteRows({ findings, words }: NotesProps) {
  return (
    <ul>
      {findings.map((finding) => (
        <li key={JSON.stringify(finding)} className="border-hair border-b py-1.5 text-[0.92rem]">
          {capital(findingWords(finding, words))}
          {finding.code === "label-not-checked" && <LabelAnswers finding={finding} words={words} />}
          {finding.code === "clean-first" && (
            <>
              {" "}
              <Link to="/clean-down" className="underline">
                Clean it
              </Link>
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Findings besides the gaps. */
export function Notes({ findings, words }: NotesProps) {
  const others = findings.filter(({ code }) => code !== "gap" && code !== "take-out");
  const labels = others.filter(({ code }) => code === "label-not-checked");
  const rest = others.filter(({ code }) => code !== "label-not-checked");
  const out = findings.filter((finding) => finding.code === "take-out");
  const outCount = out.reduce((sum, { facts }) => sum + facts.items.length + facts.more, 0);
  if (!others.length && !out.length) return null;
  return (
    <section id="notes" aria-label="Keep in mind" className="scroll-mt-4">
      <h2 className="border-line border-b pb-1 font-semibold">Keep in mind</h2>
      <NoteRows findings={[...labels.slice(0, FIRST_LABELS), ...rest]} words={words} />
      {labels.length > FIRST_LABELS && (
        <details>
          <summary className="cursor-pointer border-hair border-b py-1.5 text-[0.92rem]">
            {capital(count(labels.length - FIRST_LABELS, "more label"))} to read
          </summary>
          <NoteRows findings={labels.slice(FIRST_LABELS)} words={words} />
        </details>
      )}
      {out.length > 0 && (
        <details>
          <summary className="cursor-pointer py-1.5 text-[0.92rem]">
            {capital(count(outCount, "item"))} in the bags can stay at home
          </summary>
          <ul>
            {out.map((finding) => (
              <li key={JSON.stringify(finding)} className="py-0.5 text-[0.87rem] text-soft">
                {findingWords(finding, words)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

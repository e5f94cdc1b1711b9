import { Link } from "react-router";
import type { Range } from "../../api/money";
import { More } from "../../ui/More";
import { capital, needWord, word } from "../../words/codes";
import { shortName } from "../../words/items";

const SHOWN = 12;

/** What the work asks for and the kit does not have. */
export function HoleList({ found }: { found: Range }) {
  const { holes, purpose } = found;
  if (holes.length === 0) return null;
  return (
    <section aria-label="What is missing" id="holes" className="scroll-mt-4">
      <h2 className="border-ink border-b pb-1 font-semibold">What is missing</h2>
      <More
        items={holes.map((hole) => (
          <li key={hole.need} className="flex flex-wrap gap-x-4 border-hair border-b py-1">
            <span className="font-semibold">{capital(needWord(hole.need))}</span>
            <span className="text-soft">
              {[
                hole.wanted.length > 0 && hole.wanted.map(word).join(", "),
                hole.depths.length > 0 && `for depth ${hole.depths.join(", ")}`,
                hole.work.length < purpose.work.length && `in ${hole.work.map(word).join(", ")}`,
              ]
                .filter(Boolean)
                .join("; ")}
            </span>
            {hole.nearest[0] && (
              <span className="ml-auto">
                nearest:{" "}
                <Link to={`/kit/items/${hole.nearest[0].id}`} className="underline">
                  {shortName(hole.nearest[0])}
                </Link>
              </span>
            )}
          </li>
        ))}
        shown={SHOWN}
      />
    </section>
  );
}

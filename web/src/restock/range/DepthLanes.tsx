import type { Range } from "../../api/money";
import { DEPTHS } from "../../parts/depths";
import { More } from "../../ui/More";
import { capital, needWord, word } from "../../words/codes";

/** A working kit has fewer. */
const SHOWN = 12;

type Line = Range["lines"][number];

/** How far a depth lies along the ramp, in percent: each depth stands in the middle of its field. */
const along = (depth: number) => (depth - 0.5) * 10;

/**
 * Each line of a base along the depths, drawn in its own colours, and below it what no shade meets; the
 * same ramp tells which faces go without something else.
 */
export function DepthLanes({ found }: { found: Range }) {
  const { lines, mixers, holes } = found;
  if (lines.length === 0) return null;
  const byDepth = holes.filter((hole) => hole.depths.length > 0);
  return (
    <section aria-label="How far the bases reach" id="reach" className="scroll-mt-4">
      <h2 className="border-ink border-b pb-1 font-semibold">How far the bases reach</h2>
      <div className="grid grid-cols-[18rem_1fr_15rem] items-center gap-x-4 py-1 max-hand:grid-cols-1">
        <span className="text-soft">skin, light to deep</span>
        <div className="flex" aria-hidden="true">
          {DEPTHS.map(({ depth, colour }) => (
            <span
              key={depth}
              style={{ backgroundColor: colour }}
              className={`flex h-6 flex-1 items-center justify-center text-[0.8rem] ${depth < 6 ? "text-[#1d1e20]" : "text-white"}`}
            >
              {depth}
            </span>
          ))}
        </div>
        <span />
      </div>
      <More
        items={lines.map((line) => (
          <Lane key={`${line.maker} ${line.name} ${line.productClass}`} line={line} />
        ))}
        shown={SHOWN}
      />
      <ul>
        {byDepth.map((hole) => (
          <li
            key={hole.need}
            className="grid grid-cols-[18rem_1fr_15rem] items-center gap-x-4 border-hair border-b py-1 max-hand:grid-cols-1"
          >
            <span>{capital(needWord(hole.need))}</span>
            <span className="relative block h-6" aria-hidden="true">
              {hole.depths.map((depth) => (
                <span
                  key={depth}
                  style={{ left: `${along(depth) - 4.5}%` }}
                  className="absolute top-1.5 h-3 w-[9%] border-2 border-stop border-dashed"
                />
              ))}
            </span>
            <span className="text-stop">
              missing for {hole.depths.length === 1 ? "depth" : "depths"} {hole.depths.join(", ")}
            </span>
          </li>
        ))}
      </ul>
      <p className="pt-2 text-soft">{mixerWords(mixers)}</p>
    </section>
  );
}

function Lane({ line }: { line: Line }) {
  const first = line.shades[0];
  const last = line.shades.at(-1);
  if (!first || !last) return null;
  const gap = line.widest;
  return (
    <li className="grid grid-cols-[18rem_1fr_15rem] items-center gap-x-4 border-hair border-b py-1 max-hand:grid-cols-1">
      <span className="min-w-0 truncate">
        {line.maker} {line.name} <span className="text-soft">{word(line.productClass)}</span>
      </span>
      <span className="relative block h-7">
        <span
          aria-hidden="true"
          style={{ left: `${along(first.depth)}%`, right: `${100 - along(last.depth)}%` }}
          className="absolute top-3.5 border-line border-t"
        />
        {gap?.hole && (
          <span
            aria-hidden="true"
            style={{ left: `${along(gap.from) + 2}%`, width: `${(gap.to - gap.from) * 10 - 4}%` }}
            className="absolute top-2 h-3 border-2 border-soon border-dashed bg-sheet"
          />
        )}
        {line.shades.map((shade) => (
          <span
            key={shade.product}
            title={`${shade.shade}, depth ${shade.depth}`}
            style={{
              left: `${along(shade.depth)}%`,
              backgroundColor: shade.colour ?? DEPTHS[Math.round(shade.depth) - 1]?.colour,
            }}
            className={`absolute top-1 -ml-2.5 size-5 rounded-full border ${shade.colour ? "border-ink/40" : "border-proposed border-dashed"}`}
          />
        ))}
      </span>
      <span className={gap?.hole ? "text-soon" : "text-soft"}>
        {first.depth === last.depth
          ? `depth ${first.depth} only`
          : `${first.depth} to ${last.depth}`}
        {gap?.hole && `, nothing between ${gap.from} and ${gap.to}`}
      </span>
    </li>
  );
}

function mixerWords(mixers: Range["mixers"]): string {
  const { lightens, deepens, unmeasured } = mixers;
  if (lightens && deepens)
    return "Mixers to lighten and to deepen are there: what lies between two shades can be mixed.";
  const missing = [!lightens && "to lighten", !deepens && "to deepen"]
    .filter(Boolean)
    .join(" and ");
  return `No mixer ${missing} is known in the kit${unmeasured > 0 ? `; ${unmeasured} of its mixers has no colour yet` : ""}.`;
}

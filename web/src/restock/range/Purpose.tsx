import { useNavigate } from "react-router";
import type { Range } from "../../api/money";
import { SelectField, Ticks } from "../../ui/Field";
import { choices } from "../../words/codes";
import { KINDS_OF_WORK } from "../../words/lists";

type PurposeProps = { purpose: Range["purpose"]; usual: Range["usual"] };

const DEPTHS = Array.from({ length: 10 }, (_, at) => ({
  value: String(at + 1),
  word: String(at + 1),
}));

/** What the kit is there for; it begins with what the bookings say. */
export function Purpose({ purpose, usual }: PurposeProps) {
  const navigate = useNavigate();
  const choose = (part: Partial<Range["purpose"]>) => {
    const next = { ...purpose, ...part };
    const told = new URLSearchParams();
    for (const one of next.work) told.append("work", one);
    told.set("lightest", String(Math.min(next.lightest, next.deepest)));
    told.set("deepest", String(Math.max(next.lightest, next.deepest)));
    navigate(`/restock/range?${told}`, { replace: true });
  };
  const isUsual =
    purpose.work.join() === usual.work.join() &&
    purpose.lightest === usual.lightest &&
    purpose.deepest === usual.deepest;
  return (
    <section aria-label="What the kit is for" className="flex flex-wrap items-end gap-x-8 gap-y-3">
      <Ticks
        legend="The kit is for"
        choices={choices(KINDS_OF_WORK)}
        chosen={purpose.work}
        onChange={(work) => choose({ work: work as Range["purpose"]["work"] })}
      />
      <div className="grid w-56 grid-cols-2 gap-3">
        <SelectField
          label="From depth"
          choices={withOwn(purpose.lightest)}
          value={String(purpose.lightest)}
          onChange={(event) => choose({ lightest: Number(event.target.value) })}
        />
        <SelectField
          label="to depth"
          choices={withOwn(purpose.deepest)}
          value={String(purpose.deepest)}
          onChange={(event) => choose({ deepest: Number(event.target.value) })}
        />
      </div>
      {isUsual && usual.work.length > 0 && (
        <p className="pb-2 text-soft">as your bookings of the last year and ahead say</p>
      )}
    </section>
  );
}

/** A face may lie between two steps. */
function withOwn(depth: number) {
  return Number.isInteger(depth)
    ? DEPTHS
    : [...DEPTHS, { value: String(depth), word: String(depth) }].sort(
        (one, other) => Number(one.value) - Number(other.value),
      );
}

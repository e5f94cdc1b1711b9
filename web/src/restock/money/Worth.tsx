import type { Money } from "../../api/money";
import { capital, word } from "../../words/codes";
import { money } from "../../words/quantities";
import { BarTable } from "./BarTable";

/** What the kit is worth, by the part of the work. */
export function Worth({ found }: { found: Money }) {
  const { value, currency } = found;
  const sorted = [...value.bySection].sort((one, other) => other.amount - one.amount);
  return (
    <section aria-label="What the kit is worth" id="worth" className="scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Worth today
        <span className="font-normal text-soft">{money(value.total, currency)}</span>
      </h2>
      <BarTable
        rows={sorted.map((one) => ({
          key: one.section,
          name: capital(word(one.section)),
          amount: one.amount,
        }))}
        currency={currency}
      />
      <p className="pt-2 text-[0.9rem] text-soft">
        What was paid, by the share that is left; of what has a date, less in a straight line until
        its last day.
      </p>
    </section>
  );
}

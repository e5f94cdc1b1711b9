import type { Money } from "../../api/money";
import { capital, word } from "../../words/codes";
import { money } from "../../words/quantities";
import { Bar } from "./Bar";

/** What the kit is worth, by the part of the work. */
export function Worth({ found }: { found: Money }) {
  const { value, currency } = found;
  const sorted = [...value.bySection].sort((one, other) => other.amount - one.amount);
  const top = sorted[0]?.amount ?? 0;
  return (
    <section aria-label="What the kit is worth" id="worth" className="scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Worth today
        <span className="font-normal text-soft">{money(value.total, currency)}</span>
      </h2>
      <table className="w-full">
        <tbody>
          {sorted.map((one) => (
            <tr key={one.section} className="border-hair border-b">
              <th scope="row" className="w-36 py-1.5 text-left font-normal">
                {capital(word(one.section))}
              </th>
              <td className="px-2">
                <Bar part={one.amount} of={top} />
              </td>
              <td className="w-24 text-right tabular-nums">{money(one.amount, currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="pt-2 text-[0.9rem] text-soft">
        What was paid, by the share that is left; of what has a date, less in a straight line until
        its last day.
      </p>
    </section>
  );
}

import { Link } from "react-router";
import type { Money } from "../../api/money";
import { More } from "../../ui/More";
import { capital, count, word } from "../../words/codes";
import { shortDate } from "../../words/dates";
import { fullName } from "../../words/items";
import { amount, money } from "../../words/quantities";
import { BarTable } from "./BarTable";

type WasteProps = { found: Money; today: string };

/** What was discarded with something in it, by its cause, and what a smaller pack would have saved. */
export function Waste({ found, today }: WasteProps) {
  const { waste, currency } = found;
  return (
    <section aria-label="Discarded" id="discarded" className="scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Discarded, by cause
        <span className="font-normal text-soft">{money(waste.total, currency)}</span>
      </h2>
      {waste.byCause.length === 0 && (
        <p className="py-2 text-soft">Nothing was discarded with something left in it.</p>
      )}
      <BarTable
        rows={waste.byCause.map((one) => ({
          key: one.cause,
          name: capital(word(one.cause)),
          amount: one.lost,
          hatched: one.cause !== "date",
          besides: count(one.items, "item"),
        }))}
        currency={currency}
      />
      {waste.bySection.length > 1 && (
        <p className="pt-2 text-soft">
          By the part of the work:{" "}
          {[...waste.bySection]
            .sort((one, other) => other.amount - one.amount)
            .map((one) => `${word(one.section)} ${money(one.amount, currency)}`)
            .join(", ")}
          .
        </p>
      )}
      {waste.saved > 0 && (
        <p className="pt-2">
          Smaller packs would have saved <b>{money(waste.saved, currency)}</b>.
        </p>
      )}
      <More
        items={waste.rows.map((row) => (
          <li
            key={row.item.id}
            className="grid grid-cols-[1fr_auto] gap-x-4 border-hair border-b py-1"
          >
            <Link
              to={`/kit/items/${row.item.id}`}
              className="truncate hover:underline max-hand:whitespace-normal"
            >
              {fullName(row.item)}
            </Link>
            <span className="tabular-nums">{money(row.lost, currency)}</span>
            <span className="text-[0.85rem] text-soft">
              {word(row.cause)}, {shortDate(row.on, today)}
              {row.smaller &&
                `: ${amount(row.smaller.content, row.item.product.unit)} would have done, saving ${money(row.smaller.saved, currency)}`}
            </span>
          </li>
        ))}
        shown={4}
      />
    </section>
  );
}

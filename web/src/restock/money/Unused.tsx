import { Link } from "react-router";
import type { Money } from "../../api/money";
import { More } from "../../ui/More";
import { count } from "../../words/codes";
import { shortDate } from "../../words/dates";
import { fullName } from "../../words/items";
import { money } from "../../words/quantities";

/** Money tied up in what nobody used for half a year, and for a year. */
export function Unused({ found, today }: { found: Money; today: string }) {
  const { unused, currency } = found;
  const [half, whole] = unused;
  if (!half || half.items === 0) return null;
  return (
    <section aria-label="Tied up in what is not used">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Tied up in what is not used
        <span className="font-normal text-soft">
          {money(half.total, currency)} for half a year
          {whole && whole.items > 0 && `, ${money(whole.total, currency)} for a year`}
        </span>
      </h2>
      <More
        items={half.rows.map((row) => (
          <li key={row.item.id} className="flex gap-4 border-hair border-b py-1">
            <Link
              to={`/kit/items/${row.item.id}`}
              className="min-w-0 truncate hover:underline max-hand:whitespace-normal"
            >
              {fullName(row.item)}
            </Link>
            <span className="ml-auto shrink-0 text-soft">
              {row.lastUsed ? `used ${shortDate(row.lastUsed, today)}` : "no use is known"}
            </span>
            <span className="w-24 shrink-0 text-right tabular-nums">
              {money(row.value, currency)}
            </span>
          </li>
        ))}
        shown={5}
      />
      {half.items > half.rows.length && (
        <p className="text-soft">
          {count(half.items - half.rows.length, "more item")} of less value.
        </p>
      )}
    </section>
  );
}

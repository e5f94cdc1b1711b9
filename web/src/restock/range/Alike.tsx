import { Link } from "react-router";
import type { Item } from "../../api/client";
import type { Range } from "../../api/money";
import { Swatch } from "../../parts/Swatch";
import { More } from "../../ui/More";
import { count, word } from "../../words/codes";
import { shortDate } from "../../words/dates";
import { fullName } from "../../words/items";
import { figure } from "../../words/quantities";

/** What does the same as another, and what lies unused. */
export function Alike({ found, today }: { found: Range; today: string }) {
  const [half, year] = found.unused;
  return (
    <div className="grid grid-cols-2 gap-x-12 gap-y-7 max-hand:grid-cols-1">
      <section aria-label="Two that do the same">
        <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
          Two that do the same
          {found.duplicatesInAll > found.duplicates.length && (
            <span className="font-normal text-soft">
              the nearest {found.duplicates.length} of {found.duplicatesInAll}
            </span>
          )}
        </h2>
        {found.duplicates.length === 0 && (
          <p className="py-2 text-soft">No two of the measured colours look alike on skin.</p>
        )}
        <More
          items={found.duplicates.map((pair) => (
            <li
              key={`${pair.one.id} ${pair.other.id}`}
              className="flex flex-wrap items-center gap-x-2 border-hair border-b py-1"
            >
              <Named item={pair.one} />
              <Named item={pair.other} />
              <span className="ml-auto text-soft">
                {word(pair.one.product.productClass)}, ΔE {figure(pair.difference)}
              </span>
            </li>
          ))}
          shown={6}
        />
      </section>
      <section aria-label="Not used for half a year">
        <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
          Not used for half a year
          <span className="font-normal text-soft">
            {count(half?.total ?? 0, "item")}
            {year && year.total > 0 && `, ${year.total} of them for a year`}
          </span>
        </h2>
        {(half?.total ?? 0) === 0 && <p className="py-2 text-soft">Everything was used.</p>}
        <More
          items={(half?.items ?? []).map((item) => (
            <li key={item.id} className="flex items-center gap-2 border-hair border-b py-1">
              <Named item={item} />
              <span className="ml-auto shrink-0 text-soft">
                {item.boughtOn && `bought ${shortDate(item.boughtOn, today)}`}
              </span>
            </li>
          ))}
          shown={6}
        />
      </section>
    </div>
  );
}

function Named({ item }: { item: Item }) {
  return (
    <span className="flex min-w-0 items-center gap-2">
      <Swatch item={item} size="small" />
      <Link to={`/kit/items/${item.id}`} className="min-w-0 truncate hover:underline">
        {fullName(item)}
      </Link>
    </span>
  );
}

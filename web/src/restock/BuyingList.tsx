import { Link } from "react-router";
import { useActs } from "../api/acts";
import type { Wanted } from "../api/restock";
import { Swatch } from "../parts/Swatch";
import { shortDate } from "../words/dates";
import { fullName, shortName } from "../words/items";

type BuyingProps = { wanted: Wanted[]; today: string };

/** What is to be bought, and by when it has to be ordered. */
export function BuyingList({ wanted, today }: BuyingProps) {
  const { perform } = useActs();
  if (wanted.length === 0) return null;
  return (
    <section aria-label="To buy" id="buying" className="scroll-mt-4">
      <h2 className="border-ink border-b pb-1 font-semibold">To buy</h2>
      <ul>
        {wanted.map((one) => {
          const isLate = one.orderBy !== null && one.orderBy < today;
          return (
            <li
              key={one.id}
              className="flex flex-wrap items-center gap-x-4 border-hair border-b py-1.5"
            >
              <Swatch item={one.like} size="small" />
              <Link to={`/kit/items/${one.like.id}`} className="hover:underline">
                {one.packs > 1 && `${one.packs} × `}
                {fullName(one.like)}
              </Link>
              <span className={isLate ? "text-stop" : "text-soft"}>
                {one.orderBy ? `order by ${shortDate(one.orderBy, today)}` : "no date set"}
                {one.neededOn && `, needed ${shortDate(one.neededOn, today)}`}
              </span>
              {one.why && <span className="text-soft">{one.why}</span>}
              <span className="ml-auto flex">
                <button
                  type="button"
                  className="min-h-9 px-2 underline max-hand:min-h-11"
                  aria-label={`${shortName(one.like)} has arrived`}
                  onClick={() =>
                    void perform({
                      path: `/api/buying/${one.id}/got`,
                      body: {
                        newItems: Array.from({ length: one.packs }, () => crypto.randomUUID()),
                      },
                      done: `${shortName(one.like)} is in the kit, sealed.`,
                    }).catch(() => {})
                  }
                >
                  arrived
                </button>
                <button
                  type="button"
                  className="min-h-9 px-2 underline max-hand:min-h-11"
                  aria-label={`Remove ${shortName(one.like)} from the list`}
                  onClick={() =>
                    void perform({
                      path: `/api/buying/${one.id}/remove`,
                      done: `Removed ${shortName(one.like)} from the buying list.`,
                    }).catch(() => {})
                  }
                >
                  remove
                </button>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

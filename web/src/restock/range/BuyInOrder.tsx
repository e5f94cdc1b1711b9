import { Link } from "react-router";
import type { Range } from "../../api/money";
import { useBuying } from "../../api/restock";
import { Swatch } from "../../parts/Swatch";
import { count, needWord } from "../../words/codes";
import { fullName } from "../../words/items";
import { money } from "../../words/quantities";
import { PutOnList } from "../PutOnList";

/** What to buy first: what fills most for its price; of a new line one shade is tried first. */
export function BuyInOrder({ found }: { found: Range }) {
  const wanted = new Set(useBuying().data?.map((one) => one.like.product.id));
  const { order, notOffered, currency, holes } = found;
  if (holes.length === 0) return null;
  let sum = 0;
  return (
    <section aria-label="What to buy first">
      <h2 className="border-ink border-b pb-1 font-semibold">What to buy first</h2>
      {order.length === 0 && (
        <p className="py-2 text-soft">
          No shop is known that offers any of it.{" "}
          <Link to="/restock/shops" className="underline">
            Note an offer
          </Link>{" "}
          in one line, and it is put in order here.
        </p>
      )}
      <ol>
        {order.map((buy, at) => {
          sum += buy.price;
          return (
            <li
              key={buy.offer}
              className="grid grid-cols-[2rem_auto_1fr_auto_6rem_6rem] items-center gap-x-3 border-hair border-b py-1 max-hand:grid-cols-[2rem_auto_1fr_auto]"
            >
              <span className="text-right text-soft tabular-nums">{at + 1}</span>
              <Swatch item={buy.like} size="small" />
              <span className="min-w-0">
                {fullName(buy.like)}{" "}
                <span className="text-soft">
                  fills {count(buy.fills, "need")}, {buy.shop}
                </span>
                {buy.trial && (
                  <b className="block text-[0.9rem] text-proposed">
                    Try this one for a month before you buy the others of its line.
                  </b>
                )}
                {buy.after && (
                  <span className="block text-[0.9rem] text-proposed">
                    once {buy.after} has proved itself
                  </span>
                )}
              </span>
              {wanted.has(buy.like.product.id) ? (
                <b>on the buying list</b>
              ) : (
                <PutOnList
                  item={buy.like}
                  packs={1}
                  neededOn={null}
                  why={buy.trial ? "to try for a month" : "fills a hole in the range"}
                  words="put on the list"
                />
              )}
              <span className="text-right tabular-nums">{money(buy.price, currency)}</span>
              <span className="text-right text-soft tabular-nums max-hand:hidden">
                {money(sum, currency)}
              </span>
            </li>
          );
        })}
      </ol>
      {order.length > 0 && notOffered.length > 0 && (
        <p className="pt-2 text-soft">
          Nobody is known to offer: {notOffered.map(needWord).join(", ")}.
        </p>
      )}
    </section>
  );
}

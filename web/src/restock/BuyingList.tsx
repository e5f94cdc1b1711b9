import { Link } from "react-router";
import { useActs } from "../api/acts";
import { type ToChoose, useParcels, useToChoose, type Wanted } from "../api/restock";
import { Swatch } from "../parts/Swatch";
import { capital, needWord } from "../words/codes";
import { shortDate } from "../words/dates";
import { fullName, shortName } from "../words/items";
import { Arrived } from "./Arrived";

type BuyingProps = { wanted: Wanted[]; today: string };

/** What is to be bought, and by when it has to be ordered. */
export function BuyingList({ wanted, today }: BuyingProps) {
  const { perform } = useActs();
  // What a shop was sent as a whole order is called off there as a whole; a line of it only here.
  const sent = (useParcels().data ?? []).flatMap((one) => (one.canAsk ? one.toCome : []));
  const toChoose = useToChoose().data ?? [];
  if (wanted.length + toChoose.length === 0) return null;
  return (
    <section aria-label="To buy" id="buying" className="scroll-mt-4">
      <h2 className="border-ink border-b pb-1 font-semibold">To buy</h2>
      <ul>
        {wanted.map((one) => {
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
              <When one={one} today={today} />
              {one.why && <span className="text-soft">{one.why}</span>}
              <span className="ml-auto flex">
                <Arrived one={one} />
                {one.ordered && (
                  <button
                    type="button"
                    className="min-h-9 px-2 underline max-hand:min-h-11"
                    aria-label={`Call off the order of ${shortName(one.like)}`}
                    onClick={() =>
                      void perform({
                        path: `/api/buying/${one.id}/call-off`,
                        done: `${shortName(one.like)} is wanted as before.${
                          sent.includes(one.id)
                            ? " The shop was not told: it still sends it, unless you tell it."
                            : ""
                        }`,
                      }).catch(() => {})
                    }
                  >
                    {sent.includes(one.id) ? "call off here only" : "call off"}
                  </button>
                )}
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
        {toChoose.map((one) => (
          <ChooseRow key={one.booking + one.need} one={one} today={today} />
        ))}
      </ul>
    </section>
  );
}

/** The kit never had such a thing: what is bought is chosen in the shop. */
function ChooseRow({ one, today }: { one: ToChoose; today: string }) {
  const { perform } = useActs();
  const what = needWord(one.need);
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-hair border-b py-1.5">
      <span className="size-6 shrink-0 rounded border border-line border-dashed" aria-hidden />
      {capital(what)}
      <span className={one.late ? "text-stop" : "text-soft"}>
        order by {shortDate(one.orderBy, today)}, needed {shortDate(one.neededOn, today)}
      </span>
      <Link to={`/bookings/${one.booking}`} className="text-soft underline">
        {one.title}
      </Link>
      <span className="ml-auto flex">
        <Link
          to={`/kit/new?class=${one.productClass}`}
          className="inline-flex min-h-9 items-center px-2 underline max-hand:min-h-11"
          aria-label={`Add the ${what} to the kit`}
        >
          it is there
        </Link>
        <button
          type="button"
          className="min-h-9 px-2 underline max-hand:min-h-11"
          aria-label={`Remove ${what} from the list`}
          onClick={() =>
            void perform({
              path: `/api/bookings/${one.booking}/decide-need`,
              body: { need: one.need, decided: null, instead: null },
              done: `Removed ${what} from the buying list.`,
            }).catch(() => {})
          }
        >
          remove
        </button>
      </span>
    </li>
  );
}

/** By when it is to be ordered, or is to be there. */
function When({ one, today }: { one: Wanted; today: string }) {
  const { ordered, orderBy, neededOn } = one;
  const isLate = ordered ? ordered.late : orderBy !== null && orderBy < today;
  const told = ordered
    ? `ordered ${shortDate(ordered.on, today)}${ordered.shop ? ` from ${ordered.shop}` : ""}, ${ordered.late ? "late: was to be" : ""} there by ${shortDate(ordered.thereBy, today)}`
    : orderBy
      ? `order by ${shortDate(orderBy, today)}`
      : "no date set";
  return (
    <span className={isLate ? "text-stop" : "text-soft"}>
      {told}
      {neededOn && `, needed ${shortDate(neededOn, today)}`}
    </span>
  );
}

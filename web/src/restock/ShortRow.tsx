import { Link } from "react-router";
import type { Stock } from "../api/restock";
import { Swatch } from "../parts/Swatch";
import { count } from "../words/codes";
import { nearDate, shortDate } from "../words/dates";
import { fullName } from "../words/items";
import { amount, share } from "../words/quantities";
import { FallingLine } from "./FallingLine";
import type { Shown } from "./lane";
import { PutOnList } from "./PutOnList";

type RowProps = { stock: Stock; bookings: Shown[]; today: string; until: string };

/** One product: what is left of it, how it falls, whom it fails, and what to order. */
export function ShortRow({ stock, bookings, today, until }: RowProps) {
  return (
    <li className="grid grid-cols-[19rem_1fr_17rem] items-center gap-x-4 border-hair border-b py-1.5 max-hand:grid-cols-1 max-hand:gap-y-1 max-hand:py-3">
      <div className="flex min-w-0 items-center gap-3">
        <Swatch item={stock.like} size="small" />
        <div className="min-w-0">
          <Link to={`/kit/items/${stock.like.id}`} className="block truncate hover:underline">
            {fullName(stock.like)}
          </Link>
          <p className="text-[0.85rem] text-soft">
            {amount(stock.left, stock.unit)} left
            {stock.packs > 1 && ` in ${stock.packs} packs`}
            {stock.products > 1 && ` of ${stock.products} products alike`}
            {stock.isLeftEstimated && ", estimated"}
            {stock.perWeek > 0 && `, ${amount(stock.perWeek, stock.unit)} a week`}
          </p>
        </div>
      </div>
      <FallingLine stock={stock} bookings={bookings} today={today} until={until} />
      <div className="min-w-0">
        <Fails stock={stock} bookings={bookings} today={today} />
        <OrderIt stock={stock} bookings={bookings} today={today} />
      </div>
    </li>
  );
}

type PartProps = Omit<RowProps, "until">;

/** Which booking does not get all it takes, or on which day nothing is left. */
function Fails({ stock, bookings, today }: PartProps) {
  const short = stock.shortFor ?? stock.mayBeShortFor;
  const booking = bookings.find((one) => one.id === short?.booking);
  const may = stock.shortFor ? "" : "may be ";
  if (short && booking) {
    return (
      <p className={stock.shortFor ? "text-stop" : ""}>
        {may}
        {amount(stock.unit === "piece" ? Math.ceil(short.missing) : short.missing, stock.unit)}{" "}
        short for{" "}
        {booking.isImagined ? (
          <b>{booking.title}</b>
        ) : (
          <Link to={`/bookings/${booking.id}`} className="underline">
            {booking.title}
          </Link>
        )}
      </p>
    );
  }
  const day = stock.runsOutOn ?? stock.mayRunOutOn;
  const word = stock.runsOutOn ? "runs out" : "may run out";
  const ends = stock.advice.why === "date" ? "passes its date" : word;
  return (
    <p>
      {ends} {nearDate(day ?? stock.advice.neededOn, today)}
    </p>
  );
}

function OrderIt({ stock, bookings, today }: PartProps) {
  const { advice } = stock;
  const missing = Math.max(0, advice.packs - stock.wanted);
  const booking = bookings.find((one) => one.id === advice.booking);
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <span className={advice.isLate ? "text-stop" : "text-soft"}>
          {advice.isLate
            ? `to be ordered by ${shortDate(advice.orderBy, today)}`
            : `order by ${shortDate(advice.orderBy, today)}`}
        </span>
        {stock.like.product.discontinuedOn !== null ? (
          <Link to="/restock/range" className="font-semibold underline">
            no longer made: what comes nearest
          </Link>
        ) : missing > 0 ? (
          <PutOnList
            item={stock.like}
            packs={missing}
            neededOn={advice.neededOn}
            why={booking ? `short for ${booking.title}` : "runs out"}
            words={`put ${count(missing, "pack")} on the list`}
          />
        ) : (
          <b>on the buying list</b>
        )}
      </p>
      <Waste stock={stock} />
    </>
  );
}

/** Never more than can be used before its date, or said so. */
function Waste({ stock }: { stock: Stock }) {
  const { packs, usablePacks, pastShare } = stock.advice;
  if (packs > usablePacks) {
    return (
      <p className="text-[0.85rem] text-soon">
        only {count(usablePacks, "pack")} of it would be used before its date
      </p>
    );
  }
  if (pastShare < 0.2) return null;
  return (
    <p className="text-[0.85rem] text-soft">
      about {share(pastShare)} of an opened pack would pass its date: a smaller one does
    </p>
  );
}

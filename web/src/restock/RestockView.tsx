import { Link, useSearchParams } from "react-router";
import { useBookings } from "../api/booking";
import { type Stock, useBuying, useRunningShort } from "../api/restock";
import { useToday } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { capital, count } from "../words/codes";
import { nearDate, plusDays } from "../words/dates";
import { BuyingList } from "./BuyingList";
import type { Shown } from "./lane";
import { OnTheWay } from "./OnTheWay";
import { RestockParts } from "./RestockParts";
import { ShortHead } from "./ShortHead";
import { ShortRow } from "./ShortRow";
import { useArrivalScans } from "./useArrivalScans";
import { WhereToBuy } from "./WhereToBuy";

const SOON_DAYS = 7;

const REACHES = [
  { weeks: 8, word: "eight weeks" },
  { weeks: 26, word: "half a year" },
];

/** So many bookings are offered to come once more. */
const MOST_ASKED = 4;

const CHOICE =
  "min-h-9 border-transparent border-b-2 py-1.5 text-soft hover:text-ink aria-[current=true]:border-ink aria-[current=true]:font-semibold aria-[current=true]:text-ink max-hand:min-h-11";

function restockPath(weeks: number, again: string | null) {
  return `/restock?weeks=${weeks}${again ? `&again=${again}` : ""}`;
}

/** What runs short when, which booking it hits, and by when it has to be ordered. */
export function RestockView() {
  const today = useToday();
  const [search] = useSearchParams();
  const reach = REACHES.find((one) => String(one.weeks) === search.get("weeks")) ?? REACHES[0];
  const again = search.get("again");
  const found = useRunningShort(again).data;
  const wanted = useBuying().data ?? [];
  useArrivalScans(wanted);
  const bookings = (useBookings().data ?? []).filter(
    (booking) => booking.stage !== "back" && booking.lastDay >= today,
  );
  if (!found || !reach) return <Sentence>Working out what runs short…</Sentence>;
  const origin = bookings.find((one) => one.id === again);
  const all: Shown[] = [...bookings];
  if (origin && found.imagined) {
    all.push({
      ...origin,
      ...found.imagined,
      title: `${origin.title}, once more`,
      isImagined: true,
    });
  }
  const until = plusDays(today, reach.weeks * 7 - 1);
  const stocks = found.stocks.filter((one) => one.advice.neededOn <= until);
  return (
    <div className="flex flex-col gap-6">
      <RestockParts />
      <RestockSentence stocks={stocks} watched={found.watched} within={reach.word} today={today} />
      <div className="flex flex-wrap items-center gap-x-10 gap-y-1">
        <nav aria-label="How far ahead" className="flex flex-wrap items-center gap-x-4 gap-y-1">
          {REACHES.map((one) => (
            <Link
              key={one.weeks}
              to={restockPath(one.weeks, again)}
              replace
              aria-current={one === reach ? "true" : undefined}
              className={CHOICE}
            >
              {one.word}
            </Link>
          ))}
        </nav>
        {bookings.length > 0 && (
          <nav aria-label="What if" className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span className="text-soft">What if it came once more, right after:</span>
            {bookings.slice(0, MOST_ASKED).map((booking) => (
              <Link
                key={booking.id}
                to={restockPath(reach.weeks, booking.id === again ? null : booking.id)}
                replace
                aria-current={booking.id === again ? "true" : undefined}
                className={CHOICE}
              >
                {booking.title}
              </Link>
            ))}
          </nav>
        )}
      </div>
      <BuyingList wanted={wanted} today={today} />
      <OnTheWay today={today} wanted={wanted} />
      {wanted.length > 0 && <WhereToBuy wanted={wanted} today={today} />}
      <ShortOnes stocks={stocks} bookings={all} today={today} until={until} />
    </div>
  );
}

type SentenceProps = { stocks: Stock[]; watched: number; within: string; today: string };

/** What is to be expected, not only to be reckoned with. */
const isExpected = (stock: Stock) => stock.shortFor !== null || stock.advice.booking === null;

/** What is on the buying list already is looked after. */
const open = (stocks: Stock[]) => stocks.filter((one) => one.wanted < one.advice.packs);

function RestockSentence({ stocks, watched, within, today }: SentenceProps) {
  if (watched === 0) {
    return (
      <Sentence>
        Nothing is known yet of what is used. What bookings take and what is measured or counted
        tells it.
      </Sentence>
    );
  }
  if (stocks.length === 0) {
    return (
      <Sentence>
        None of {count(watched, "product")} in use {watched === 1 ? "runs" : "run"} short in the
        next {within}.
      </Sentence>
    );
  }
  const left = open(stocks);
  const late = left.filter((one) => one.advice.isLate).length;
  const next = left.find((one) => !one.advice.isLate);
  const sure = stocks.filter(isExpected).length;
  const maybe = stocks.length - sure;
  return (
    <Sentence>
      {sure > 0 &&
        `${capital(count(sure, "product"))} of ${watched} in use ${sure === 1 ? "runs" : "run"} short in the next ${within}`}
      {sure > 0 && maybe > 0 && `, ${count(maybe, "more", "more")} may. `}
      {sure > 0 && maybe === 0 && ". "}
      {sure === 0 &&
        `${capital(count(maybe, "product"))} of ${watched} in use may run short in the next ${within}. `}
      {late > 0 && `${capital(count(late, "", "").trim())} would come too late. `}
      {next && `The next order is due ${nearDate(next.advice.orderBy, today)}.`}
      {left.length === 0 && "All of them are on the buying list."}
    </Sentence>
  );
}

type ShortProps = { stocks: Stock[]; bookings: Shown[]; today: string; until: string };

function ShortOnes({ stocks, bookings, today, until }: ShortProps) {
  if (stocks.length === 0) return null;
  const soon = plusDays(today, SOON_DAYS);
  const groups = [
    {
      title: "Too late to be ordered",
      hint: "borrow it, look in a shop nearby, or pay for a faster delivery",
      stocks: stocks.filter((one) => one.advice.isLate),
    },
    {
      title: "Order this week",
      stocks: stocks.filter((one) => !one.advice.isLate && one.advice.orderBy <= soon),
    },
    { title: "Later", stocks: stocks.filter((one) => one.advice.orderBy > soon) },
  ].filter((group) => group.stocks.length > 0);
  return (
    <section aria-label="What runs short">
      <ShortHead bookings={bookings} today={today} until={until} />
      {groups.map((group) => (
        <section key={group.title} aria-label={group.title}>
          <h2 className="border-hair border-b pt-3 pb-1 font-semibold">
            {group.title}
            {group.hint && <span className="ml-2 font-normal text-soft">{group.hint}</span>}
          </h2>
          <ul>
            {group.stocks.map((stock) => (
              <ShortRow
                key={stock.like.id}
                stock={stock}
                bookings={bookings}
                today={today}
                until={until}
              />
            ))}
          </ul>
        </section>
      ))}
    </section>
  );
}

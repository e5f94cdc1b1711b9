import { Link, useSearchParams } from "react-router";
import { useBookings } from "../api/booking";
import type { Booking, Schemas } from "../api/client";
import { useDates } from "../api/dates";
import { useToday } from "../api/session";
import { Counted, Sentence } from "../parts/Sentence";
import { BuyingList } from "../restock/BuyingList";
import { Button } from "../ui/Button";
import { capital, count, word } from "../words/codes";
import { Line } from "./Line";
import { type Scale, scaleOf } from "./scale";
import { TimeHead } from "./TimeHead";

type Expiring = Schemas["ExpiringView"];

const REACHES = [
  { weeks: 2, word: "two weeks" },
  { weeks: 8, word: "eight weeks" },
  { weeks: 26, word: "half a year" },
  { weeks: 104, word: "two years" },
];

/** What ends when, each thing on its own line of time, with the bookings that meet it. */
export function DatesView() {
  const today = useToday();
  const [search] = useSearchParams();
  const weeks = REACHES.find((one) => String(one.weeks) === search.get("weeks"))?.weeks ?? 8;
  const { dates, ...further } = useDates(weeks);
  const bookings = (useBookings().data ?? []).filter(
    (booking) => booking.stage !== "back" && booking.lastDay >= today,
  );
  if (!dates) return <Sentence>Looking through the dates…</Sentence>;
  const scale = scaleOf(today, weeks);
  return (
    <div className="flex flex-col gap-5">
      <DatesSentence dates={dates} bookings={bookings} weeks={weeks} />
      <nav aria-label="How far ahead" className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {REACHES.map((reach) => (
          <Link
            key={reach.weeks}
            to={`/dates?weeks=${reach.weeks}`}
            replace
            aria-current={reach.weeks === weeks ? "true" : undefined}
            className="min-h-9 border-transparent border-b-2 py-1.5 text-soft hover:text-ink aria-[current=true]:border-ink aria-[current=true]:font-semibold aria-[current=true]:text-ink max-hand:min-h-11"
          >
            {reach.word}
          </Link>
        ))}
      </nav>
      <BuyingList wanted={dates.wanted} today={today} />
      {dates.things.length === 0 ? (
        <p className="text-soft">
          Nothing goes out of date by then. Once an item is opened, its line starts here.
        </p>
      ) : (
        <Lines things={dates.things} wanted={dates.wanted} bookings={bookings} scale={scale} />
      )}
      {further.hasMore && (
        <div>
          <Button disabled={further.isFetching} onClick={further.more}>
            Show more of the {dates.total - dates.things.length} that follow
          </Button>
        </div>
      )}
    </div>
  );
}

type SentenceProps = {
  dates: Schemas["ExpiringList"];
  bookings: Booking[];
  weeks: number;
};

function DatesSentence({ dates, bookings, weeks }: SentenceProps) {
  const { past } = dates;
  const ending = dates.total - past;
  const met = bookings
    .flatMap((booking) =>
      dates.met
        .filter((one) => one.booking === booking.id)
        .map(({ things }) => ({ booking, things })),
    )
    .slice(0, 3);
  return (
    <Sentence>
      {capital(count(ending, "item"))} {ending === 1 ? "expires" : "expire"} in the next{" "}
      {REACHES.find((one) => one.weeks === weeks)?.word}
      {past > 0 && (
        <>
          ,{" "}
          <Counted to="/kit?mark=date" state="stop">
            {past}
          </Counted>{" "}
          {past === 1 ? "is" : "are"} out of date already
        </>
      )}
      .{" "}
      {met.map(({ booking, things }, index) => (
        <span key={booking.id}>
          {index === 0 &&
            `${capital(count(things, "", ""))}${things === 1 ? "ends" : "end"} too soon`}
          {index > 0 && `, ${count(things, "", "").trim()}`} for{" "}
          <Counted to={`/bookings/${booking.id}`} state="soon">
            {booking.title}
          </Counted>
          {index === met.length - 1 && ". "}
        </span>
      ))}
      {dates.goneIfCautious > 0 && (
        <>
          <Counted to="/house">Stricter limits</Counted> would put{" "}
          {count(dates.goneIfCautious, "more", "more")} out of date today.
        </>
      )}
    </Sentence>
  );
}

type LinesProps = {
  things: Expiring[];
  wanted: Schemas["WantedView"][];
  bookings: Booking[];
  scale: Scale;
};

/** The lines class by class, under one head of days and bookings. */
function Lines({ things, wanted, bookings, scale }: LinesProps) {
  const classes = [...Map.groupBy(things, (one) => one.item.product.productClass)];
  return (
    <section aria-label="Timelines">
      <TimeHead bookings={bookings} wanted={wanted} scale={scale} />
      {classes.map(([productClass, ofClass]) => (
        <section key={productClass} aria-label={word(productClass)}>
          <h2 className="border-hair border-b pt-3 pb-0.5 font-semibold text-[0.85rem]">
            {capital(word(productClass))}
          </h2>
          <ul>
            {ofClass.map((one) => (
              <Line key={one.item.id} ending={one} bookings={bookings} scale={scale} />
            ))}
          </ul>
        </section>
      ))}
    </section>
  );
}

import { Link } from "react-router";
import { useBookings } from "../api/booking";
import type { Booking } from "../api/client";
import { useToday } from "../api/session";
import { Counted, Sentence } from "../parts/Sentence";
import { buttonLook } from "../ui/Button";
import { Without } from "../ui/Without";
import { facesWords } from "../words/bookings";
import { capital, count, word } from "../words/codes";
import { clockTime, nearDate, span } from "../words/dates";
import { CalendarAddress } from "./CalendarAddress";

/** All bookings, the next one in the sentence. */
export function BookingsView() {
  const bookings = useBookings();
  const today = useToday();
  if (!bookings.data) return <Without query={bookings} waiting="Fetching the bookings…" />;
  const all = bookings.data ?? [];
  const coming = all.filter((booking) => booking.lastDay >= today);
  const past = all.filter((booking) => booking.lastDay < today).reverse();
  const next = coming[0];
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {next ? (
          <>
            {capital(count(coming.length, "booking"))} ahead. Next is{" "}
            <Counted to={`/bookings/${next.id}`}>{next.title}</Counted>,{" "}
            {nearDate(next.firstDay, today)}, {facesWords(next.faces)}.
          </>
        ) : (
          "No bookings ahead. Add one, and Gerula builds its packing list."
        )}
      </Sentence>
      <div>
        <Link to="/bookings/new" className={buttonLook("solid")}>
          New booking
        </Link>{" "}
        <Link to="/bookings/calendar" className={buttonLook()}>
          Read a calendar file
        </Link>{" "}
        <Link to="/people" className={buttonLook()}>
          People
        </Link>
      </div>
      <Rows title="Ahead" bookings={coming} today={today} />
      <Rows title="Past" bookings={past} today={today} />
      <CalendarAddress />
    </div>
  );
}

const STAGES = { planned: "", away: "bags are out", back: "everything is home" };

function Rows({ title, bookings, today }: { title: string; bookings: Booking[]; today: string }) {
  if (!bookings.length) return null;
  return (
    <section>
      <h2 className="border-ink border-b pb-1 font-semibold">{title}</h2>
      <ul>
        {bookings.map((booking) => (
          <li
            key={booking.id}
            className="grid grid-cols-[14rem_1fr_auto] gap-x-5 gap-y-0.5 border-hair border-b py-3 max-hand:grid-cols-1"
          >
            <span className="text-soft">
              {span(booking.firstDay, booking.lastDay, today)} {clockTime(booking.callTime)}
            </span>
            <div className="min-w-0">
              <Link to={`/bookings/${booking.id}`} className="font-semibold hover:underline">
                {booking.title}
              </Link>
              <p className="text-soft">
                {[booking.location, booking.conditions.map(word).join(", ")]
                  .filter(Boolean)
                  .join(" · ")}
              </p>
            </div>
            <div className="flex items-baseline gap-x-5 text-soft max-hand:justify-between">
              <span>
                {facesWords(booking.faces)}
                {STAGES[booking.stage] && `, ${STAGES[booking.stage]}`}
              </span>
              <Link
                to={`/bookings/new?like=${booking.id}`}
                aria-label={`Copy ${booking.title}`}
                className="flex min-h-6 items-center text-ink underline max-hand:min-h-11"
              >
                Copy
              </Link>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

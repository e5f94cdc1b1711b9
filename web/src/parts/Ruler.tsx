import { Link, useLocation } from "react-router";
import { useAhead, useBookings } from "../api/booking";
import type { Booking, Schemas } from "../api/client";
import { useEnding } from "../api/kit";
import { useBuying } from "../api/restock";
import { useToday } from "../api/session";
import { dayAndMonth, daysBetween, plusDays } from "../words/dates";
import { readinessWords } from "../words/packing";
import { DayMarks } from "./DayMarks";
import { Gauge, type State } from "./Marks";

const DAYS = 57;

const at = (days: number) => `${((days + 0.7) / DAYS) * 100}%`;

/** Eight weeks on one line: bookings as bars, dates that run out as wedges, order-by days as hooks. */
export function Ruler() {
  const today = useToday();
  const bookings = useBookings().data ?? [];
  const ahead = useAhead().data;
  const ending = useEnding(DAYS).data ?? [];
  const wanted = useBuying().data ?? [];
  const shown = bookings
    .filter(
      (booking) =>
        daysBetween(today, booking.lastDay) >= 0 && daysBetween(today, booking.firstDay) < DAYS,
    )
    // Of two that begin together the longer lies below.
    .sort(
      (one, other) =>
        one.firstDay.localeCompare(other.firstDay) || other.lastDay.localeCompare(one.lastDay),
    );
  const weeks = Array.from({ length: Math.ceil(DAYS / 7) }, (_, week) => week * 7).filter(
    // The last week's date would be cut off at the edge.
    (day) => day < DAYS - 2,
  );
  return (
    <nav
      aria-label="Eight weeks"
      className="relative h-[62px] overflow-hidden border-hair border-b bg-paper"
    >
      <div className="absolute inset-x-5 inset-y-0">
        {Array.from({ length: DAYS }, (_, day) => (
          <span
            key={plusDays(today, day)}
            style={{ left: at(day) }}
            className={`absolute bottom-0 w-px bg-line ${day % 7 === 0 ? "h-3" : "h-1.5"}`}
          />
        ))}
        {weeks.map((day) => (
          <span
            key={day}
            style={{ left: at(day) }}
            className="absolute bottom-2.5 ml-1 whitespace-nowrap text-[0.8rem] text-soft"
          >
            {day === 0 ? <b className="text-ink">today</b> : dayAndMonth(plusDays(today, day))}
          </span>
        ))}
        <DayMarks
          ending={ending}
          wanted={wanted}
          bookings={bookings}
          scale={{ today, days: DAYS, at }}
        />
        {shown.map((booking, place) => (
          <Bar
            key={booking.id}
            booking={booking}
            nextDay={shown[place + 1]?.firstDay}
            readiness={ahead?.get(booking.id)}
            today={today}
          />
        ))}
      </div>
    </nav>
  );
}

type Readiness = Schemas["Readiness"];

const STANDS: Record<Readiness["state"], State> = {
  ready: "in-order",
  "when-done": "soon",
  "too-late-to-order": "stop",
};

type BarProps = {
  booking: Booking;
  /** When the next one begins: names do not run into each other, and it lies over this one. */
  nextDay: string | undefined;
  readiness: Readiness | undefined;
  today: string;
};

function Bar({ booking, nextDay, readiness, today }: BarProps) {
  const open = useLocation().pathname.startsWith(`/bookings/${booking.id}`);
  const start = Math.max(0, daysBetween(today, booking.firstDay));
  const end = Math.min(DAYS, daysBetween(today, booking.lastDay) + 1);
  const short = end - start < 6;
  const room = nextDay ? Math.max(0, daysBetween(today, nextDay)) - start : DAYS - start;
  const told = readiness && `${booking.title}: ${readinessWords(readiness, today)}`;
  return (
    <Link
      to={`/bookings/${booking.id}`}
      style={{
        left: at(start),
        width: short ? undefined : `calc(${at(end - 0.7)} - ${at(start - 0.7)})`,
        maxWidth: short ? at(room - 0.7) : undefined,
      }}
      aria-current={open ? "page" : undefined}
      aria-label={told}
      title={told}
      className="group absolute top-0.5 flex h-6 items-center gap-1.5 whitespace-nowrap text-[0.8rem] font-semibold"
    >
      <span
        style={short ? { width: `${Math.max(1, end - start) * 1.3}rem` } : undefined}
        className={`flex h-5 items-center gap-1.5 rounded-[3px] border-2 border-ink px-1 bg-paper group-hover:bg-lit group-aria-[current=page]:bg-ink group-aria-[current=page]:text-paper ${short ? "shrink-0 justify-center" : "w-full"}`}
      >
        {!short && (
          <span className="min-w-0 flex-1">
            <span
              className="block truncate"
              style={{ maxWidth: `${100 * Math.min(1, Math.max(0, room / (end - start)))}%` }}
            >
              {booking.title}
            </span>
          </span>
        )}
        {readiness && <Standing state={STANDS[readiness.state]} />}
      </span>
      {short && <span className="truncate">{booking.title}</span>}
    </Link>
  );
}

/** The sign of a mark, on paper whatever the bar is filled with. */
function Standing({ state }: { state: State }) {
  return (
    <svg viewBox="0 0 9 20" width="6" height="14" aria-hidden="true" className="shrink-0 bg-paper">
      <Gauge x={1} state={state} />
    </svg>
  );
}

import { useMemo } from "react";
import { Link, useLocation } from "react-router";
import { useAhead, useBookings } from "../api/booking";
import type { Booking, Schemas } from "../api/client";
import { useEnding } from "../api/kit";
import { useBuying, type Wanted } from "../api/restock";
import { useToday } from "../api/session";
import { capital, count } from "../words/codes";
import { dayAndMonth, daysBetween, plusDays } from "../words/dates";
import { readinessWords } from "../words/packing";
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
        <Orders wanted={wanted} today={today} />
        <Wedges ending={ending} bookings={bookings} today={today} />
        {bookings
          .filter(
            (booking) =>
              daysBetween(today, booking.lastDay) >= 0 &&
              daysBetween(today, booking.firstDay) < DAYS,
          )
          .map((booking) => (
            <Bar
              key={booking.id}
              booking={booking}
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

type BarProps = { booking: Booking; readiness: Readiness | undefined; today: string };

function Bar({ booking, readiness, today }: BarProps) {
  const open = useLocation().pathname.startsWith(`/bookings/${booking.id}`);
  const start = Math.max(0, daysBetween(today, booking.firstDay));
  const end = Math.min(DAYS, daysBetween(today, booking.lastDay) + 1);
  const short = end - start < 6;
  const told = readiness && `${booking.title}: ${readinessWords(readiness, today)}`;
  return (
    <Link
      to={`/bookings/${booking.id}`}
      style={{
        left: at(start),
        width: short ? undefined : `calc(${at(end - 0.7)} - ${at(start - 0.7)})`,
      }}
      aria-current={open ? "page" : undefined}
      aria-label={told}
      title={told}
      className="group absolute top-0.5 flex h-6 items-center gap-1.5 whitespace-nowrap text-[0.8rem] font-semibold"
    >
      <span
        style={short ? { width: `${Math.max(1, end - start) * 1.3}rem` } : undefined}
        className={`flex h-5 items-center gap-1.5 rounded-[3px] border-2 border-ink px-1 group-hover:bg-lit group-aria-[current=page]:bg-ink group-aria-[current=page]:text-paper ${short ? "justify-center" : "w-full"}`}
      >
        {!short && <span className="min-w-0 flex-1 truncate">{booking.title}</span>}
        {readiness && <Standing state={STANDS[readiness.state]} />}
      </span>
      {short && booking.title}
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

type WedgesProps = { ending: EndingDay[]; bookings: Booking[]; today: string };

type WedgeGroup = { first: string; last: string; things: number };

/** Days so close together that a finger could not tell them apart share a wedge. */
const APART_DAYS = 2;

type EndingDay = Schemas["EndingDay"];

function groups(ending: EndingDay[], today: string): WedgeGroup[] {
  const found: WedgeGroup[] = [];
  for (const { lastDay: day, things } of ending) {
    if (daysBetween(today, day) >= DAYS) break;
    const open = found.at(-1);
    if (open && daysBetween(open.first, day) < APART_DAYS) {
      open.last = day;
      open.things += things;
    } else {
      found.push({ first: day, last: day, things });
    }
  }
  return found;
}

/** A wedge where things run out: brick when that is before the last day of a booking under way then. */
function Wedges({ ending, bookings, today }: WedgesProps) {
  const found = useMemo(() => groups(ending, today), [ending, today]);
  return found.map(({ first, last, things }) => {
    const during = bookings.some(
      (booking) => booking.stage !== "back" && booking.firstDay <= last && first < booking.lastDay,
    );
    const told = `${capital(count(things, "item"))} out of date by ${dayAndMonth(last)}${during ? ", during a booking" : ""}`;
    return (
      <Link
        key={first}
        to={`/kit?until=${last}`}
        style={{ left: at(daysBetween(today, first)) }}
        aria-label={told}
        title={told}
        className="absolute top-[27px] -ml-3 flex size-6 items-start justify-center"
      >
        <svg viewBox="0 0 12 9" width="12" height="9" aria-hidden="true">
          <path d="M0 0h12L6 9z" fill={during ? "var(--stop)" : "var(--soon)"} />
          {during && <path d="M3 2.5h6" stroke="var(--paper)" strokeWidth="1.5" />}
        </svg>
      </Link>
    );
  });
}

/** The sign of a day by which something has to be ordered: a hook, so that no colour has to tell it. */
export function OrderBy({ isLate }: { isLate: boolean }) {
  return (
    <svg viewBox="0 0 12 12" width="12" height="12" aria-hidden="true">
      <path
        d="M6 11V3.5H11"
        fill="none"
        stroke={isLate ? "var(--stop)" : "var(--proposed)"}
        strokeWidth="2"
      />
      <circle cx="6" cy="3.5" r="2" fill={isLate ? "var(--stop)" : "var(--proposed)"} />
    </svg>
  );
}

/** Days by which something has to be ordered; what is late stands at today. */
function Orders({ wanted, today }: { wanted: Wanted[]; today: string }) {
  const byDay = Map.groupBy(
    wanted.filter((one) => one.orderBy !== null && daysBetween(today, one.orderBy) < DAYS),
    (one) => one.orderBy ?? "",
  );
  return [...byDay].map(([day, things]) => {
    const told = `Order by ${dayAndMonth(day)}: ${count(things.length, "item")}`;
    return (
      <Link
        key={day}
        to="/restock#buying"
        style={{ left: at(Math.max(0, daysBetween(today, day))) }}
        aria-label={told}
        title={told}
        className="absolute top-[25px] -ml-3 flex size-6 items-start justify-center"
      >
        <OrderBy isLate={day < today} />
      </Link>
    );
  });
}

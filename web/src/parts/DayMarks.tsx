import { useMemo } from "react";
import { Link } from "react-router";
import type { Booking, Schemas } from "../api/client";
import type { Wanted } from "../api/restock";
import { capital, count } from "../words/codes";
import { dayAndMonth, daysBetween } from "../words/dates";
import { gathered } from "./gathered";
import { OrderBy } from "./OrderBy";

/** Narrower than this and two signs would lie under one finger. */
const APART_DAYS = 2;

type EndingDay = Schemas["EndingDay"];

/** What a day brings: items that go out of date with it, or items to be ordered by it. */
type Mark = { day: string; endingItems: number; orders: number };

type Scale = { today: string; days: number; at: (days: number) => number | string };

type DayMarksProps = {
  ending: EndingDay[];
  wanted: Wanted[];
  bookings: Booking[];
  scale: Scale;
};

/**
 * A wedge where items go out of date, brick when that is before the last day of a booking under way
 * then; a hook where something has to be ordered, at today when it is late.
 */
export function DayMarks({ ending, wanted, bookings, scale }: DayMarksProps) {
  const { today, days } = scale;
  const groups = useMemo(() => {
    const far = (mark: Mark) => Math.max(0, daysBetween(today, mark.day));
    const marks = [...endingMarks(ending), ...orderMarks(wanted)];
    return gathered(
      marks.filter((mark) => far(mark) < days),
      far,
      APART_DAYS,
    );
  }, [ending, wanted, today, days]);
  return groups.map((marks) => (
    <Sign key={marks[0]?.day} marks={marks} bookings={bookings} scale={scale} />
  ));
}

const endingMarks = (ending: EndingDay[]): Mark[] =>
  ending.map(({ lastDay, things }) => ({ day: lastDay, endingItems: things, orders: 0 }));

const orderMarks = (wanted: Wanted[]): Mark[] =>
  wanted.flatMap(({ orderBy }) => (orderBy ? [{ day: orderBy, endingItems: 0, orders: 1 }] : []));

const sum = (marks: Mark[], of: (mark: Mark) => number) =>
  marks.reduce((all, mark) => all + of(mark), 0);

type SignProps = { marks: Mark[]; bookings: Booking[]; scale: Scale };

function Sign({ marks, bookings, scale }: SignProps) {
  const first = marks[0]?.day ?? scale.today;
  const orders = marks.filter((mark) => mark.orders > 0);
  const ending = marks.filter((mark) => mark.endingItems > 0);
  const last = ending.at(-1)?.day ?? first;
  const during = bookings.some(
    (booking) =>
      booking.stage !== "back" &&
      booking.firstDay <= last &&
      (ending[0]?.day ?? first) < booking.lastDay,
  );
  const told = [
    orders.length > 0 &&
      `Order by ${dayAndMonth(orders[0]?.day ?? first)}: ${count(
        sum(orders, (mark) => mark.orders),
        "item",
      )}`,
    ending.length > 0 &&
      `${capital(
        count(
          sum(ending, (mark) => mark.endingItems),
          "item",
        ),
      )} out of date by ${dayAndMonth(last)}${during ? ", during a booking" : ""}`,
  ]
    .filter(Boolean)
    .join("; ");
  return (
    <Link
      to={signLeadsTo(orders.length > 0, ending.length > 0, last)}
      style={{ left: scale.at(Math.max(0, daysBetween(scale.today, first))) }}
      aria-label={told}
      title={told}
      className="absolute top-[26px] -ml-3 flex size-6 items-start justify-center"
    >
      {orders.length > 0 && <OrderBy isLate={first < scale.today} />}
      {ending.length > 0 && <Wedge during={during} />}
    </Link>
  );
}

/** The dates show both kinds. */
function signLeadsTo(hasOrders: boolean, hasEnding: boolean, last: string): string {
  if (hasOrders && hasEnding) return "/dates";
  return hasOrders ? "/restock#buying" : `/kit?until=${last}`;
}

function Wedge({ during }: { during: boolean }) {
  return (
    <svg viewBox="0 0 12 9" width="12" height="9" aria-hidden="true" className="mt-px shrink-0">
      <path d="M0 0h12L6 9z" fill={during ? "var(--stop)" : "var(--soon)"} />
      {during && <path d="M3 2.5h6" stroke="var(--paper)" strokeWidth="1.5" />}
    </svg>
  );
}

import { Link } from "react-router";
import type { Booking } from "../api/client";
import type { Wanted } from "../api/restock";
import { gathered } from "../parts/gathered";
import { OrderBy } from "../parts/OrderBy";
import { byDay, dayAndMonth, monthAndYear, plusDays } from "../words/dates";
import { shortName } from "../words/items";
import type { Scale } from "./scale";

/** In percent of the line; in less, a title would be a letter or two. */
const ROOM_FOR_A_TITLE = 8;

/** Every so many days a date, so that none touches the next. */
function ticks(scale: Scale): { day: string; told: string }[] {
  const step = scale.days > 400 ? 91 : scale.days > 120 ? 28 : scale.days > 40 ? 7 : 2;
  const name = scale.days > 120 ? monthAndYear : dayAndMonth;
  return Array.from({ length: Math.floor((scale.days - 1) / step) }, (_, i) => {
    const day = plusDays(scale.today, i * step);
    return { day, told: i === 0 ? "today" : name(day) };
  });
}

/** In percent of the line: as wide as a finger needs on the narrowest desk. */
const APART = 6;

/** Days by which something has to be ordered; what is late stands at today. */
function orders(wanted: Wanted[], scale: Scale): { day: string; told: string }[] {
  const at = (one: Wanted) => scale.at(one.orderBy ?? scale.today);
  const shown = wanted.filter((one) => one.orderBy !== null && at(one) < 100);
  return gathered(shown, at, APART).map((group) => {
    const day = group.map((one) => one.orderBy ?? scale.today).toSorted()[0] ?? scale.today;
    return {
      day,
      told: `Order by ${byDay(day, scale.today)}: ${group.map((one) => shortName(one.like)).join(", ")}`,
    };
  });
}

/** Days and bookings above the lines; in the hand the lines tell their days in words. */
type TimeHeadProps = { bookings: Booking[]; wanted: Wanted[]; scale: Scale };

export function TimeHead({ bookings, wanted, scale }: TimeHeadProps) {
  const beyond = plusDays(scale.today, scale.days);
  // A title ends where the next booking begins.
  const shown = bookings
    .filter((booking) => booking.firstDay < beyond)
    .sort((one, other) => one.firstDay.localeCompare(other.firstDay));
  const room = (index: number) =>
    scale.at(shown[index + 1]?.firstDay ?? beyond) - scale.at(shown[index]?.firstDay ?? beyond);
  return (
    <div className="sticky top-0 z-10 grid grid-cols-[20rem_1fr_auto] gap-x-4 border-ink border-b bg-sheet pb-1 max-hand:hidden">
      <span />
      <div className="relative h-12">
        {shown.map((booking, index) => (
          <Link
            key={booking.id}
            to={`/bookings/${booking.id}`}
            title={booking.title}
            aria-label={booking.title}
            style={{
              left: `${scale.at(booking.firstDay)}%`,
              maxWidth: `${room(index)}%`,
            }}
            className="absolute top-0 truncate border-ink border-l-2 px-1.5 font-semibold text-[0.8rem] leading-6 hover:underline"
          >
            {room(index) >= ROOM_FOR_A_TITLE && booking.title}
          </Link>
        ))}
        {orders(wanted, scale).map(({ day, told }) => (
          <a
            key={day}
            href="#buying"
            title={told}
            aria-label={told}
            style={{ left: `${scale.at(day)}%` }}
            className="absolute top-6 -ml-3 flex size-6 items-start justify-center"
          >
            <OrderBy isLate={day < scale.today} />
          </a>
        ))}
        {ticks(scale).map(({ day, told }) => (
          <span
            key={day}
            style={{ left: `${scale.at(day)}%` }}
            className="absolute bottom-0 whitespace-nowrap border-line border-l pl-1 text-[0.8rem] text-soft"
          >
            {told}
          </span>
        ))}
      </div>
      {/* As wide as what is done with a thing, so that days stand above their days. */}
      <span className="w-[27.1rem]" />
    </div>
  );
}

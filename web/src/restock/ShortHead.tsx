import { Link } from "react-router";
import { dayAndMonth, daysBetween, plusDays } from "../words/dates";
import { along, type Shown } from "./lane";

/** In percent of the lane; in less, a title would be a letter or two. */
const ROOM_FOR_A_TITLE = 9;

type HeadProps = { bookings: Shown[]; today: string; until: string };

/** Days and bookings above the lanes; in the hand the rows tell their days in words. */
export function ShortHead({ bookings, today, until }: HeadProps) {
  const shown = bookings
    .filter((booking) => booking.firstDay <= until)
    .sort((one, other) => one.firstDay.localeCompare(other.firstDay));
  const room = (index: number) =>
    along(shown[index + 1]?.firstDay ?? until, today, until) -
    along(shown[index]?.firstDay ?? until, today, until);
  const days = daysBetween(today, until);
  const step = days > 90 ? 28 : 14;
  const marks = Array.from({ length: Math.ceil(days / step) }, (_, at) =>
    plusDays(today, at * step),
  );
  return (
    <div className="sticky top-0 z-10 grid grid-cols-[19rem_1fr_17rem] gap-x-4 border-ink border-b bg-sheet pb-1 max-hand:hidden">
      <span />
      <div className="relative h-11">
        {shown.map((booking, index) => (
          <Link
            key={booking.id}
            to={booking.isImagined ? "#" : `/bookings/${booking.id}`}
            title={booking.title}
            aria-label={booking.title}
            style={{
              left: `${along(booking.firstDay, today, until)}%`,
              maxWidth: `${room(index)}%`,
            }}
            className="absolute top-0 min-h-6 min-w-6 truncate border-ink border-l-2 px-1.5 font-semibold text-[0.8rem] leading-6 hover:underline"
          >
            {room(index) >= ROOM_FOR_A_TITLE && booking.title}
          </Link>
        ))}
        {marks.map((day) => (
          <span
            key={day}
            style={{ left: `${along(day, today, until)}%` }}
            className="absolute bottom-0 whitespace-nowrap border-line border-l pl-1 text-[0.8rem] text-soft"
          >
            {day === today ? "today" : dayAndMonth(day)}
          </span>
        ))}
      </div>
      <span />
    </div>
  );
}

import { useState } from "react";
import { Link } from "react-router";
import { useActs } from "../api/acts";
import type { Booking, Schemas } from "../api/client";
import { Discard } from "../kit/item/ItemDoing";
import { BecauseClocks } from "../kit/item/ItemFacts";
import { UseIt } from "../kit/item/UseIt";
import { Swatch } from "../parts/Swatch";
import { WantIt } from "../restock/WantIt";
import { inDate } from "../words/dates";
import { fullName, shortName } from "../words/items";
import type { Scale } from "./scale";

type LineProps = { ending: Schemas["ExpiringView"]; bookings: Booking[]; scale: Scale };

/** One thing: what it is, its line of time up to its last day, and what that meets. */
export function Line({ ending, bookings, scale }: LineProps) {
  const { item, useFirst } = ending;
  const lastDay = item.useBy.lastDay ?? scale.today;
  const isPast = lastDay < scale.today;
  return (
    <li className="grid grid-cols-[20rem_1fr_auto] items-center gap-x-4 border-hair border-b py-1 max-hand:grid-cols-[1fr_auto] max-hand:py-2">
      <div className="flex min-w-0 items-center gap-3">
        <Swatch item={item} size="small" />
        <div className="min-w-0">
          <Link to={`/kit/items/${item.id}`} className="block truncate hover:underline">
            {fullName(item)}
          </Link>
          <p className={`text-[0.85rem] ${isPast ? "text-stop" : "text-soft"}`}>
            {inDate(lastDay, scale.today)}
            {(useFirst || item.usedFirst) && !isPast && <b className="text-ink"> · use first</b>}
          </p>
        </div>
      </div>
      <div className="min-w-0 max-hand:col-span-2">
        <TimeLane ending={ending} bookings={bookings} scale={scale} />
        {!isPast && <Met ending={ending} bookings={bookings} />}
      </div>
      <div className="flex items-center gap-1 max-hand:contents">
        <span className="max-hand:col-start-2 max-hand:row-start-1">
          <BecauseClocks item={item} today={scale.today} />
        </span>
        <Doing ending={ending} bookings={bookings} isPast={isPast} />
      </div>
    </li>
  );
}

/** The line from its opening, or from today, to its last day; brick where a booking outlasts it. */
function TimeLane({ ending, bookings, scale }: LineProps) {
  const { item, meets } = ending;
  const lastDay = item.useBy.lastDay ?? scale.today;
  const end = scale.at(lastDay);
  const replaceBy = item.useBy.replaceBy;
  const colour = meets.length || lastDay < scale.today ? "bg-stop" : "bg-soon";
  return (
    <div className="relative h-5 max-hand:hidden" aria-hidden="true">
      {bookings
        .filter((booking) => scale.at(booking.firstDay) < 100)
        .map((booking) => (
          <span
            key={booking.id}
            style={{
              left: `${scale.at(booking.firstDay)}%`,
              width: `max(2px, ${scale.at(booking.lastDay) - scale.at(booking.firstDay)}%)`,
            }}
            className={`absolute inset-y-0 ${meets.some((meet) => meet.booking === booking.id) ? "bg-stop/15" : "bg-lit"}`}
          />
        ))}
      <span
        style={{ left: `${scale.at(scale.today)}%` }}
        className="absolute inset-y-0 w-px bg-line"
      />
      <span
        style={{
          left: `${Math.min(scale.at(scale.today), end)}%`,
          width: `${Math.abs(end - scale.at(scale.today))}%`,
        }}
        className={`absolute top-1/2 h-[3px] -translate-y-1/2 ${colour}`}
      />
      {replaceBy && replaceBy < lastDay && replaceBy > scale.today && (
        <span
          style={{ left: `${scale.at(replaceBy)}%` }}
          className="absolute inset-y-1 w-0.5 bg-soon"
        />
      )}
      <span style={{ left: `${end}%` }} className={`absolute inset-y-0.5 w-1 ${colour}`} />
    </div>
  );
}

function Met({ ending, bookings }: Pick<LineProps, "ending" | "bookings">) {
  const met = ending.meets.flatMap(({ booking, when }) => {
    const found = bookings.find((one) => one.id === booking);
    return found ? [{ booking: found, when }] : [];
  });
  if (met.length === 0) return null;
  return (
    <p className="flex flex-wrap gap-x-3 text-[0.85rem] text-stop">
      {met.map(({ booking, when }) => (
        <Link
          key={booking.id}
          to={`/bookings/${booking.id}`}
          className="inline-flex min-h-6 items-center hover:underline max-hand:min-h-11"
        >
          ends {when} {booking.title}
        </Link>
      ))}
    </p>
  );
}

const ACT = "min-h-9 px-2 underline max-hand:min-h-11 max-hand:px-1.5";

type DoingProps = Pick<LineProps, "ending" | "bookings"> & { isPast: boolean };

function Doing({ ending, bookings, isPast }: DoingProps) {
  const { item } = ending;
  const [asking, setAsking] = useState<"use" | "replace" | "discard" | null>(null);
  const met = bookings.find((booking) => ending.meets.some((one) => one.booking === booking.id));
  const close = () => setAsking(null);
  const { perform } = useActs();
  const putFirst = () =>
    void perform({
      path: `/api/items/${item.id}/use-first`,
      body: { first: !item.usedFirst },
      done: item.usedFirst
        ? `${shortName(item)} is back in the usual order.`
        : `${shortName(item)} is used before others of its kind.`,
    }).catch(() => {});
  return (
    <span className="flex w-[22.5rem] justify-end max-hand:col-span-2 max-hand:w-auto max-hand:flex-wrap max-hand:justify-between">
      {!isPast && (
        <button
          type="button"
          className={ACT}
          aria-label={`Use ${shortName(item)}`}
          onClick={() => setAsking("use")}
        >
          use
        </button>
      )}
      {!isPast && (
        <button
          type="button"
          className={ACT}
          aria-label={`${item.usedFirst ? "Usual order" : "Use first"}: ${shortName(item)}`}
          onClick={putFirst}
        >
          {item.usedFirst ? "usual order" : "use first"}
        </button>
      )}
      <button
        type="button"
        className={ACT}
        aria-label={`Replace ${shortName(item)}`}
        onClick={() => setAsking("replace")}
      >
        replace
      </button>
      <Link
        to={`/kit/items/${item.id}/edit`}
        aria-label={`Change the dates of ${shortName(item)}`}
        className={`${ACT} inline-flex items-center`}
      >
        change
      </Link>
      <button
        type="button"
        className={ACT}
        aria-label={`Discard ${shortName(item)}`}
        onClick={() => setAsking("discard")}
      >
        discard
      </button>
      <UseIt item={item} open={asking === "use"} onDone={close} />
      <WantIt
        item={item}
        open={asking === "replace"}
        onDone={close}
        neededOn={met && met.firstDay < (item.useBy.lastDay ?? "9") ? met.firstDay : null}
        why={met ? `ends too soon for ${met.title}` : ""}
      />
      <Discard item={item} open={asking === "discard"} onDone={close} />
    </span>
  );
}

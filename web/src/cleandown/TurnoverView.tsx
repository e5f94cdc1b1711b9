import { Link, useParams, useSearchParams } from "react-router";
import { useBooking } from "../api/booking";
import { useTurnover } from "../api/cleaning";
import type { Booking } from "../api/client";
import { Sentence } from "../parts/Sentence";
import { SelectField, TextField } from "../ui/Field";
import { Without } from "../ui/Without";
import { aboutMinutes, type Work } from "../words/cleaning";
import { count } from "../words/codes";
import { shortName } from "../words/items";
import { names } from "../words/packing";
import { decimal } from "../words/quantities";
import { Working } from "./Working";

/** Between two faces. */
export function TurnoverView() {
  const { id = "" } = useParams();
  const booking = useBooking(id);
  if (!booking.data) return <Without query={booking} waiting="Looking who is next…" />;
  return <Turnover booking={booking.data} />;
}

function Turnover({ booking }: { booking: Booking }) {
  const [asked, setAsked] = useSearchParams();
  const from = asked.get("from") ?? booking.faces[0]?.id ?? "";
  const next = asked.get("next");
  const minutes = decimal(asked.get("minutes") ?? "");
  const query = useTurnover(
    booking.id,
    from,
    next,
    minutes === null ? null : Math.round(minutes * 60),
  );
  const set = (name: string, value: string) => {
    const all = new URLSearchParams(asked);
    if (value) all.set(name, value);
    else all.delete(name);
    setAsked(all, { replace: true });
  };
  const done = booking.faces.find((face) => face.id === from);
  const coming = booking.faces.find((face) => face.id === next);
  const work = query.data;
  if (!work) return <Without query={query} waiting="Putting it into order…" />;
  const later = work.items.filter((item) => work.later.includes(item.id)).map(shortName);
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {done?.name ?? "She"} is done
        {(coming || minutes !== null) && `, ${coming?.name ?? "somebody"} is next`}
        {minutes !== null && ` in ${aboutMinutes(minutes * 60)}`}.{" "}
        {work.acts.length === 0 && work.drying.length === 0 ? (
          "Everything is clean and ready."
        ) : work.acts.length === 0 ? (
          `All is done; ${count(work.drying.length, "item")} still dry.`
        ) : (
          <>
            The turnover takes <b>{aboutMinutes(work.seconds)}</b>, {count(work.acts.length, "act")}
            .
          </>
        )}{" "}
        {work.twoOf && <Fits work={work} seconds={(minutes ?? 0) * 60} />}
      </Sentence>
      <Working
        key={from}
        work={work}
        toldAt={query.dataUpdatedAt}
        booking={booking.id}
        face={from}
        whom={done?.name ?? "her"}
      >
        {later.length > 0 && coming && (
          <p className="text-soft">
            {coming.name} does not need {names(later)}:{" "}
            {later.length === 1 ? "it waits" : "they wait"} for the clean-down.
          </p>
        )}
        <div className="grid grid-cols-2 gap-3">
          <SelectField
            label="Next is"
            empty="not said"
            choices={booking.faces
              .filter((face) => face.id !== from)
              .map((face) => ({ value: face.id, word: face.name }))}
            value={next ?? ""}
            onChange={(event) => set("next", event.target.value)}
          />
          <TextField
            label="In how many minutes"
            inputMode="numeric"
            defaultValue={asked.get("minutes") ?? ""}
            onBlur={(event) => set("minutes", event.target.value.trim())}
          />
        </div>
        <Link
          to={`/bookings/${booking.id}/faces/${next ?? from}`}
          className="min-h-11 w-fit py-2.5 text-soft underline"
        >
          {coming ? `To ${coming.name}` : `Back to ${done?.name ?? "her"}`}
        </Link>
      </Working>
    </div>
  );
}

/** Whether it is done in time, and otherwise of what to have two. */
function Fits({ work, seconds }: { work: Work; seconds: number }) {
  const twoOf = work.items.filter((item) => work.twoOf?.includes(item.id)).map(shortName);
  if (work.seconds <= seconds) return <>That fits.</>;
  return (
    <span className="text-stop">
      {aboutMinutes(work.seconds - seconds)} too long
      {twoOf.length > 0 ? `: a second ${names(twoOf)} would do.` : "."}
    </span>
  );
}

import { useState } from "react";
import { Link, useParams } from "react-router";
import type { Drawn } from "../../api/client";
import { usePackingList } from "../../api/packing";
import { useToday } from "../../api/session";
import { type Trailer, useTrailer } from "../../api/trailer";
import { Counted, Sentence } from "../../parts/Sentence";
import { buttonLook } from "../../ui/Button";
import { Without } from "../../ui/Without";
import { capital, count } from "../../words/codes";
import { nearDate } from "../../words/dates";
import { DayLists } from "./DayLists";
import { Days } from "./Days";
import { MovingOut } from "./MovingOut";
import { Stations } from "./Stations";
import { useTrailerScans } from "./useTrailerScans";

/** Working from a trailer: what is brought today, what stays, what goes home, and what stands where. */
export function TrailerView() {
  const { id = "" } = useParams();
  const trailer = useTrailer(id);
  const list = usePackingList(id);
  if (!trailer.data || !list.data) {
    return <Without query={trailer.data ? list : trailer} waiting="Opening the trailer…" />;
  }
  return <Inside booking={id} title={list.data.booking.title} trailer={trailer.data} />;
}

export type InsideProps = { booking: string; trailer: Trailer; items: Map<string, Drawn> };

function Inside({ booking, title, trailer }: { booking: string; title: string; trailer: Trailer }) {
  const today = useToday();
  const [chosen, setChosen] = useState<string | null>(null);
  const { days } = trailer.plan;
  const day = days.find((one) => one.day === chosen) ?? days[0];
  const items = new Map(trailer.items.map((item) => [item.id, item]));
  const parts = { booking, trailer, items };
  useTrailerScans(parts);
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {title}, {trailer.name}.{" "}
        {day ? (
          <>
            {capital(nearDate(day.day, today))}:{" "}
            <Counted to="#bring" state={day.bring.length > 0 ? "soon" : undefined}>
              {day.bring.length === 0 ? "nothing to bring" : `bring ${day.bring.length}`}
            </Counted>
            , {count(day.staying, "item")} {day.staying === 1 ? "stays" : "stay"} for the night,{" "}
            <Counted to="#home">
              {day.goesHome.length === 0 ? "nothing goes home" : `${day.goesHome.length} home`}
            </Counted>
            .
          </>
        ) : (
          "Its days are over."
        )}
      </Sentence>
      {!trailer.hasLeft && (
        <p className="text-soft">
          The bags have not left yet: this is how it will be. Items are set up once they have.
        </p>
      )}
      <Days days={days} chosen={day?.day ?? null} onChoose={setChosen} />
      <Stations {...parts} />
      {day && <DayLists day={day} {...parts} />}
      {trailer.hasLeft && <MovingOut {...parts} />}
      <div>
        <Link to={`/bookings/${booking}`} className={buttonLook("bare")}>
          Packing list
        </Link>
      </div>
    </div>
  );
}

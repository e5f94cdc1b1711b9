import { useState } from "react";
import { Link, useParams } from "react-router";
import { useActs } from "../../api/acts";
import { usePackingList } from "../../api/packing";
import { type ChairDay, type ChairsTold, useChairs } from "../../api/road";
import { useToday } from "../../api/session";
import { Sentence } from "../../parts/Sentence";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { Without } from "../../ui/Without";
import { capital, count } from "../../words/codes";
import { dateOrder, nearDate } from "../../words/dates";
import { minutes } from "../../words/quantities";
import { CHAIR_FINDINGS } from "../../words/road";
import { ChairRuler } from "./ChairRuler";
import { FaceWish } from "./FaceWish";
import { Morning } from "./Morning";
import { byTheClockAndDay } from "./times";

/** Who sits in whose chair when: the faces on the ruler of the day. */
export function ChairsView() {
  const { id = "" } = useParams();
  const [day, setDay] = useState<string | null>(null);
  const [order, setOrder] = useState<string[] | null>(null);
  const chairs = useChairs(id, day, order);
  const list = usePackingList(id);
  if (!chairs.data || !list.data) {
    return <Without query={chairs.data ? list : chairs} waiting="Placing the chairs…" />;
  }
  return (
    <Chairs
      booking={id}
      title={list.data.booking.title}
      day={chairs.data}
      isTried={order !== null}
      onDay={(other) => {
        setDay(other);
        setOrder(null);
      }}
      onOrder={setOrder}
    />
  );
}

type ChairsProps = {
  booking: string;
  title: string;
  day: ChairDay;
  isTried: boolean;
  onDay: (day: string) => void;
  onOrder: (order: string[] | null) => void;
};

function Chairs({ booking, title, day, isTried, onDay, onOrder }: ChairsProps) {
  const { perform } = useActs();
  const [chosen, setChosen] = useState<string | null>(null);
  const today = useToday();
  const told: ChairsTold = day.chairs ?? {
    artists: [],
    turnoverMinutes: 8,
    readyBy: null,
    faces: {},
  };
  const keep = (chairs: ChairsTold, done: string) => {
    onOrder(null);
    void perform({
      method: "PUT",
      path: `/api/bookings/${booking}/chairs`,
      body: { chairs },
      done,
    }).catch(() => {});
  };
  const face = day.faces.find((one) => one.face === chosen);
  const late = day.faces.filter((one) => one.lateMinutes > 0);
  const paper = dateOrder() === "month-first" ? "letter" : "a4";
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {title}, {nearDate(day.day, today)}: {count(day.faces.length, "face")}
        {day.artists.length > 1 && `, ${count(day.artists.length, "artist")}`}.{" "}
        {late.length > 0 ? (
          <b className="text-stop">
            {late.length === 1 ? `${late[0]?.name || "One face"} is` : `${late.length} are`} late by{" "}
            {minutes(day.maxLatenessMinutes)}.
          </b>
        ) : day.latestStart ? (
          `All are ready in time when you begin by ${byTheClockAndDay(day.latestStart)}.`
        ) : (
          "All are ready in time."
        )}{" "}
        {late.length > 0 &&
          (day.leastArtists === null
            ? "Six artists would not do it either."
            : `${capital(count(day.leastArtists, "artist"))} would do it.`)}
      </Sentence>
      <div className="flex flex-wrap items-end gap-2">
        {day.firstDay !== day.lastDay && (
          <SelectField
            label="Day"
            isBare
            value={day.day}
            choices={days(day.firstDay, day.lastDay).map((one) => ({
              value: one,
              word: nearDate(one, today),
            }))}
            onChange={(event) => onDay(event.target.value)}
          />
        )}
        {isTried && (
          <Button kind="solid" onClick={() => onOrder(null)}>
            Back to the best order
          </Button>
        )}
        <a
          href={`/api/bookings/${booking}/chairs/print?day=${day.day}&paper=${paper}`}
          target="_blank"
          rel="noreferrer"
          className={buttonLook("bare")}
        >
          Print the morning
        </a>
        <a
          href={`/api/bookings/${booking}/chairs/arrivals.ics?day=${day.day}`}
          download="gerula-arrivals.ics"
          className={buttonLook("bare")}
        >
          Arrival times for the calendar
        </a>
        <Link to={`/bookings/${booking}`} className={buttonLook("bare")}>
          Packing list
        </Link>
      </div>
      {isTried && (
        <p role="status" className="text-soon">
          As you laid it:{" "}
          {late.length > 0 ? `late by ${minutes(day.maxLatenessMinutes)}` : "nobody is late"}.
          Nothing is kept.
        </p>
      )}
      <ChairRuler day={day} chosen={chosen} onChoose={setChosen} onOrder={onOrder} />
      <p className="text-soft">
        {capital(count(day.setsAtOnce, "brush set"))} at once, {count(day.faces.length, "set")} in
        all before one is washed.
        {!day.optimal && " Too many for every order to be tried: this one is good, not proved."}
        {day.findings.map((finding) => (finding === "late" ? "" : ` ${CHAIR_FINDINGS[finding]}`))}
      </p>
      <div className="grid grid-cols-2 items-start gap-8 max-hand:grid-cols-1">
        <Morning told={told} day={day} onKeep={keep} />
        {face && (
          <FaceWish
            key={face.face}
            booking={booking}
            day={day.day}
            face={face}
            told={told}
            artists={day.artists.map((one) => one.name)}
            onKeep={keep}
          />
        )}
      </div>
    </div>
  );
}

/** Every day from one to another, at most a month of them. */
function days(first: string, last: string): string[] {
  const all: string[] = [];
  for (
    let at = Date.parse(`${first}T00:00:00Z`);
    at <= Date.parse(`${last}T00:00:00Z`) && all.length < 31;
    at += 86_400_000
  ) {
    all.push(new Date(at).toISOString().slice(0, 10));
  }
  return all;
}

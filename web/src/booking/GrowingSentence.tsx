import { useQuery } from "@tanstack/react-query";
import { useWatch } from "react-hook-form";
import { ask, type Schemas } from "../api/client";
import { useToday } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { useSettled } from "../parts/useSettled";
import { facesWords } from "../words/bookings";
import { capital, count, word } from "../words/codes";
import { dateWithWeekday } from "../words/dates";
import { readinessWords } from "../words/packing";
import { mass } from "../words/quantities";
import { type BookingForm, type BookingTold, bookingSchema, toDraft } from "./bookingForm";

type GrowingSentenceProps = { id: string; isNew: boolean };

/** The booking as one says it, and what its list would be: both grow as one chooses. */
export function GrowingSentence({ id, isNew }: GrowingSentenceProps) {
  const { booking } = useWatch<BookingForm>() as BookingForm;
  const today = useToday();
  const settled = useSettled(JSON.stringify(booking));
  const tried = useQuery({
    queryKey: ["try-booking", id, settled],
    retry: false,
    placeholderData: (before: Tried | undefined) => before,
    queryFn: () => tryOut(id, JSON.parse(settled) as BookingForm["booking"]),
  });
  const { told, list } = tried.data ?? { told: null, list: null };
  return (
    <Sentence>
      {told ? (
        <>
          {capital(bookingWords(told))}
          {list && list.items > 0 ? (
            <>
              :{" "}
              <b>
                {count(list.items, "item")}, {mass(list.massG)}
                {list.gapCount > 0 && `, ${count(list.gapCount, "gap")}`}
              </b>
              . {readinessWords(list.readiness, today)}
            </>
          ) : (
            "."
          )}
        </>
      ) : isNew ? (
        "A new booking: say when it is, and who is made up."
      ) : (
        `Edit ${booking.title}.`
      )}
    </Sentence>
  );
}

type Tried = { told: BookingTold["booking"] | null; list: Schemas["TriedList"] | null };

/** As much of it as is said already: what is missing is left out for now. */
async function tryOut(id: string, typed: BookingForm["booking"]): Promise<Tried> {
  const faces = typed.faces
    .filter((face) => face.depth.trim())
    .map((face) => ({ ...face, name: face.name.trim() || "face" }));
  const title = typed.title.trim() || "A booking";
  const read = await bookingSchema.safeParseAsync({ booking: { ...typed, title, faces } });
  const isUntold = !typed.title.trim() && !typed.kind && faces.length === 0;
  if (!read.success || isUntold) return { told: null, list: null };
  const list =
    faces.length === 0
      ? null
      : await ask<Schemas["TriedList"]>("POST", `/api/bookings/${id}/try`, {
          booking: toDraft(read.data),
        });
  return { told: read.data.booking, list };
}

/** Conditions that a sentence has room for. */
const MOST_CONDITIONS = 3;

function bookingWords(booking: BookingTold["booking"]): string {
  const days = [booking.firstDay, booking.lastDay]
    .filter((day): day is string => Boolean(day))
    .map(dateWithWeekday);
  return [
    booking.title === "A booking" ? "" : booking.title,
    [...new Set(days)].join(" to "),
    booking.kind && word(booking.kind),
    booking.faces.length > 0 && `${facesWords(booking.faces)}${spread(booking.faces)}`,
    ...booking.conditions.slice(0, MOST_CONDITIONS).map(word),
  ]
    .filter(Boolean)
    .join(", ");
}

/** From how light to how deep, where they differ. */
function spread(faces: BookingTold["booking"]["faces"]): string {
  const depths = faces.flatMap(({ depth, depthTo }) => [depth, depthTo ?? depth]);
  const least = Math.min(...depths);
  const most = Math.max(...depths);
  return most - least >= 1 ? `, depth ${least} to ${most}` : "";
}

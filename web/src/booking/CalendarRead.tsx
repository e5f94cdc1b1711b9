import { useState } from "react";
import { useNavigate } from "react-router";
import { useActs } from "../api/acts";
import { askFile, Problem, type Schemas } from "../api/client";
import { useToday } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { toggled } from "../parts/toggled";
import { Button } from "../ui/Button";
import { capital, count } from "../words/codes";
import { clockTime, span } from "../words/dates";

type Preview = Schemas["Preview"];

const OUTLOOKS: Record<Preview["outlook"], string> = {
  new: "",
  "there-already": "there already",
  past: "past",
  cancelled: "cancelled",
  "too-long": "too long for a booking",
};

/** Bookings from a calendar file: all of them are looked at, the chosen ones are kept. */
export function CalendarRead() {
  const { perform } = useActs();
  const navigate = useNavigate();
  const today = useToday();
  const [seen, setSeen] = useState<Preview[] | null>(null);
  const [chosen, setChosen] = useState<Set<string>>(new Set());
  const [trouble, setTrouble] = useState<string | null>(null);
  const look = async (file: File) => {
    setTrouble(null);
    try {
      const found = await askFile<Preview[]>(
        "POST",
        "/api/bookings/calendar",
        file,
        "text/calendar",
      );
      setSeen(found);
      setChosen(new Set(found.filter((one) => one.outlook === "new").map((one) => one.id)));
    } catch (thrown) {
      setSeen(null);
      setTrouble(thrown instanceof Problem ? thrown.message : "The file was not read.");
    }
  };
  const keep = async () => {
    const kept = (seen ?? []).filter((one) => chosen.has(one.id));
    await perform({
      path: "/api/bookings/from-calendar",
      body: { bookings: kept.map(({ id, booking }) => ({ id, booking })) },
      done: `Added ${count(kept.length, "booking")} from the calendar.`,
    });
    navigate("/bookings");
  };
  const toggle = (id: string) => setChosen((before) => toggled(before, id));
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {seen
          ? `${capital(count(seen.length, "event"))} in the file, ${count(seen.filter((one) => one.outlook === "new").length, "", "").trim()} of them new. Nothing is added until you say so.`
          : "Choose a calendar file, check what is in it, and keep the bookings you want."}
      </Sentence>
      <label className="flex max-w-xl flex-col gap-1">
        <span className="font-semibold text-sm">A calendar file, .ics</span>
        <input
          type="file"
          accept=".ics,text/calendar"
          className="min-h-11 rounded border border-line bg-paper px-2 py-2"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void look(file);
          }}
        />
      </label>
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
      {seen && seen.length > 0 && (
        <>
          <ul className="max-w-4xl border-ink border-t">
            {seen.map((one) => (
              <li key={one.id} className="border-hair border-b">
                <label className="flex min-h-11 items-center gap-4 py-1.5">
                  <input
                    type="checkbox"
                    className="size-5 accent-ink"
                    checked={chosen.has(one.id)}
                    disabled={one.outlook === "there-already" || one.outlook === "too-long"}
                    onChange={() => toggle(one.id)}
                  />
                  <span className="w-56 text-soft max-hand:w-auto">
                    {span(one.booking.firstDay, one.booking.lastDay, today)}{" "}
                    {clockTime(one.booking.callTime)}
                  </span>
                  <span className="min-w-0 flex-1">
                    <b>{one.booking.title}</b>{" "}
                    <span className="text-soft">{one.booking.location}</span>
                  </span>
                  <span className="text-soft">
                    {[OUTLOOKS[one.outlook], one.repeats && "repeats: only the first time is read"]
                      .filter(Boolean)
                      .join(", ")}
                  </span>
                </label>
              </li>
            ))}
          </ul>
          <div>
            <Button
              kind="solid"
              disabled={chosen.size === 0}
              onClick={() => void keep().catch(() => {})}
            >
              Keep {count(chosen.size, "booking")}
            </Button>
          </div>
        </>
      )}
    </div>
  );
}

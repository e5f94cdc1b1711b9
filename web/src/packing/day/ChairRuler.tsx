import { useRef } from "react";
import type { ChairDay, SatFace } from "../../api/road";
import { dateWithWeekday, plusDays } from "../../words/dates";
import { minutes } from "../../words/quantities";
import { byTheClock, byTheClockAndDay, clockOf, minuteOf } from "./times";

type ChairRulerProps = {
  day: ChairDay;
  chosen: string | null;
  onChoose: (face: string) => void;
  onOrder: (order: string[]) => void;
};

/** Hours between two that are named. */
const STEPS = [1, 2, 3, 4, 6, 12];

const MOST_HOURS_NAMED = 14;

/** "0:50", "1:50": short enough for a block of a few minutes. */
const hoursLate = (late: number) =>
  `${Math.floor(late / 60)}:${String(late % 60).padStart(2, "0")}`;

/** Hours across, a line for each artist, a face where it sits; dragged, or moved by arrow keys. */
export function ChairRuler({ day, chosen, onChoose, onOrder }: ChairRulerProps) {
  const drawn = useRef<HTMLDivElement>(null);
  const begins = Math.floor(
    (Math.min(...day.faces.map((face) => minuteOf(face.start)), 24 * 60) - 10) / 60,
  );
  const ends = Math.ceil(
    Math.max(
      ...day.faces.flatMap((face) => [minuteOf(face.end), minuteOf(face.readyBy)]),
      60 * (begins + 2),
    ) / 60,
  );
  const whole = (ends - begins) * 60;
  const share = (time: number) => (100 * (time - begins * 60)) / whole;
  // So many hours from one to the next that their names do not run into each other.
  const apart = STEPS.find((hours) => (ends - begins) / hours <= MOST_HOURS_NAMED) ?? 24;
  const hours = Array.from(
    { length: Math.floor((ends - begins) / apart) + 1 },
    (_, at) => begins + at * apart,
  );
  if (day.faces.length === 0) return <p className="text-soft">Nobody sits down that day.</p>;
  /** The order that comes of having a face begin at another time. */
  const moved = (face: SatFace, start: number) => {
    const others = day.faces.filter((one) => one !== face);
    const before = others.filter((one) => (minuteOf(one.start) + minuteOf(one.end)) / 2 < start);
    onOrder(
      [...before, face, ...others.filter((one) => !before.includes(one))].map((one) => one.face),
    );
  };
  const step = (face: SatFace, by: number) => {
    const all = day.faces.map((one) => one.face);
    const at = all.indexOf(face.face);
    if (at + by < 0 || at + by >= all.length) return;
    all.splice(at, 1);
    all.splice(at + by, 0, face.face);
    onOrder(all);
  };
  return (
    <figure
      aria-label="The chairs, hour by hour"
      className="grid grid-cols-[6rem_minmax(0,1fr)] gap-x-3 overflow-x-auto max-hand:grid-cols-[4rem_34rem]"
    >
      <span />
      <div className="relative h-6 border-line border-b text-xs">
        {hours.map((hour) => (
          <span
            key={hour}
            style={{ left: `${share(hour * 60)}%` }}
            className="absolute bottom-0 border-line border-l pl-1 text-soft leading-none"
          >
            {hour > 0 && hour % 24 === 0
              ? dateWithWeekday(plusDays(day.day, hour / 24))
              : clockOf(hour * 60)}
          </span>
        ))}
      </div>
      {day.artists.map((artist, line) => (
        <div key={artist.name} className="contents">
          <span className="self-center truncate text-sm">{artist.name}</span>
          <div ref={line === 0 ? drawn : undefined} className="relative my-1.5 h-14 bg-sheet">
            {day.faces
              .filter((face) => face.artist === artist.name)
              .map((face) => (
                <FaceBlock
                  key={face.face}
                  face={face}
                  left={share(minuteOf(face.start))}
                  width={share(minuteOf(face.end)) - share(minuteOf(face.start))}
                  due={share(minuteOf(face.readyBy))}
                  isChosen={face.face === chosen}
                  onChoose={() => onChoose(face.face)}
                  onStep={(by) => step(face, by)}
                  onDropped={(pixels) => {
                    const wide = drawn.current?.clientWidth ?? 1;
                    moved(face, minuteOf(face.start) + (pixels / wide) * whole);
                  }}
                />
              ))}
          </div>
        </div>
      ))}
    </figure>
  );
}

type FaceBlockProps = {
  face: SatFace;
  left: number;
  width: number;
  due: number;
  isChosen: boolean;
  onChoose: () => void;
  onStep: (by: number) => void;
  onDropped: (pixels: number) => void;
};

/** One face; where she is to be ready stands a mark of her own. */
function FaceBlock(props: FaceBlockProps) {
  const { face, left, width, due, isChosen, onChoose, onStep, onDropped } = props;
  const from = useRef<number | null>(null);
  const isLate = face.lateMinutes > 0;
  const name = face.name || "a face";
  return (
    <>
      <button
        type="button"
        aria-pressed={isChosen}
        aria-label={`${name}, ${byTheClockAndDay(face.start)} to ${byTheClockAndDay(face.end)} with ${face.artist}, to be ready by ${byTheClockAndDay(face.readyBy)}${isLate ? `, ${minutes(face.lateMinutes)} late` : ""}`}
        style={{ left: `${left}%`, width: `calc(${width}% - 2px)` }}
        className={`absolute inset-y-0 touch-pan-x cursor-grab overflow-hidden rounded-sm border-2 px-1.5 text-left text-sm leading-tight ${
          isLate ? "border-stop" : "border-ink"
        } bg-paper aria-pressed:bg-lit`}
        onClick={onChoose}
        onKeyDown={(event) => {
          const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
          if (by) {
            event.preventDefault();
            onStep(by);
          }
        }}
        onPointerDown={(event) => {
          from.current = event.clientX;
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerUp={(event) => {
          const moved = from.current === null ? 0 : event.clientX - from.current;
          from.current = null;
          if (Math.abs(moved) > 12) onDropped(moved);
        }}
      >
        <b className="block truncate">
          {face.lead && "★ "}
          {name}
        </b>
        <span className={isLate ? "text-stop" : "text-soft"}>
          {byTheClock(face.start)}–{byTheClock(face.end)}
          {isLate && ` +${hoursLate(face.lateMinutes)}`}
        </span>
      </button>
      <span
        aria-hidden="true"
        style={{ left: `${Math.min(100, due)}%` }}
        className={`absolute -bottom-1 h-1.5 w-0.5 ${isLate ? "bg-stop" : "bg-soft"}`}
      />
    </>
  );
}

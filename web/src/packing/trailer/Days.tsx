import { useToday } from "../../api/session";
import type { TrailerDay } from "../../api/trailer";
import { dayAndMonth, weekday } from "../../words/dates";
import { dayTold } from "../../words/trailer";

type DaysProps = { days: TrailerDay[]; chosen: string | null; onChoose: (day: string) => void };

/** The days side by side: what stands in the trailer overnight rises and falls like a tide. */
export function Days({ days, chosen, onChoose }: DaysProps) {
  const today = useToday();
  if (days.length < 2) return null;
  const most = Math.max(1, ...days.map((day) => day.staying + day.goesHome.length));
  return (
    <fieldset className="flex min-w-0 overflow-x-auto border-ink border-b">
      <legend className="sr-only">Days</legend>
      {days.map((day) => (
        <button
          key={day.day}
          type="button"
          aria-pressed={day.day === chosen}
          aria-label={dayTold(day, today)}
          onClick={() => onChoose(day.day)}
          className="group flex min-w-24 flex-1 flex-col whitespace-nowrap border-hair border-l px-1.5 pt-1 text-left text-[0.8rem] hover:bg-lit aria-pressed:bg-sheet"
        >
          <span className="group-aria-pressed:font-bold">
            {weekday(day.day).slice(0, 3)} {dayAndMonth(day.day)}
          </span>
          <span className="flex min-h-5 justify-between">
            <span className="text-soon">{day.bring.length > 0 && `+${day.bring.length}`}</span>
            <span className="text-soft">
              {day.goesHome.length > 0 && `−${day.goesHome.length}`}
            </span>
          </span>
          <span className="relative block h-14">
            {day.staying > 0 && (
              <span
                style={{ height: `${(day.staying / most) * 100}%` }}
                className="absolute inset-x-0 bottom-0 border-ink border-t-2 bg-lit"
              />
            )}
            <b className="absolute bottom-0.5 left-1">{day.staying || ""}</b>
          </span>
        </button>
      ))}
    </fieldset>
  );
}

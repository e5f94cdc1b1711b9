import { useState } from "react";
import type { Face, Line, Schemas } from "../api/client";
import type { PackingList } from "../api/packing";
import { useToday } from "../api/session";
import { toggled } from "../parts/toggled";
import { Button } from "../ui/Button";
import { count } from "../words/codes";
import { dateWithWeekday } from "../words/dates";
import { shortName } from "../words/items";
import { partOf } from "../words/looks";
import { PhotographLook } from "./LookPictures";
import { useUsable } from "./usable";
import { useRecording } from "./useRecording";

type RecordLookProps = {
  booking: PackingList["booking"];
  face: Face;
  lines: Line[];
  recipes: Schemas["BaseRecipe"][];
};

/** On the day: tap what was used, and it is written down. */
export function RecordLook({ booking, face, lines, recipes }: RecordLookProps) {
  const [used, setUsed] = useState<ReadonlySet<string>>(new Set());
  const record = useRecording(booking.id, face.id);
  const today = useToday();
  const usable = useUsable(lines);
  // The nearest day of the booking.
  const day = [booking.firstDay, today, booking.lastDay].toSorted()[1] ?? today;
  const tenths = new Map(
    recipes.flatMap(({ parts }) => parts.map((part) => [part.item, part.tenths])),
  );
  const save = async () => {
    const chosen = usable.filter((item) => used.has(item.id));
    await record(
      {
        purpose: "done",
        day,
        from: "",
        note: "",
        pictures: null,
        parts: chosen.map((item) => partOf(item, tenths.get(item.id))),
      },
      `Recorded ${count(chosen.length, "product")} for ${face.name}.`,
    ).then(() => setUsed(new Set()));
  };
  return (
    <section aria-label="What was used">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        What was used
        <span className="font-normal text-soft">{dateWithWeekday(day)}: tap it</span>
      </h2>
      <div className="flex flex-wrap gap-1.5 py-3">
        {usable.map((item) => (
          <button
            key={item.id}
            type="button"
            aria-pressed={used.has(item.id)}
            onClick={() => setUsed(toggled(used, item.id))}
            className="flex min-h-9 items-center gap-2 rounded border border-line px-2.5 text-left text-sm hover:bg-lit aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper max-hand:min-h-12"
          >
            <span
              aria-hidden="true"
              style={{ background: item.product.colour ?? "var(--lit)" }}
              className="size-4 shrink-0 rounded-full border border-ink/25"
            />
            {shortName(item)}
          </button>
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-3">
        {usable.length > 0 && (
          <Button
            kind="solid"
            disabled={used.size === 0}
            onClick={() => void save().catch(() => {})}
            className="max-hand:w-full"
          >
            Record {used.size > 0 ? count(used.size, "product") : "what was used"}
          </Button>
        )}
        <PhotographLook booking={booking.id} face={face} day={day} />
      </div>
    </section>
  );
}

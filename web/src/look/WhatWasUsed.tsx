import { useState } from "react";
import { useNavigate } from "react-router";
import { useActs } from "../api/acts";
import { useUsable } from "../api/cleaning";
import type { Face, Schemas } from "../api/client";
import type { PackingList } from "../api/packing";
import { useToday } from "../api/session";
import { ThingButton } from "../parts/ThingButton";
import { Button } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { count, word } from "../words/codes";
import { dateWithWeekday } from "../words/dates";
import { shortName } from "../words/items";
import { HOWS } from "../words/lists";
import { names } from "../words/packing";
import { PhotographLook } from "./LookPictures";

type Usable = Schemas["UsableView"];
type How = Usable["ways"][number];

type WhatWasUsedProps = {
  booking: PackingList["booking"];
  face: Face;
  recipes: Schemas["BaseRecipe"][];
};

/** On the day: tap what touches her. Whom it touched, how, and her look are written down. */
export function WhatWasUsed({ booking, face, recipes }: WhatWasUsedProps) {
  const [chosen, setChosen] = useState<ReadonlyMap<string, How>>(new Map());
  const { perform } = useActs();
  const navigate = useNavigate();
  const today = useToday();
  const usable = useUsable(booking.id, face.id).data ?? [];
  // The nearest day of the booking.
  const day = [booking.firstDay, today, booking.lastDay].toSorted()[1] ?? today;
  const tenths = new Map(
    recipes.flatMap(({ parts }) => parts.map((part) => [part.item, part.tenths])),
  );
  const choose = (one: Usable) => {
    const next = new Map(chosen);
    if (!next.delete(one.item.id)) next.set(one.item.id, one.ways[0] ?? "direct");
    setChosen(next);
  };
  const use = async () => {
    await perform({
      path: `/api/bookings/${booking.id}/faces/${face.id}/use`,
      body: {
        day,
        things: [...chosen].map(([item, how]) => ({
          id: crypto.randomUUID(),
          item,
          how,
          tenths: tenths.get(item) ?? null,
        })),
      },
      done: `Used ${count(chosen.size, "item")} on ${face.name}.`,
    });
    setChosen(new Map());
  };
  const done = async () => {
    await perform({
      path: `/api/bookings/${booking.id}/faces/${face.id}/done`,
      done: `${face.name} is done.`,
    });
    navigate(`/bookings/${booking.id}/turnover?from=${face.id}`);
  };
  const on = usable.filter((one) => one.on);
  const stopped = usable.filter((one) => one.hers && one.because);
  const others = usable.filter((one) => !one.hers && !one.because);
  return (
    <section aria-label="What was used" className="flex flex-col gap-3">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        What was used
        <span className="font-normal text-soft">{dateWithWeekday(day)}: tap it</span>
      </h2>
      <Offered
        usable={usable.filter((one) => one.hers && !one.because)}
        chosen={chosen}
        onChoose={choose}
      />
      {others.length > 0 && (
        <details>
          <summary className="min-h-11 py-2.5 text-soft">
            Along for others: {count(others.length, "item")}
          </summary>
          <Offered usable={others} chosen={chosen} onChoose={choose} />
        </details>
      )}
      <Hows usable={usable} chosen={chosen} onChange={setChosen} />
      {on.length > 0 && (
        <p className="text-soft">On her: {names(on.map((one) => shortName(one.item)))}.</p>
      )}
      {stopped.length > 0 && <NotForHer stopped={stopped} usable={usable} />}
      <div className="flex flex-wrap items-center gap-3">
        {usable.length > 0 && (
          <Button
            kind="solid"
            disabled={chosen.size === 0}
            onClick={() => void use().catch(() => {})}
            className="max-hand:min-h-12 max-hand:w-full"
          >
            {chosen.size > 0 ? `Use ${count(chosen.size, "item")} on her` : "Use on her"}
          </Button>
        )}
        {on.length > 0 && (
          <Button
            onClick={() => void done().catch(() => {})}
            className="max-hand:min-h-12 max-hand:w-full"
          >
            She is done: clean up
          </Button>
        )}
        <PhotographLook booking={booking.id} face={face} day={day} />
      </div>
    </section>
  );
}

type OfferedProps = {
  usable: Usable[];
  chosen: ReadonlyMap<string, How>;
  onChoose: (one: Usable) => void;
};

/** In the order of the work. */
function Offered({ usable, chosen, onChoose }: OfferedProps) {
  const bySection = Map.groupBy(usable, ({ section }) => section);
  return (
    <div className="flex flex-col gap-2">
      {[...bySection].map(([section, some]) => (
        <fieldset key={section} className="flex flex-wrap gap-1.5">
          <legend className="text-soft text-xs">{word(section)}</legend>
          {some.map((one) => (
            <ThingButton
              key={one.item.id}
              item={one.item}
              isChosen={chosen.has(one.item.id)}
              onChoose={() => onChoose(one)}
            >
              {!one.on && one.state !== "clean" && (
                <span className="text-soon text-xs">{word(one.state)}</span>
              )}
            </ThingButton>
          ))}
        </fieldset>
      ))}
    </div>
  );
}

type HowsProps = {
  usable: Usable[];
  chosen: ReadonlyMap<string, How>;
  onChange: (chosen: ReadonlyMap<string, How>) => void;
};

/** How each of them touches her, where it may be in several ways. */
function Hows({ usable, chosen, onChange }: HowsProps) {
  const some = usable.filter((one) => chosen.has(one.item.id) && one.ways.length > 1);
  if (some.length === 0) return null;
  return (
    <ul aria-label="How it touches her" className="grid grid-cols-2 gap-3 max-hand:grid-cols-1">
      {some.map((one) => (
        <li key={one.item.id}>
          <SelectField
            label={shortName(one.item)}
            choices={one.ways.map((how) => ({ value: how, word: HOWS[how] }))}
            value={chosen.get(one.item.id) ?? ""}
            onChange={(event) =>
              onChange(new Map(chosen).set(one.item.id, event.target.value as How))
            }
          />
        </li>
      ))}
    </ul>
  );
}

/** What must not touch her, why, and what may instead. */
function NotForHer({ stopped, usable }: { stopped: Usable[]; usable: Usable[] }) {
  return (
    <details>
      <summary className="min-h-11 py-2.5 text-stop">
        Not for her: {count(stopped.length, "item")}
      </summary>
      <ul className="flex flex-col gap-1.5">
        {stopped.map((one) => (
          <li key={one.item.id}>
            {one.because}
            {one.instead.length > 0 && (
              <span className="block text-soft">
                Instead:{" "}
                {names(
                  usable
                    .filter(({ item }) => one.instead.includes(item.id))
                    .map(({ item }) => shortName(item)),
                )}
                .
              </span>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}

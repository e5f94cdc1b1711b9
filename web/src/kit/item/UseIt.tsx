import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useToday } from "../../api/session";
import { UsedOn } from "../../cleandown/UsedOn";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { word } from "../../words/codes";
import { nearDate } from "../../words/dates";
import { shortName } from "../../words/items";
import { LEVELS } from "../../words/lists";
import { Glass } from "./LeftIn";

type Props = { item: Item; open: boolean; onDone: () => void };

/** Using a thing: a sealed one is asked when it was opened, and what is left can be told on the way. */
export function UseIt({ item, open, onDone }: Props) {
  const { perform } = useActs();
  const today = useToday();
  const [day, setDay] = useState<string | null>(null);
  const openedOn = item.sealed ? (day ?? today) : null;
  const use = async (level: string | null) => {
    await perform({
      path: `/api/items/${item.id}/use`,
      body: { openedOn: openedOn || null, level },
      done: openedOn
        ? `${shortName(item)}: opened ${nearDate(openedOn, today)}.`
        : `Used ${shortName(item)}${level ? `: ${word(level)}` : ""}.`,
    });
    onDone();
  };
  const levels = item.product.unit === "piece" ? [] : LEVELS;
  return (
    <Sheet title={`Use ${shortName(item)}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        {item.sealed && (
          <>
            <p>It is sealed in the kit. From the day it is opened its time runs.</p>
            <TextField
              label="Opened on"
              type="date"
              max={today}
              value={openedOn ?? ""}
              onChange={(event) => setDay(event.target.value)}
            />
          </>
        )}
        {!item.sealed && <UsedOn item={item} onDone={onDone} />}
        {levels.length > 0 && (
          <fieldset>
            <legend className="pb-1">What is left now</legend>
            <div className="flex flex-wrap gap-2">
              {levels.map((level) => (
                <button
                  key={level}
                  type="button"
                  disabled={item.sealed && !openedOn}
                  onClick={() => void use(level).catch(() => {})}
                  className="flex min-h-11 items-center gap-2 rounded border border-line px-3 hover:bg-lit disabled:opacity-60"
                >
                  <Glass level={level} />
                  {word(level)}
                </button>
              ))}
            </div>
          </fieldset>
        )}
        <Button
          kind="solid"
          disabled={item.sealed && !openedOn}
          onClick={() => void use(null).catch(() => {})}
        >
          {item.sealed ? "Opened and used" : "Used, about the same is left"}
        </Button>
      </div>
    </Sheet>
  );
}

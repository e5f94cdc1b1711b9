import { z } from "zod";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useToday } from "../../api/session";
import { UsedOn } from "../../cleandown/UsedOn";
import { DateField } from "../../parts/DateField";
import { Glass } from "../../parts/Glass";
import { neededDate, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { word } from "../../words/codes";
import { dateText, nearDate } from "../../words/dates";
import { shortName } from "../../words/items";
import { LEVELS } from "../../words/lists";

type Props = { item: Item; open: boolean; onDone: () => void };

const USED = z.object({ openedOn: neededDate("began", "Say when it was opened.") });

/** Using a thing: a sealed one is asked when it was opened, and what is left can be told on the way. */
export function UseIt({ item, open, onDone }: Props) {
  const { perform } = useActs();
  const today = useToday();
  const { control, handleSubmit } = useTyped(USED, { openedOn: dateText(today) });
  const use = async (level: string | null, told: string | null) => {
    const openedOn = item.sealed ? told : null;
    await perform({
      path: `/api/items/${item.id}/use`,
      body: { openedOn, level },
      done: openedOn
        ? `${shortName(item)}: opened ${nearDate(openedOn, today)}.`
        : `Used ${shortName(item)}${level ? `: ${word(level)}` : ""}.`,
    });
    onDone();
  };
  const used = (level: string | null) =>
    void handleSubmit(({ openedOn }) => use(level, openedOn).catch(() => {}))();
  const levels = item.product.unit === "piece" ? [] : LEVELS;
  return (
    <Sheet title={`Use ${shortName(item)}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        {item.sealed && (
          <>
            <p>It is sealed. Its time starts on the day it is opened.</p>
            <DateField control={control} name="openedOn" meant="began" label="Opened on" />
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
                  onClick={() => used(level)}
                  className="flex min-h-11 items-center gap-2 rounded border border-line px-3 hover:bg-lit disabled:opacity-60"
                >
                  <Glass level={level} />
                  {word(level)}
                </button>
              ))}
            </div>
          </fieldset>
        )}
        <Button kind="solid" onClick={() => used(null)}>
          {item.sealed ? "Open and use" : "Used, about the same is left"}
        </Button>
      </div>
    </Sheet>
  );
}

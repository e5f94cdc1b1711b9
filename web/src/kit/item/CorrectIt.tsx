import { useState } from "react";
import { z } from "zod";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useToday } from "../../api/session";
import { DateField } from "../../parts/DateField";
import { quietly, typedDate, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { choices, word } from "../../words/codes";
import { dateText, nearDate } from "../../words/dates";
import { shortName } from "../../words/items";
import { CLEANLINESS } from "../../words/lists";

type Props = { item: Item; open: boolean; onDone: () => void };

const OPENED = z.object({ openedOn: typedDate("began") });

/** When it was really opened, and how clean it really is. */
export function CorrectIt({ item, open, onDone }: Props) {
  const { perform } = useActs();
  const today = useToday();
  const { control, handleSubmit, formState } = useTyped(OPENED, {
    openedOn: dateText(item.openedOn),
  });
  const [state, setState] = useState(item.cleanliness);
  const did = async (path: string, body: object, done: string) => {
    await perform({ path: `/api/items/${item.id}/${path}`, body, done });
    onDone();
  };
  const name = shortName(item);
  const opened = handleSubmit(({ openedOn }) =>
    did(
      "opened",
      { openedOn },
      openedOn ? `${name} was opened ${nearDate(openedOn, today)}.` : `${name} is sealed.`,
    ),
  );
  return (
    <Sheet title={`Correct ${name}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <form className="flex items-start gap-3" noValidate onSubmit={quietly(opened)}>
          <div className="flex-1">
            <DateField
              control={control}
              name="openedOn"
              meant="began"
              label="Opened on"
              hint="empty: sealed"
            />
          </div>
          <Button type="submit" className="mt-6" disabled={!formState.isDirty}>
            Save date
          </Button>
        </form>
        <div className="flex items-end gap-3">
          <div className="flex-1">
            <SelectField
              label="Cleanliness"
              choices={choices(CLEANLINESS)}
              value={state}
              onChange={(event) => setState(event.target.value as typeof state)}
            />
          </div>
          <Button
            disabled={state === item.cleanliness}
            onClick={() =>
              void did("cleanliness", { cleanliness: state }, `${name} is ${word(state)}.`).catch(
                () => {},
              )
            }
          >
            Save cleanliness
          </Button>
        </div>
      </div>
    </Sheet>
  );
}

import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { choices, word } from "../../words/codes";
import { nearDate } from "../../words/dates";
import { shortName } from "../../words/items";
import { CLEANLINESS } from "../../words/lists";

type Props = { item: Item; open: boolean; onDone: () => void };

/** When it was really opened, and how clean it really is. */
export function CorrectIt({ item, open, onDone }: Props) {
  const { perform } = useActs();
  const today = useToday();
  const [openedOn, setOpenedOn] = useState(item.openedOn ?? "");
  const [state, setState] = useState(item.cleanliness);
  const did = async (path: string, body: object, done: string) => {
    await perform({ path: `/api/items/${item.id}/${path}`, body, done });
    onDone();
  };
  const name = shortName(item);
  return (
    <Sheet title={`Correct ${name}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <div className="flex items-end gap-3">
          <div className="flex-1">
            <TextField
              label="Opened on"
              hint="empty: sealed"
              type="date"
              max={today}
              value={openedOn}
              onChange={(event) => setOpenedOn(event.target.value)}
            />
          </div>
          <Button
            disabled={openedOn === (item.openedOn ?? "")}
            onClick={() =>
              void did(
                "opened",
                { openedOn: openedOn || null },
                openedOn
                  ? `${name} was opened ${nearDate(openedOn, today)}.`
                  : `${name} is sealed.`,
              ).catch(() => {})
            }
          >
            Save date
          </Button>
        </div>
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

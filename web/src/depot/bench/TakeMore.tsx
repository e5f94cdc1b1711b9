import { useState } from "react";
import type { Item } from "../../api/client";
import type { Chosen } from "../../api/depot";
import { useFound } from "../../api/kit";
import { asChosen } from "../../parts/usePutOnBench";
import { TextField } from "../../ui/Field";
import { fullName } from "../../words/items";
import { leftOf } from "../../words/quantities";

type TakeMoreProps = { taken: string[]; onTake: (chosen: Chosen, item: Item) => void };

/** Any other pack, found by its name. */
export function TakeMore({ taken, onTake }: TakeMoreProps) {
  const [typed, setTyped] = useState("");
  const found = useFound(typed).data?.items ?? [];
  const shown = typed
    ? found.filter((item) => item.decantable && !taken.includes(item.id)).slice(0, 8)
    : [];
  return (
    <div className="flex max-w-2xl flex-col gap-2">
      <TextField
        label="Add another pack"
        hint="a name, a shade, a place"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <ul>
        {shown.map((item) => (
          <li key={item.id} className="flex items-center gap-3 border-hair border-b py-1.5">
            <span className="min-w-0 flex-1">
              {fullName(item)} <span className="text-soft">{leftOf(item)}</span>
            </span>
            <button
              type="button"
              aria-label={`Take ${fullName(item)}`}
              className="min-h-9 px-2 underline max-hand:min-h-11"
              onClick={() => onTake(asChosen(item.id), item)}
            >
              choose
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

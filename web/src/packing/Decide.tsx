import { useState } from "react";
import type { Line } from "../api/client";
import { Button } from "../ui/Button";
import { shortName } from "../words/items";
import { decimal } from "../words/quantities";
import { useDeciding } from "./useDeciding";

/** How many of what is counted go along: worked out, until somebody says otherwise. */
function HowMany({ line, booking }: { line: Line; booking: string }) {
  const { amount } = useDeciding(booking);
  const [typed, setTyped] = useState("");
  const need = line.needs[0];
  const pieces = decimal(typed);
  if (!need || line.item.product.unit !== "piece" || line.amount === 0) return null;
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        amount(need, typed.trim() ? pieces : null);
        setTyped("");
      }}
    >
      <label className="text-sm" htmlFor={`pieces-${line.item.id}`}>
        Take
      </label>
      <input
        id={`pieces-${line.item.id}`}
        inputMode="numeric"
        placeholder={String(line.amount)}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        className="min-h-9 w-20 rounded border border-line bg-paper px-2"
      />
      <Button
        type="submit"
        disabled={typed.trim() !== "" && !(Number.isInteger(pieces) && (pieces ?? 0) > 0)}
      >
        {typed.trim() ? "pieces instead" : "as worked out"}
      </Button>
    </form>
  );
}

/** What may be decided about the line that was chosen. */
export function Decide({ line, booking }: { line: Line; booking: string }) {
  const { item: decide } = useDeciding(booking);
  const { item, taken } = line;
  const name = shortName(item);
  const isBy = (code: string) => taken.some((reason) => reason.code === code);
  return (
    <div className="col-span-full flex flex-wrap gap-2 pb-1 pl-12">
      {isBy("added") ? (
        <Button onClick={() => decide(item.id, "as-worked-out", `${name} is off the list again.`)}>
          Take it off the list
        </Button>
      ) : (
        <>
          {isBy("pinned") ? (
            <Button onClick={() => decide(item.id, "as-worked-out", `${name} is not pinned now.`)}>
              Unpin
            </Button>
          ) : (
            <Button onClick={() => decide(item.id, "pin", `Pinned ${name}.`)}>
              Always take this one
            </Button>
          )}
          <Button onClick={() => decide(item.id, "leave-out", `${name} stays at home.`)}>
            Leave it at home
          </Button>
          <HowMany line={line} booking={booking} />
        </>
      )}
    </div>
  );
}

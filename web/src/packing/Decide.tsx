import type { Line } from "../api/client";
import { Button } from "../ui/Button";
import { shortName } from "../words/items";
import { useDeciding } from "./useDeciding";

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
        </>
      )}
    </div>
  );
}

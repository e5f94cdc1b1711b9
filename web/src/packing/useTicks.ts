import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { useActs } from "../api/acts";
import type { Line } from "../api/client";
import { type PackingList, packingListKey } from "../api/packing";
import { shortName } from "../words/items";

/**
 * Ticks lines off. A tick is shown at once, as under way until the server has confirmed it; when it
 * is refused it is taken back, and the message says why.
 */
export function useTicks(booking: string) {
  const { perform } = useActs();
  const queries = useQueryClient();
  const [underWay, setUnderWay] = useState<ReadonlySet<string>>(new Set());
  const tick = useCallback(
    async (line: Line) => {
      const id = line.item.id;
      const key = packingListKey(booking);
      setUnderWay((before) => new Set(before).add(id));
      // An answer from before the tick would take it back for a moment.
      await queries.cancelQueries({ queryKey: key });
      queries.setQueryData<PackingList>(key, (list) => list && ticked(list, id, !line.packed));
      try {
        await perform({
          path: `/api/bookings/${booking}/${line.packed ? "take-out" : "pack"}`,
          body: { items: [id] },
          done: line.packed
            ? `Taken out again: ${shortName(line.item)}.`
            : `Packed ${shortName(line.item)}.`,
        });
      } catch {
        queries.setQueryData<PackingList>(key, (list) => list && ticked(list, id, line.packed));
        await shown();
      } finally {
        setUnderWay((before) => {
          const after = new Set(before);
          after.delete(id);
          return after;
        });
      }
    },
    [booking, perform, queries],
  );
  return { tick, underWay };
}

/**
 * What is known is shown a moment later: until then the tick stays under way, or one that was
 * refused would look confirmed.
 */
const shown = () => new Promise((resolve) => setTimeout(resolve));

/** Counts and the sentence stay with what the server has confirmed. */
function ticked(list: PackingList, item: string, packed: boolean): PackingList {
  return {
    ...list,
    lines: list.lines.map((line) => (line.item.id === item ? { ...line, packed } : line)),
  };
}

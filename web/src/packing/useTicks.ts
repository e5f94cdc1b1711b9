import { useCallback, useState } from "react";
import { useActs } from "../frame/acts";
import type { Line } from "../frame/api";
import { shortName } from "../words/items";

/**
 * Ticks lines off. A tick counts as done when the server has confirmed it; until then it is under
 * way and shown so.
 */
export function useTicks(booking: string) {
  const { perform } = useActs();
  const [underWay, setUnderWay] = useState<ReadonlySet<string>>(new Set());
  const tick = useCallback(
    async (line: Line) => {
      const id = line.item.id;
      setUnderWay((before) => new Set(before).add(id));
      try {
        await perform({
          path: `/api/bookings/${booking}/${line.packed ? "take-out" : "pack"}`,
          body: { items: [id] },
          done: line.packed
            ? `Took ${shortName(line.item)} out again.`
            : `Packed ${shortName(line.item)}.`,
        });
      } catch {
        // Told by the notice, which offers to send it again.
      } finally {
        setUnderWay((before) => {
          const after = new Set(before);
          after.delete(id);
          return after;
        });
      }
    },
    [booking, perform],
  );
  return { tick, underWay };
}

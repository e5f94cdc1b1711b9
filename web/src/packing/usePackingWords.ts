import { useMemo } from "react";
import { usePlaces } from "../api/kit";
import type { PackingList } from "../api/packing";
import { useToday } from "../api/session";
import { clockTime } from "../words/dates";
import type { PackingWords } from "../words/packing";

/** Names for the ids that reasons and findings carry. */
export function usePackingWords(list: PackingList): PackingWords {
  const places = usePlaces();
  const today = useToday();
  return useMemo(
    () => ({
      faces: new Map(list.booking.faces.map((face) => [face.id, face])),
      items: new Map(
        [...list.lines.map((line) => line.item), ...list.mentioned].map((item) => [item.id, item]),
      ),
      places,
      today,
      call:
        list.booking.callTime === null
          ? null
          : `${list.booking.firstDay}T${clockTime(list.booking.callTime)}`,
    }),
    [list, places, today],
  );
}

import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { placePath, shortName } from "../../words/items";

/** Moves a thing to a place and says so, with an undo. */
export function useMoving() {
  const { perform } = useActs();
  const places = usePlaces();
  return (item: Item, place: string) =>
    item.now === place
      ? Promise.resolve()
      : perform({
          path: `/api/items/${item.id}/move`,
          body: { to: place },
          done: `Moved ${shortName(item)} to ${placePath(place, places)}.`,
        })
          .then(() => {})
          .catch(() => {});
}

import { useActs } from "../api/acts";
import type { PackingList } from "../api/packing";
import { useScans } from "../scan/scans";
import { shortName } from "../words/items";
import { useTicks } from "./useTicks";

/** While one packs, a scan ticks off; while the bags are out, it puts back. */
export function usePackingScans(list: PackingList) {
  const { perform } = useActs();
  const { tick } = useTicks(list.booking.id);
  const away = list.booking.stage === "away";
  useScans(
    (scan) => {
      const line = list.lines.find((one) => scan.items.some((item) => item.id === one.item.id));
      if (!line) return false;
      if (away) {
        void perform({
          path: `/api/bookings/${list.booking.id}/put-back`,
          body: { items: [line.item.id] },
          done: `Put back ${shortName(line.item)}.`,
        }).catch(() => {});
      } else if (!line.packed) {
        void tick(line);
      }
      return true;
    },
    away ? "Scan items: they are put back." : "Scan items on the list: they are ticked off.",
  );
}

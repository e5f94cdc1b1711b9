import { useActs } from "../../api/acts";
import { useScans } from "../../scan/scans";
import { shortName } from "../../words/items";
import type { InsideProps } from "./TrailerView";

/** A scan sets up: out of a bag or the back stock to where it stands at work. */
export function useTrailerScans({ trailer, items }: InsideProps) {
  const { perform } = useActs();
  useScans((scan) => {
    const scanned = scan.items.find((item) => items.has(item.id));
    const station = trailer.stations.find((one) => scanned && one.standsThere.includes(scanned.id));
    const item = scanned && items.get(scanned.id);
    if (!trailer.hasLeft || !item || !station) return false;
    if (!station.liesThere.includes(item.id)) {
      void perform({
        path: "/api/kit/move",
        body: { items: [item.id], to: station.place },
        done: `${shortName(item)} is set up in ${station.name}.`,
      }).catch(() => {});
    }
    return true;
  }, "Scan items: they are set up at their station.");
}

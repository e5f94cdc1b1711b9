import { useActs } from "../api/acts";
import type { Wanted } from "../api/restock";
import { useScans } from "../scan/scans";
import { shortName } from "../words/items";

/** A scan takes one pack in of what is on the buying list, by the code on the maker's pack. */
export function useArrivalScans(wanted: Wanted[]) {
  const { perform } = useActs();
  useScans((scan) => {
    const products = new Set(scan.items.map((item) => item.product.id));
    const one =
      scan.kind === "product" && wanted.find((entry) => products.has(entry.like.product.id));
    if (!one) return false;
    void perform({
      path: `/api/buying/${one.id}/got`,
      body: { newItems: [crypto.randomUUID()], restToCome: one.packs > 1 },
      done:
        one.packs > 1
          ? `One ${shortName(one.like)} is in the kit; ${one.packs - 1} to come.`
          : `${shortName(one.like)} is in the kit, sealed.`,
    }).catch(() => {});
    return true;
  }, "Scan packs that came: what is on the buying list goes into the kit.");
}

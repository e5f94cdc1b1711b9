import { useActs } from "../../api/acts";
import { shortName } from "../../words/items";
import type { LoadProps } from "./LoadView";

/** Lays a piece into another compartment; the plan answers whether it fits. */
export function useLaying({ booking, plan }: LoadProps) {
  const { perform } = useActs();
  return (item: string, compartment: string) => {
    const piece = plan.pieces.find((one) => one.item.id === item);
    const to = plan.bags.flatMap((bag) => bag.rooms).find((one) => one.id === compartment);
    if (!piece || !to || piece.compartment === compartment) return false;
    void perform({
      path: `/api/bookings/${booking}/load/move`,
      body: { item, compartment },
      done: `${shortName(piece.item)} goes into ${to.name}.`,
    }).catch(() => {});
    return true;
  };
}

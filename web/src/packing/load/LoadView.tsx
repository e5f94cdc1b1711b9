import { useParams } from "react-router";
import { type LoadPlan, useLoad } from "../../api/load";
import { usePackingList } from "../../api/packing";
import { useStance } from "../../parts/stance";
import { Without } from "../../ui/Without";
import { LoadDesk } from "./LoadDesk";
import { LoadHand } from "./LoadHand";

/** What goes into which compartment: the bags side by side at the desk, bag by bag in the hand. */
export function LoadView() {
  const { id = "" } = useParams();
  const load = useLoad(id);
  const list = usePackingList(id);
  const stance = useStance();
  if (!load.data || !list.data) {
    return <Without query={load.data ? list : load} waiting="Opening the bags…" />;
  }
  const title = list.data.booking.title;
  const View = stance === "hand" ? LoadHand : LoadDesk;
  return <View booking={id} title={title} plan={load.data} />;
}

export type LoadProps = { booking: string; title: string; plan: LoadPlan };

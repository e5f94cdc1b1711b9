import { useParams } from "react-router";
import { usePlaceList } from "../api/kit";
import { type PackingList, useOthersTicks, usePackingList } from "../api/packing";
import { useStance } from "../parts/stance";
import { Without } from "../ui/Without";
import { PackDesk } from "./PackDesk";
import { PackHand } from "./PackHand";
import { usePackingScans } from "./usePackingScans";

/** One booking and its packing list: at the desk the whole of it, in the hand one thing at a time. */
export function PackingView() {
  const { id = "" } = useParams();
  const list = usePackingList(id);
  const { isPending } = usePlaceList();
  const stance = useStance();
  if (!list.data || isPending) {
    return <Without query={list} waiting="Building the packing list…" />;
  }
  return <Packing list={list.data} stance={stance} />;
}

function Packing({ list, stance }: { list: PackingList; stance: "hand" | "desk" }) {
  usePackingScans(list);
  useOthersTicks(list.booking.id);
  return stance === "hand" ? <PackHand list={list} /> : <PackDesk list={list} />;
}

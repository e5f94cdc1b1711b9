import { useParams } from "react-router";
import { Sentence } from "../frame/Sentence";
import { useStance } from "../frame/stance";
import { usePlaceList } from "../kit/queries";
import { PackDesk } from "./PackDesk";
import { PackHand } from "./PackHand";
import { type PackingList, usePackingList } from "./queries";
import { usePackingScans } from "./usePackingScans";

/** One booking and its packing list: at the desk the whole of it, in the hand one thing at a time. */
export function PackingView() {
  const { id = "" } = useParams();
  const list = usePackingList(id);
  const { isPending } = usePlaceList();
  const stance = useStance();
  if (list.error) return <Sentence>{list.error.message}</Sentence>;
  if (!list.data || isPending) return <p className="text-soft">Working out what it takes…</p>;
  return <Packing list={list.data} stance={stance} />;
}

function Packing({ list, stance }: { list: PackingList; stance: "hand" | "desk" }) {
  usePackingScans(list);
  return stance === "hand" ? <PackHand list={list} /> : <PackDesk list={list} />;
}

import { useState } from "react";
import { useActs } from "../api/acts";
import type { Item } from "../api/client";
import { shortName } from "../words/items";

type PutProps = {
  /** One of the product. */
  item: Item;
  packs: number;
  neededOn: string | null;
  why: string;
  words: string;
};

/** Puts packs of a product onto the buying list; tapped twice in haste they are put there once. */
export function PutOnList({ item, packs, neededOn, why, words }: PutProps) {
  const { perform } = useActs();
  const [isPutting, setPutting] = useState(false);
  const put = () => {
    setPutting(true);
    // It is over once the list was asked for again, and says that it is there.
    perform({
      path: "/api/buying",
      body: { id: crypto.randomUUID(), product: item.product.id, packs, neededOn, why },
      done: `${shortName(item)} is on the buying list.`,
    })
      .catch(() => {})
      .finally(() => setPutting(false));
  };
  return (
    <button
      type="button"
      onClick={put}
      disabled={isPutting}
      aria-label={`Put ${shortName(item)} onto the buying list`}
      className="min-h-6 font-semibold underline disabled:opacity-50 max-hand:min-h-11"
    >
      {words}
    </button>
  );
}

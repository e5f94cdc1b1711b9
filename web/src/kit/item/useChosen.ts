import { useState } from "react";
import type { Item } from "../../api/client";

/** Several items chosen, and the row one stands on. */
export function useChosenItems(at: (index: number) => Item | undefined) {
  const [chosen, setChosen] = useState<ReadonlyMap<string, Item>>(new Map());
  const [row, setRow] = useState(0);
  const flip = (index: number) => {
    const item = at(index);
    if (!item) return;
    const next = new Map(chosen);
    next.delete(item.id) || next.set(item.id, item);
    setChosen(next);
    setRow(index);
  };
  /** From the row one stands on to this one, with all between. */
  const stretch = (index: number) => {
    const next = new Map(chosen);
    for (let i = Math.min(row, index); i <= Math.max(row, index); i++) {
      const item = at(i);
      if (item) next.set(item.id, item);
    }
    setChosen(next);
    setRow(index);
  };
  return { chosen, row, setRow, flip, stretch, clear: () => setChosen(new Map()) };
}

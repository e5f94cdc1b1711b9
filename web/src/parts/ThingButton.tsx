import type { ReactNode } from "react";
import type { Drawn } from "../api/client";
import { shortName } from "../words/items";
import { Dot } from "./Dot";

type ThingButtonProps = {
  item: Drawn;
  isChosen: boolean;
  onChoose: () => void;
  children?: ReactNode;
};

/** A thing among others of which one chooses several. */
export function ThingButton({ item, isChosen, onChoose, children }: ThingButtonProps) {
  return (
    <button
      type="button"
      aria-pressed={isChosen}
      onClick={onChoose}
      className="flex min-h-9 items-center gap-2 rounded border border-line px-2.5 text-left text-sm hover:bg-lit aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper max-hand:min-h-12"
    >
      <Dot product={item.product} />
      {shortName(item)}
      {children}
    </button>
  );
}

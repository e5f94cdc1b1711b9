import { type ReactNode, useState } from "react";
import { TellingLater } from "./TellingLater";

type ChipProps = { word: string; children: ReactNode };

/** A short reason; opening it tells the rule and the figures. */
export function Chip({ word, children }: ChipProps) {
  const [open, setOpen] = useState(false);
  return (
    <TellingLater
      open={open}
      onOpenChange={setOpen}
      button={{
        className:
          "inline-flex min-h-6 items-center rounded-full border border-hair px-2 text-[0.8rem] text-soft leading-tight hover:border-line hover:text-ink max-hand:min-h-8",
        children: word,
      }}
    >
      {children}
    </TellingLater>
  );
}

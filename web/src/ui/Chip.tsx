import { Popover } from "radix-ui";
import type { ReactNode } from "react";

type ChipProps = { word: string; children: ReactNode };

/** A short reason; opening it tells the rule and the figures. */
export function Chip({ word, children }: ChipProps) {
  return (
    <Popover.Root>
      <Popover.Trigger className="inline-flex min-h-6 items-center rounded-full border border-hair px-2 text-[0.8rem] text-soft leading-tight hover:border-line hover:text-ink max-hand:min-h-8">
        {word}
      </Popover.Trigger>
      <OnPaper>{children}</OnPaper>
    </Popover.Root>
  );
}

/** What a popover tells, on paper with an ink edge. */
export function OnPaper({ children }: { children: ReactNode }) {
  return (
    <Popover.Portal>
      <Popover.Content
        sideOffset={6}
        collisionPadding={12}
        className="z-30 max-w-80 rounded-md border-2 border-ink bg-paper px-3.5 py-2.5 text-sm"
      >
        {children}
        <Popover.Arrow className="fill-ink" />
      </Popover.Content>
    </Popover.Portal>
  );
}

import { Popover } from "radix-ui";
import type { ComponentProps, ReactNode } from "react";

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

export type TellingProps = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** The button that opened it. */
  button: ComponentProps<"button">;
  children: ReactNode;
};

/** A button and what it tells on paper. */
export function Telling({ open, onOpenChange, button, children }: TellingProps) {
  return (
    <Popover.Root open={open} onOpenChange={onOpenChange}>
      <Popover.Trigger {...button} />
      <OnPaper>{children}</OnPaper>
    </Popover.Root>
  );
}

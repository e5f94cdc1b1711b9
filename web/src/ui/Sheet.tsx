import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

type SheetProps = {
  title: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  children: ReactNode;
};

/** A small sheet laid over the view for one question; Esc and a tap beside it close it. */
export function Sheet({ title, open, onOpenChange, children }: SheetProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-[#1d1e20]/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-30 max-h-[85dvh] w-[min(30rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-md border-2 border-ink bg-paper p-5 max-hand:top-auto max-hand:bottom-0 max-hand:w-full max-hand:translate-y-0"
        >
          <Dialog.Title className="mb-3 font-semibold font-voice text-xl">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

import { type ReactNode, useState } from "react";

/** The first few of a list, and the others when they are wanted. */
export function More({ items, shown }: { items: ReactNode[]; shown: number }) {
  const [isOpen, setOpen] = useState(false);
  const rest = items.length - shown;
  return (
    <>
      <ul>{isOpen ? items : items.slice(0, shown)}</ul>
      {rest > 0 && (
        <button
          type="button"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
          className="min-h-9 underline max-hand:min-h-11"
        >
          {isOpen ? "fewer" : `${rest} more`}
        </button>
      )}
    </>
  );
}

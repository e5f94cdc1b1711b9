import type { Item } from "../api/client";

const SIZES = { row: "size-4", small: "size-6", usual: "size-7", large: "size-20" };

/** A thing's own colour, as near as a screen can show it. */
export function Swatch({ item, size = "usual" }: { item: Item; size?: keyof typeof SIZES }) {
  const { colour, measures } = item.product;
  return (
    <span
      aria-hidden="true"
      style={{ backgroundColor: colour ?? "var(--lit)" }}
      className={`${SIZES[size]} inline-block shrink-0 border border-ink/25 ${measures.outline === "round" ? "rounded-full" : "rounded"}`}
    />
  );
}

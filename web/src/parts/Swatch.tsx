import type { Painted } from "../api/client";
import { paintOf } from "./depths";

const SIZES = { row: "size-4", small: "size-6", usual: "size-7", large: "size-20" };

/** A thing's own colour, as near as a screen can show it; dashed where only its depth is known. */
export function Swatch({ item, size = "usual" }: { item: Painted; size?: keyof typeof SIZES }) {
  const { colour, measures } = item.product;
  const paint = paintOf(item.product);
  const { shades } = item.product;
  return (
    <span
      aria-hidden="true"
      style={{ background: stripes(shades.map(paintOf)) ?? paint ?? "var(--lit)" }}
      className={`${SIZES[size]} inline-block shrink-0 border ${paint && !colour ? "border-proposed border-dashed" : "border-ink/25"} ${measures.outline === "round" ? "rounded-full" : "rounded"}`}
    />
  );
}

/** Several shades of one pack, side by side; null where it is of one. */
function stripes(paints: (string | null)[]): string | null {
  if (paints.length === 0) return null;
  const stops = paints.map((paint, at) => {
    const [from, to] = [at, at + 1].map((one) => (100 * one) / paints.length);
    return `${paint ?? "var(--lit)"} ${from}% ${to}%`;
  });
  return `linear-gradient(90deg, ${stops.join(", ")})`;
}

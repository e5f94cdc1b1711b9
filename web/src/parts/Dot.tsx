import { paintOf } from "./depths";

type DotProps = {
  product: { colour: string | null; depth: number | null };
  size?: keyof typeof SIZES;
};

const SIZES = { row: "size-4", card: "size-10" };

/** A thing's colour where there is room for no more. */
export function Dot({ product, size = "row" }: DotProps) {
  return (
    <span
      aria-hidden="true"
      style={{ background: paintOf(product) ?? "var(--lit)" }}
      className={`${SIZES[size]} inline-block shrink-0 rounded-full border border-ink/25`}
    />
  );
}

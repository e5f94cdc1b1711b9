type BarProps = { part: number; of: number; hatched?: boolean };

/** How large a part is, beside its figure. */
export function Bar({ part, of, hatched = false }: BarProps) {
  return (
    <span aria-hidden="true" className="block h-2.5 w-full bg-lit">
      <span
        style={{ width: `${of > 0 ? Math.max(0.5, (part / of) * 100) : 0}%` }}
        className={`block h-full ${hatched ? "border border-ink bg-paper" : "bg-ink"}`}
      />
    </span>
  );
}

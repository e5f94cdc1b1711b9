const FILLED: Record<string, number> = {
  full: 14,
  "three-quarters": 10.5,
  half: 7,
  quarter: 3.5,
  "last-of-it": 1.5,
  empty: 0,
};

/** A small glass, filled as far as a level says. */
export function Glass({ level }: { level: string }) {
  const filled = FILLED[level] ?? 0;
  return (
    <svg viewBox="0 0 10 16" width="10" height="16" aria-hidden="true">
      <rect
        x="0.75"
        y="0.75"
        width="8.5"
        height="14.5"
        rx="1.5"
        fill="none"
        stroke="currentColor"
      />
      <rect x="2" y={15 - filled} width="6" height={filled} fill="currentColor" />
    </svg>
  );
}

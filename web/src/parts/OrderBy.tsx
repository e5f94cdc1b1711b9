/** The sign of a day by which something has to be ordered: a hook, so that no colour has to tell it. */
export function OrderBy({ isLate }: { isLate: boolean }) {
  return (
    <svg viewBox="0 0 12 12" width="12" height="12" aria-hidden="true">
      <path
        d="M6 11V3.5H11"
        fill="none"
        stroke={isLate ? "var(--stop)" : "var(--proposed)"}
        strokeWidth="2"
      />
      <circle cx="6" cy="3.5" r="2" fill={isLate ? "var(--stop)" : "var(--proposed)"} />
    </svg>
  );
}

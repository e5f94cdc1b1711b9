type ProgressProps = { label: string; done: number; all: number };

/** How much of something is done, as a bar. */
export function Progress({ label, done, all }: ProgressProps) {
  return (
    <div
      role="progressbar"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={all}
      aria-valuenow={done}
      className="h-1.5 bg-hair"
    >
      <div style={{ width: `${all ? (done / all) * 100 : 0}%` }} className="h-full bg-ink" />
    </div>
  );
}

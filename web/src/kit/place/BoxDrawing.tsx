type BoxDrawingProps = {
  /** In mm, as far as they are known. */
  width: number | null;
  depth: number | null;
  height: number | null;
  slots: number | null;
};

/** Of the drawing, in its own units. */
const WIDE = 260;
const HIGH = 190;

/** A lip bullet, which everybody has held: what is drawn is as large as it is beside that. */
const BULLET = { width: 20, height: 75 };

/** How far the depth goes back, and up, for each mm. */
const BACK = 0.4;

/** The inside as it is being typed, to scale, with a lip bullet in it. */
export function BoxDrawing({ width, depth, height, slots }: BoxDrawingProps) {
  if (!width || !height) {
    return (
      <p className="text-soft text-sm">
        Type its inner width and height, and it is drawn here to scale.
      </p>
    );
  }
  const far = (depth ?? 0) * BACK;
  const unit = Math.min(WIDE / (width + far + BULLET.width), HIGH / (height + far + 4));
  const [w, h, d] = [width * unit, height * unit, far * unit];
  const count = Math.min(slots ?? 0, 60);
  const fits = height >= BULLET.height && width >= BULLET.width;
  return (
    <figure className="flex flex-col gap-1">
      <svg
        role="img"
        aria-label={`Inside ${width} by ${depth ?? "?"} by ${height} mm`}
        viewBox={`-2 -2 ${WIDE + 4} ${HIGH + 4}`}
        className="max-h-48 w-full max-w-72"
      >
        <g fill="none" stroke="var(--ink)" strokeWidth="1.5" strokeLinejoin="round">
          <path
            d={`M0 ${d} L${d} 0 H${w + d} V${h} L${w} ${h + d}`}
            strokeDasharray={depth ? undefined : "4 3"}
          />
          <path d={`M${w} ${d} L${w + d} 0`} />
          <rect x="0" y={d} width={w} height={h} fill="var(--sheet)" />
          {Array.from({ length: Math.max(0, count - 1) }, (_, i) => (
            <path
              // biome-ignore lint/suspicious/noArrayIndexKey: a line is where it stands.
              key={i}
              d={`M${(w / count) * (i + 1)} ${d} V${h + d}`}
              stroke="var(--line)"
              strokeWidth="1"
            />
          ))}
        </g>
        <rect
          x={3}
          y={h + d - BULLET.height * unit}
          width={BULLET.width * unit}
          height={BULLET.height * unit}
          rx={BULLET.width * unit * 0.2}
          fill={fits ? "var(--lit)" : "none"}
          stroke={fits ? "var(--ink)" : "var(--stop)"}
          strokeDasharray={fits ? undefined : "3 2"}
        />
      </svg>
      <figcaption className="text-soft text-sm">
        {fits
          ? "With a lip bullet standing in it, to scale."
          : "A lip bullet does not stand in it."}
      </figcaption>
    </figure>
  );
}

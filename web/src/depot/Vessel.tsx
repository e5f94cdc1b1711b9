import type { Item } from "../api/client";
import type { Empty, Piece } from "../api/depot";

type Kind = Piece["container"];

/** Where the content can stand, as shares of the height from the bottom, and what lies above it. */
type Shape = { body: number; top: (w: number, h: number) => string };

const CAP = (share: number, wide: number) => (w: number, h: number) => {
  const inset = Math.max(0.75, (w * (1 - wide)) / 2);
  return `M${inset} ${h * (1 - share)}V1.5h${w - 2 * inset}V${h * (1 - share)}z`;
};

const SHAPES: Record<Kind, Shape> = {
  "pointed-squeeze-bottle": {
    body: 0.7,
    top: (w, h) => `M${w * 0.22} ${h * 0.3}L${w * 0.44} 1.5h${w * 0.12}L${w * 0.78} ${h * 0.3}z`,
  },
  "dropper-bottle": {
    body: 0.62,
    top: (w, h) =>
      `M${w * 0.28} ${h * 0.38}v${-h * 0.14}h${w * 0.08}v${-h * 0.1}q0 ${-h * 0.13} ${w * 0.14} ${-h * 0.13}q${w * 0.14} 0 ${w * 0.14} ${h * 0.13}v${h * 0.1}h${w * 0.08}v${h * 0.14}z`,
  },
  "pump-bottle": {
    body: 0.7,
    top: (w, h) =>
      `M${w * 0.3} ${h * 0.3}v${-h * 0.08}h${w * 0.14}v${-h * 0.09}h${-w * 0.3}v${-h * 0.07}h${w * 0.62}v${h * 0.16}h${-w * 0.06}v${h * 0.08}z`,
  },
  "fine-spray-bottle": { body: 0.74, top: CAP(0.26, 0.6) },
  "screw-jar": { body: 0.62, top: CAP(0.38, 1) },
  "sealed-clam": { body: 0.55, top: CAP(0.45, 1) },
  "loose-magnetic-pan": { body: 1, top: () => "" },
  "magnetic-palette": { body: 1, top: () => "" },
  "open-well-palette": { body: 1, top: () => "" },
  "tilt-spout-powder-bottle": {
    body: 0.78,
    top: (w, h) => `M${w * 0.12} ${h * 0.22}L${w * 0.12} ${h * 0.12}L${w * 0.8} 1.5V${h * 0.22}z`,
  },
  "sifter-jar": { body: 0.6, top: CAP(0.4, 1) },
  "divided-tray": { body: 1, top: () => "" },
};

type StandingProps = {
  width: number;
  height: number;
  scale: number;
  /** Share of its room that is filled, 0 to 1. */
  fill: number;
  colour: string | null;
  shape: Shape;
  state?: "fits" | "caution" | "no" | undefined;
};

/** One vessel seen from the side, to scale, with what is in it in its own colour. */
function Standing({ width, height, scale, fill, colour, shape, state = "fits" }: StandingProps) {
  const w = Math.max(6, width * scale);
  const h = Math.max(4, height * scale);
  const body = h * shape.body;
  const level = Math.max(0, Math.min(1, fill)) * Math.max(0, body - 3);
  const line = state === "no" ? "var(--stop)" : state === "caution" ? "var(--soon)" : "var(--ink)";
  const radius = Math.min(4, w / 6, body / 3);
  const box = { x: 0.75, y: h - body + 0.75, width: w - 1.5, height: body - 1.5, rx: radius };
  return (
    <svg
      width={w}
      height={h}
      viewBox={`0 0 ${w} ${h}`}
      aria-hidden="true"
      className="shrink-0 overflow-visible"
    >
      <path d={shape.top(w, h)} fill="var(--lit)" stroke={line} strokeWidth="1.5" />
      <rect {...box} fill="var(--paper)" />
      {level > 0 && (
        <rect
          x="2"
          y={h - level - 1.5}
          width={w - 4}
          height={level}
          rx={Math.min(radius, level / 2)}
          fill={colour ?? "var(--line)"}
        />
      )}
      <rect
        {...box}
        fill="none"
        stroke={line}
        strokeWidth={state === "fits" ? 1.5 : 2}
        strokeDasharray={state === "caution" ? "4 3" : undefined}
      />
      {state === "no" && (
        <path d={`M2 ${h - 2}L${w - 2} ${h - body + 2}`} stroke={line} strokeWidth="2" />
      )}
    </svg>
  );
}

const PACKS = {
  tall: { body: 0.72, top: CAP(0.28, 0.62) },
  low: { body: 0.62, top: CAP(0.38, 1) },
  rod: { body: 0.58, top: CAP(0.42, 0.9) },
  box: { body: 1, top: () => "" },
} satisfies Record<string, Shape>;

/** How a pack stands on a shelf: rods upright, flat ones lying. */
export function standing(item: Item): { width: number; height: number; shape: Shape } {
  const { outline, widthMm, depthMm, heightMm } = item.decant?.measures ?? item.product.measures;
  if (item.decant) {
    return { width: widthMm, height: heightMm, shape: SHAPES[item.decant.container] };
  }
  if (outline === "long") {
    return {
      width: Math.min(widthMm, depthMm),
      height: Math.max(widthMm, depthMm),
      shape: PACKS.rod,
    };
  }
  if (outline === "flat") return { width: widthMm, height: heightMm, shape: PACKS.box };
  return {
    width: widthMm,
    height: heightMm,
    shape: heightMm > widthMm ? PACKS.tall : PACKS.low,
  };
}

/** A thing of the kit as it stands on the shelf. */
export function PackStanding({ item, scale }: { item: Item; scale: number }) {
  const { width, height, shape } = standing(item);
  return (
    <Standing
      width={width}
      height={height}
      scale={scale}
      fill={item.size > 0 ? item.left / item.size : 0}
      colour={item.product.colour}
      shape={shape}
    />
  );
}

type ContainerProps = {
  empty: Empty["empty"];
  scale: number;
  fill?: number;
  colour?: string | null;
  state?: "fits" | "caution" | "no" | undefined;
};

/** A container of a kind of empties, empty or filled. */
export function ContainerStanding({
  empty,
  scale,
  fill = 0,
  colour = null,
  state,
}: ContainerProps) {
  return (
    <Standing
      width={empty.outerWidthMm}
      height={empty.outerHeightMm}
      scale={scale}
      fill={fill}
      colour={colour}
      shape={SHAPES[empty.container]}
      state={state}
    />
  );
}

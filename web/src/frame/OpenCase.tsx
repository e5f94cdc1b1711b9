import { useRef } from "react";
import { mass } from "../words/quantities";
import type { Item, Tray } from "./api";

type Piece = Tray["pieces"][number];

type OpenCaseProps = {
  tray: Tray;
  items: Map<string, Item>;
  /** Whether a thing is in the case already; others are drawn as they will lie. */
  isIn?: (item: string) => boolean;
  chosen?: string | null;
  onChoose: (item: string) => void;
  nameOf: (item: Item) => string;
};

/**
 * A bag drawn to scale from its measures: trays laid open side by side in order of reach, things as
 * proportionate pieces in their own colour. Arrow keys walk the pieces.
 */
export function OpenCase(props: OpenCaseProps) {
  const { tray } = props;
  const drawing = useRef<SVGSVGElement>(null);
  const margin = 4;
  const { width, height } = tray.box;
  const walk = (event: React.KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (!step) return;
    const pieces = [...(drawing.current?.querySelectorAll<SVGElement>("[data-piece]") ?? [])];
    const at = pieces.indexOf(document.activeElement as unknown as SVGElement);
    pieces[(at + step + pieces.length) % pieces.length]?.focus();
    event.preventDefault();
  };
  const overHeavy = tray.greatestMass && tray.mass.grams > tray.greatestMass.grams;
  const first = firstPiece(tray);
  return (
    <figure className="min-w-0">
      <figcaption className="mb-1 flex items-baseline justify-between gap-3">
        <span className="font-semibold">{tray.name}</span>
        <span className={overHeavy ? "font-semibold text-stop" : "text-soft"}>
          {mass(tray.mass.grams)}
          {tray.greatestMass && ` of ${mass(tray.greatestMass.grams)}`}
        </span>
      </figcaption>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing of buttons has no element of its own. */}
      <svg
        ref={drawing}
        role="group"
        aria-label={`${tray.name}, laid open`}
        viewBox={`${-margin} ${-margin} ${width + 2 * margin} ${height + 2 * margin}`}
        className="block h-auto w-full"
        onKeyDown={walk}
      >
        <rect
          width={width}
          height={height}
          rx={10}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={4}
        />
        {tray.trays.length === 0 && <Fill tray={tray} />}
        {tray.trays.map((inner) => (
          <Compartment key={inner.place} {...props} tray={inner} first={first} />
        ))}
        <Pieces {...props} first={first} />
      </svg>
    </figure>
  );
}

function firstPiece(tray: Tray): string | undefined {
  return tray.pieces[0]?.item ?? tray.trays.map(firstPiece).find(Boolean);
}

type Inner = OpenCaseProps & { first: string | undefined };

function Compartment({ tray, ...rest }: Inner) {
  const { x, y, width, height } = tray.box;
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill="var(--paper)"
        stroke="var(--line)"
        strokeWidth={1.5}
      />
      <rect x={x} y={y} width={21} height={19} fill="var(--ink)" />
      <text
        x={x + 10.5}
        y={y + 14.5}
        fontSize={15}
        fontWeight={700}
        textAnchor="middle"
        fill="var(--paper)"
      >
        {tray.reach}
      </text>
      <text x={x + 27} y={y + 14.5} fontSize={15} fill="var(--soft)">
        {tray.name}
      </text>
      <Fill tray={tray} />
      {tray.trays.map((inner) => (
        <Compartment key={inner.place} {...rest} tray={inner} />
      ))}
      <Pieces {...rest} tray={tray} />
    </g>
  );
}

/** How full a compartment is by volume: a scale at its right edge, over-full in brick. */
function Fill({ tray }: { tray: Tray }) {
  if (tray.fill === null || tray.fill === undefined) return null;
  const { x, y, width, height } = tray.box;
  const scale = height - 8;
  const filled = Math.min(tray.fill, 1) * scale;
  const colour = tray.fill > 1 ? "var(--stop)" : tray.fill > 0.85 ? "var(--soon)" : "var(--line)";
  return (
    <g>
      <rect x={x + width - 6} y={y + 4} width={3.5} height={scale} fill="var(--lit)" />
      <rect
        x={x + width - 6}
        y={y + 4 + scale - filled}
        width={3.5}
        height={filled}
        fill={colour}
      />
    </g>
  );
}

function Pieces({ tray, items, isIn, chosen, onChoose, nameOf, first }: Inner) {
  return tray.pieces.map((piece) => {
    const item = items.get(piece.item);
    if (!item) return null;
    const inside = isIn ? isIn(piece.item) : true;
    return (
      // biome-ignore lint/a11y/useSemanticElements: an SVG has no button element.
      <g
        key={piece.item}
        data-piece={piece.item}
        role="button"
        tabIndex={piece.item === (chosen ?? first) ? 0 : -1}
        aria-label={`${nameOf(item)}, ${tray.name}${inside ? "" : ", not in yet"}`}
        aria-pressed={piece.item === chosen}
        onClick={() => onChoose(piece.item)}
        onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && onChoose(piece.item)}
        className="group outline-none"
      >
        <title>{nameOf(item)}</title>
        <Drawn piece={piece} item={item} inside={inside} chosen={piece.item === chosen} />
      </g>
    );
  });
}

type DrawnProps = { piece: Piece; item: Item; inside: boolean; chosen: boolean };

function Drawn({ piece, item, inside, chosen }: DrawnProps) {
  const { x, y, width, height } = piece.box;
  const date = item.marks.date.state;
  const colour = item.product.colour ?? "var(--lit)";
  const stroke = chosen
    ? "var(--proposed)"
    : date === "in-order"
      ? "var(--line)"
      : `var(--${date})`;
  const look = {
    fill: colour,
    fillOpacity: inside ? 1 : 0.16,
    stroke,
    strokeWidth: chosen ? 4 : date === "in-order" ? 1.4 : 3,
    strokeDasharray: date === "soon" ? "5 3" : undefined,
    className: "group-focus-visible:stroke-[5px] group-focus-visible:stroke-proposed",
  };
  return (
    <>
      {piece.outline === "round" ? (
        <>
          <circle cx={x + width / 2} cy={y + height / 2} r={width / 2 - 1} {...look} />
          <circle
            cx={x + width / 2}
            cy={y + height / 2}
            r={width / 4}
            fill="none"
            stroke="var(--ink)"
            strokeOpacity={inside ? 0.22 : 0.12}
          />
        </>
      ) : (
        <rect
          x={x + 0.7}
          y={y + 0.7}
          width={width - 1.4}
          height={height - 1.4}
          rx={piece.outline === "long" ? Math.min(width, height) / 2.4 : 4}
          {...look}
        />
      )}
      {date === "stop" && (
        <path
          d={`M${x} ${y}l${width} ${height}m0 ${-height}l${-width} ${height}`}
          stroke="var(--stop)"
          strokeWidth={3}
        />
      )}
    </>
  );
}

import type { Drawn as Item, Tray } from "../api/client";
import type { Inner } from "./caseProps";
import { paintOf } from "./depths";
import { useLiftable } from "./lifting";

type Piece = Tray["pieces"][number];

type PiecesProps = Inner & { isClose: boolean };

/** The things that lie directly in one compartment. */
export function Pieces(props: PiecesProps) {
  const { tray, items } = props;
  const troubled = new Set(
    tray.findings.flatMap(({ facts }) => ("item" in facts ? [facts.item] : [])),
  );
  return tray.pieces.map((piece) => {
    const item = items.get(piece.item);
    return (
      item && (
        <PieceButton
          key={piece.item}
          {...props}
          piece={piece}
          item={item}
          troubled={troubled.has(piece.item)}
        />
      )
    );
  });
}

type PieceButtonProps = PiecesProps & { piece: Piece; item: Item; troubled: boolean };

function PieceButton({ piece, item, troubled, ...props }: PieceButtonProps) {
  const { tray, isIn, chosen, onChoose, nameOf, first, canLift, isClose, unit } = props;
  const colour = paintOf(item.product) ?? "var(--lit)";
  const { ref, listeners, isLifted } = useLiftable(piece.item, colour, canLift ?? false);
  const inside = isIn ? isIn(piece.item) : true;
  const name = nameOf(item);
  return (
    // biome-ignore lint/a11y/useSemanticElements: an SVG has no button element.
    <g
      ref={ref}
      data-piece={piece.item}
      role="button"
      tabIndex={piece.item === (chosen ?? first) ? 0 : -1}
      aria-label={`${name}, ${tray.name}${inside ? "" : ", not in yet"}${troubled ? ", does not fit here" : ""}`}
      aria-pressed={piece.item === chosen}
      onClick={() => onChoose(piece.item)}
      onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && onChoose(piece.item)}
      opacity={isLifted ? 0.3 : 1}
      className={`group outline-none ${canLift ? "cursor-grab touch-manipulation" : ""}`}
      {...listeners}
    >
      <title>{name}</title>
      <Drawn
        piece={piece}
        item={item}
        inside={inside}
        chosen={piece.item === chosen}
        troubled={troubled}
        unit={unit}
      />
      {isClose && <Caption piece={piece} item={item} unit={unit} />}
    </g>
  );
}

/** Seen closely, a piece says which shade it is. */
function Caption({ piece, item, unit }: { piece: Piece; item: Item; unit: number }) {
  const { x, y, width, height } = piece.box;
  const text = item.product.shade || item.product.name;
  const along = piece.outline === "long" && height > width;
  const room = along ? height : width;
  const smallest = 9 * unit;
  const fits = Math.min((along ? width : height) * 0.8, (room * 0.94) / (text.length * 0.54));
  const size = Math.min(15 * unit, Math.max(smallest, fits));
  const letters = Math.floor((room * 0.94) / (size * 0.54));
  if (letters < 3 || size > (along ? width : height)) return null;
  const shown = text.length > letters ? `${text.slice(0, letters - 1)}…` : text;
  return (
    <text
      x={x + width / 2}
      y={y + height / 2 + size / 3}
      fontSize={size}
      textAnchor="middle"
      transform={along ? `rotate(90 ${x + width / 2} ${y + height / 2})` : undefined}
      fill={isDark(paintOf(item.product)) ? "var(--paper-always)" : "var(--ink-always)"}
      className="pointer-events-none"
    >
      {shown}
    </text>
  );
}

/** Whether light words are read better on this colour than dark ones (WCAG relative luminance). */
function isDark(colour: string | null): boolean {
  if (!colour) return document.documentElement.dataset.theme === "dark";
  const [red = 0, green = 0, blue = 0] = [1, 3, 5]
    .map((at) => Number.parseInt(colour.slice(at, at + 2), 16) / 255)
    .map((part) => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4));
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue < 0.18;
}

type DrawnProps = {
  piece: Piece;
  item: Item;
  inside: boolean;
  chosen: boolean;
  troubled: boolean;
  unit: number;
};

function Drawn({ piece, item, inside, chosen, troubled, unit }: DrawnProps) {
  const { x, y, width, height } = piece.box;
  const date = item.marks.date.state;
  const stroke = chosen
    ? "var(--proposed)"
    : date === "in-order"
      ? "var(--line)"
      : `var(--${date})`;
  const look = {
    fill: paintOf(item.product) ?? "var(--lit)",
    fillOpacity: inside ? 1 : 0.16,
    stroke,
    strokeWidth: (chosen ? 4 : date === "in-order" ? 1.4 : 3) * unit,
    strokeDasharray: date === "soon" ? `${5 * unit} ${3 * unit}` : undefined,
    className: "group-focus-visible:stroke-proposed group-focus-visible:[stroke-dasharray:none]",
  };
  return (
    <>
      {piece.outline === "round" ? (
        <>
          <circle cx={x + width / 2} cy={y + height / 2} r={Math.max(1, width / 2 - 1)} {...look} />
          <circle
            cx={x + width / 2}
            cy={y + height / 2}
            r={width / 4}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={unit}
            strokeOpacity={inside ? 0.22 : 0.12}
          />
        </>
      ) : (
        <rect
          x={x + 0.7}
          y={y + 0.7}
          width={Math.max(1, width - 1.4)}
          height={Math.max(1, height - 1.4)}
          rx={piece.outline === "long" ? Math.min(width, height) / 2.4 : 4}
          {...look}
        />
      )}
      {date === "stop" && (
        <path
          d={`M${x} ${y}l${width} ${height}m0 ${-height}l${-width} ${height}`}
          stroke="var(--stop)"
          strokeWidth={3 * unit}
        />
      )}
      {troubled && (
        <path
          d={`M${x + width - unit} ${y - 3 * unit}v${11 * unit}m0 ${3 * unit}v${3 * unit}`}
          stroke="var(--stop)"
          strokeWidth={4 * unit}
          fill="none"
        />
      )}
    </>
  );
}

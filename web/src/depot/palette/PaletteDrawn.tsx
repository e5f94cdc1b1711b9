import type { Item, Schemas } from "../../api/client";
import { shortName } from "../../words/items";

type Palette = Schemas["PaletteView"];
type Slot = Schemas["SlotView"];

type DrawnProps = { palette: Palette; picked: number | null; onPick: (slot: number) => void };

/** To scale from its measures; round pans round, in their own colour. */
export function PaletteDrawn({ palette, picked, onPick }: DrawnProps) {
  const right = Math.max(...palette.slots.map(({ box }) => box.x + box.width)) + 8;
  const bottom = Math.max(...palette.slots.map(({ box }) => box.y + box.height)) + 8;
  const top = Math.min(...palette.slots.map(({ box }) => box.y)) - 8;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing of buttons has no element of its own.
    <svg
      role="group"
      aria-label={`${palette.name}, its slots`}
      viewBox={`0 ${top} ${right} ${bottom - top}`}
      className="block max-h-[62dvh] w-full select-none [&_*]:[vector-effect:non-scaling-stroke]"
    >
      <rect
        x="1"
        y={top + 1}
        width={right - 2}
        height={bottom - top - 2}
        rx="4"
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="2.5"
      />
      {palette.slots.map((slot) => (
        <SlotDrawn
          key={slot.number}
          slot={slot}
          isPicked={slot.number === picked}
          onPick={() => onPick(slot.number)}
        />
      ))}
    </svg>
  );
}

type SlotDrawnProps = { slot: Slot; isPicked: boolean; onPick: () => void };

function SlotDrawn({ slot, isPicked, onPick }: SlotDrawnProps) {
  const { box, item, belongs, number } = slot;
  const size = Math.min(box.width, box.height);
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const shown = item ?? belongs;
  const fontSize = Math.max(3, Math.min(4.4, box.width / 7));
  const name = shown ? shown.product.shade || shown.product.name : "free";
  const room = Math.floor(box.width / (fontSize * 0.52));
  const dateState = item?.marks.date.state;
  return (
    // biome-ignore lint/a11y/useSemanticElements: an SVG has no button element.
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isPicked}
      aria-label={`Slot ${number}: ${item ? shortName(item) : belongs ? `${shortName(belongs)}, lifted out` : "free"}`}
      onClick={onPick}
      onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && onPick()}
      className="cursor-pointer outline-none focus-visible:[&>rect]:stroke-[3]"
    >
      <rect
        x={box.x}
        y={box.y}
        width={box.width}
        height={box.height}
        rx="2"
        fill={isPicked ? "var(--lit)" : "transparent"}
        stroke={isPicked ? "var(--proposed)" : "var(--line)"}
        strokeWidth={isPicked ? 3 : 1}
        strokeDasharray={item ? undefined : "5 4"}
      />
      {item && item.product.form !== "lashes" && (
        <circle
          cx={middle.x}
          cy={middle.y - fontSize * 0.7}
          r={size * 0.33}
          fill={item.product.colour ?? "var(--lit)"}
          stroke={dateState === "stop" ? "var(--stop)" : "var(--ink)"}
          strokeOpacity={dateState === "stop" ? 1 : 0.4}
          strokeWidth={dateState === "stop" ? 3 : 1}
        />
      )}
      {item && item.product.form === "lashes" && (
        <path
          d={`M${box.x + box.width * 0.15} ${middle.y}Q${middle.x} ${middle.y + size * 0.28} ${box.x + box.width * 0.85} ${middle.y}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={6 + fullness(item) * 5}
          strokeDasharray={`1.5 ${7 - fullness(item) * 1.4}`}
        />
      )}
      {belongs && !item && (
        <circle
          cx={middle.x}
          cy={middle.y - fontSize * 0.7}
          r={size * 0.33}
          fill="none"
          stroke={belongs.product.colour ?? "var(--line)"}
          strokeWidth="3"
          strokeDasharray="5 4"
        />
      )}
      <text
        x={middle.x}
        y={box.y + box.height - fontSize * 0.5}
        fontSize={fontSize}
        textAnchor="middle"
        fill={item ? "var(--ink)" : "var(--soft)"}
      >
        {name.length > room ? `${name.slice(0, room - 1)}…` : name}
      </text>
      <text x={box.x + 1.2} y={box.y + fontSize} fontSize={fontSize * 0.8} fill="var(--soft)">
        {number}
      </text>
    </g>
  );
}

const FULLNESS = ["sheer", "light", "medium", "full"];

function fullness(item: Item): number {
  return Math.max(0, FULLNESS.indexOf(item.product.coverage ?? "light"));
}

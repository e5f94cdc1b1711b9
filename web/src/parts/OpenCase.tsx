import type { Tray } from "../api/client";
import { mass } from "../words/quantities";
import type { Inner, OpenCaseProps } from "./caseProps";
import { useLandingPlace } from "./lifting";
import { Pieces } from "./Pieces";

/**
 * A bag drawn to scale from its measures: trays laid open side by side in order of reach, things as
 * proportionate pieces in their own colour. Arrow keys walk the pieces.
 */
export function OpenCase(props: OpenCaseProps) {
  const { tray, zoom, onZoom } = props;
  const landing = useLandingPlace(tray.place);
  const close = zoom ? find(tray, zoom) : null;
  const { x, y, width, height } = close?.box ?? tray.box;
  const margin = close ? 3 : 4;
  // Words and signs stay as large as they are in the whole case, however close one looks.
  const unit = Math.min(1, (close ? width : (props.beside ?? width)) / 560);
  const walk = (event: React.KeyboardEvent<SVGSVGElement>) => {
    if (event.key === "Escape" && close) onZoom?.(null);
    const pieces = [...event.currentTarget.querySelectorAll<SVGElement>("[data-piece]")];
    const next = neighbour(pieces, document.activeElement, event.key);
    if (!next) return;
    next.focus();
    event.preventDefault();
  };
  const overHeavy = tray.greatestMass && tray.mass.grams > tray.greatestMass.grams;
  return (
    <figure className="min-w-0">
      <figcaption className="mb-1 flex items-baseline justify-between gap-3">
        <span className="font-semibold">
          {tray.name}
          {close && close !== tray && `, ${close.name}`}
        </span>
        <span className={overHeavy ? "font-semibold text-stop" : "text-soft"}>
          {close && close !== tray && onZoom && (
            <button
              type="button"
              onClick={() => onZoom(null)}
              className="mr-3 min-h-8 text-ink underline max-hand:min-h-11"
            >
              Show all of it
            </button>
          )}
          {tray.mass.grams > 0 && mass(tray.mass.grams)}
          {tray.greatestMass && ` of ${mass(tray.greatestMass.grams)}`}
        </span>
      </figcaption>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing of buttons has no element of its own. */}
      <svg
        ref={landing.ref}
        role="group"
        aria-label={`Inside ${tray.name}`}
        data-place={tray.place}
        viewBox={`${x - margin} ${y - margin} ${width + 2 * margin} ${height + 2 * margin}`}
        className="block h-auto max-h-[85dvh] w-full select-none"
        onKeyDown={walk}
      >
        <Ground tray={tray} isOver={landing.isOver} />
        {tray.trays.length === 0 && <Fill tray={tray} unit={unit} />}
        {tray.trays.map((inner) => (
          <Compartment
            key={inner.place}
            {...props}
            tray={inner}
            first={firstPiece(tray)}
            unit={unit}
          />
        ))}
        <Pieces {...props} first={firstPiece(tray)} isClose={tray === close} unit={unit} />
      </svg>
    </figure>
  );
}

function find(tray: Tray, place: string): Tray | null {
  if (tray.place === place) return tray;
  return tray.trays.map((inner) => find(inner, place)).find(Boolean) ?? null;
}

function firstPiece(tray: Tray): string | undefined {
  return tray.pieces[0]?.item ?? tray.trays.map(firstPiece).find(Boolean);
}

/** The nearest piece in the direction of an arrow, as the eye would go. */
function neighbour(pieces: SVGElement[], from: Element | null, key: string): SVGElement | null {
  const step = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[key];
  if (!step) return null;
  const current = pieces.find((piece) => piece === from);
  if (!current) return pieces[0] ?? null;
  const [right = 0, down = 0] = step;
  const here = middle(current);
  let best: SVGElement | null = null;
  let nearest = Number.POSITIVE_INFINITY;
  for (const piece of pieces) {
    const there = middle(piece);
    const ahead = (there.x - here.x) * right + (there.y - here.y) * down;
    const aside = Math.abs((there.x - here.x) * down + (there.y - here.y) * right);
    const distance = ahead + 3 * aside;
    if (ahead > 1 && distance < nearest) {
      best = piece;
      nearest = distance;
    }
  }
  return best;
}

function middle(piece: SVGElement) {
  const box = piece.getBoundingClientRect();
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

function Ground({ tray, isOver }: { tray: Tray; isOver: boolean }) {
  return (
    <rect
      width={tray.box.width}
      height={tray.box.height}
      rx={tray.kind === "palette" ? 4 : 10}
      fill="var(--sheet)"
      stroke={isOver ? "var(--proposed)" : "var(--ink)"}
      strokeWidth={4}
    />
  );
}

function Compartment({ tray, ...rest }: Inner) {
  const { x, y, width, height } = tray.box;
  const { ref, isOver } = useLandingPlace(tray.place);
  const { onZoom, zoom, unit } = rest;
  const isClose = zoom === tray.place;
  const look = () => onZoom?.(isClose ? null : tray.place);
  return (
    <g ref={ref} data-place={tray.place}>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={isOver ? "var(--lit)" : "var(--paper)"}
        stroke={isOver ? "var(--proposed)" : "var(--line)"}
        strokeWidth={(isOver ? 3 : 1.5) * unit}
      />
      {tray.slots.map((slot) => (
        <rect
          key={`${slot.x} ${slot.y}`}
          x={slot.x}
          y={slot.y}
          width={slot.width}
          height={slot.height}
          rx={3}
          fill="none"
          stroke="var(--hair)"
          strokeWidth={unit}
        />
      ))}
      <Head tray={tray} unit={unit} onLook={onZoom ? look : undefined} isClose={isClose} />
      <Fill tray={tray} unit={unit} />
      {tray.trays.map((inner) => (
        <Compartment key={inner.place} {...rest} tray={inner} />
      ))}
      <Pieces {...rest} tray={tray} isClose={isClose} />
    </g>
  );
}

type HeadProps = { tray: Tray; unit: number; onLook?: (() => void) | undefined; isClose: boolean };

/** Order of reach on a black tab, the name, and how many things: pressing it looks closer. */
function Head({ tray, unit, onLook, isClose }: HeadProps) {
  const { x, y, width } = tray.box;
  const letters = Math.max(3, Math.floor((width - 34 * unit) / (7.4 * unit)));
  const name = tray.name.length > letters ? `${tray.name.slice(0, letters - 1)}…` : tray.name;
  const drawn = (
    <>
      <rect x={x} y={y} width={width} height={20} fill="transparent" />
      <rect x={x} y={y} width={21 * unit} height={19 * unit} fill="var(--ink)" />
      <text
        x={x + 10.5 * unit}
        y={y + 14.5 * unit}
        fontSize={15 * unit}
        fontWeight={700}
        textAnchor="middle"
        fill="var(--paper)"
      >
        {tray.reach}
      </text>
      <text x={x + 27 * unit} y={y + 14.5 * unit} fontSize={15 * unit} fill="var(--soft)">
        {name}
      </text>
    </>
  );
  return onLook ? (
    // biome-ignore lint/a11y/useSemanticElements: an SVG has no button element.
    <g
      role="button"
      tabIndex={0}
      aria-label={`${isClose ? "Away from" : "Closer to"} ${tray.name}, ${tray.count} items`}
      onClick={onLook}
      onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && onLook()}
    >
      {drawn}
    </g>
  ) : (
    <g>{drawn}</g>
  );
}

/** How full a compartment is by volume or slots: a scale at its right edge, over-full in brick. */
function Fill({ tray, unit }: { tray: Tray; unit: number }) {
  if (tray.fill === null || tray.fill === undefined) return null;
  const { x, y, width, height } = tray.box;
  const scale = height - 8;
  const filled = Math.min(tray.fill, 1) * scale;
  const colour = tray.fill > 1 ? "var(--stop)" : tray.fill > 0.85 ? "var(--soon)" : "var(--line)";
  return (
    <g>
      <rect
        x={x + width - 6 * unit}
        y={y + 4}
        width={3.5 * unit}
        height={scale}
        fill="var(--lit)"
      />
      <rect
        x={x + width - 6 * unit}
        y={y + 4 + scale - filled}
        width={3.5 * unit}
        height={filled}
        fill={colour}
      />
    </g>
  );
}

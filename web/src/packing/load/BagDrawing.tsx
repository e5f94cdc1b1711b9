import type { LoadBag, LoadPiece, LoadRoom } from "../../api/load";
import { paintOf } from "../../parts/depths";
import { useLandingPlace, useLiftable } from "../../parts/lifting";
import { shortName } from "../../words/items";
import { roomName } from "../../words/load";
import { mass } from "../../words/quantities";
import { arranged, HEAD_PX, widest } from "./arranged";

type BagDrawingProps = {
  bag: LoadBag;
  pieces: LoadPiece[];
  chosen: string | null;
  onChoose: (item: string) => void;
  onRoom?: ((room: LoadRoom) => void) | undefined;
  canLift?: boolean;
  /** mm for each pixel: the same for all bags, so that one sees which is the larger. */
  unit: number;
  /** How wide it may be, in pixels. */
  wide: number;
};

/**
 * A bag with its compartments side by side from above, to scale: every piece where it lies, the
 * upper ones over the lower ones, numbered in the order in which they go in.
 */
export function BagDrawing({ bag, wide, ...rest }: BagDrawingProps) {
  const { pieces, unit } = rest;
  const wanted = Math.max(widest(bag), wide * unit);
  const { placed, width, height } = arranged(bag, pieces, { unit, width: wanted });
  const isOver = bag.greatestMassG !== null && bag.massG > bag.greatestMassG;
  return (
    // A bag that is drawn small still has room for its name and mass.
    <figure className="w-fit max-w-full">
      <figcaption className="mb-1 flex items-baseline justify-between gap-3">
        <span className="font-semibold">{bag.name}</span>
        <span className={`whitespace-nowrap ${isOver ? "font-semibold text-stop" : "text-soft"}`}>
          {mass(bag.massG)}
          {bag.greatestMassG !== null && ` of ${mass(bag.greatestMassG)}`}
        </span>
      </figcaption>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing of buttons has no element of its own. */}
      <svg
        role="group"
        aria-label={`Plan of ${bag.name}`}
        viewBox={`${-2 * unit} 0 ${width + 4 * unit} ${height + 3 * unit}`}
        className="block h-auto max-w-full select-none"
        style={{ width: width / unit + 6 }}
      >
        {placed.map(({ room, x, y, depth }) => (
          <g key={room.id} transform={`translate(${x} ${y})`}>
            <Room room={room} depth={depth} {...rest} />
          </g>
        ))}
      </svg>
    </figure>
  );
}

type RoomProps = Omit<BagDrawingProps, "bag" | "wide"> & { room: LoadRoom; depth: number };

export function Room({ room, depth, unit, pieces, chosen, onChoose, onRoom, canLift }: RoomProps) {
  const { ref, isOver } = useLandingPlace(room.id);
  const here = pieces
    .filter((piece) => piece.compartment === room.id)
    .sort((one, other) => one.zMm - other.zMm);
  return (
    <g ref={ref} data-place={room.id}>
      {(room.slot === null || room.slot === 1) && <RoomHead {...{ room, unit, onRoom }} />}
      <rect
        width={room.widthMm}
        height={depth}
        rx={3}
        fill={isOver ? "var(--lit)" : room.closed ? "var(--hair)" : "var(--sheet)"}
        stroke={isOver ? "var(--proposed)" : "var(--ink)"}
        strokeWidth={(isOver ? 3 : 1.4) * unit}
        strokeDasharray={room.guessed ? `${6 * unit} ${4 * unit}` : undefined}
      />
      {here.map((piece) => (
        <Piece
          key={piece.item.id}
          {...{ piece, room, depth, unit, onChoose }}
          isChosen={piece.item.id === chosen}
          canLift={canLift ?? false}
        />
      ))}
    </g>
  );
}

type RoomHeadProps = {
  room: LoadRoom;
  unit: number;
  onRoom?: ((room: LoadRoom) => void) | undefined;
};

/** When it is opened, its name, how full it is. */
function RoomHead({ room, unit, onRoom }: RoomHeadProps) {
  const size = 13 * unit;
  const head = HEAD_PX * unit;
  const letters = Math.max(2, Math.floor((room.widthMm - 1.6 * size) / (size * 0.52)));
  const whole = roomName(room);
  const name = whole.length > letters ? `${whole.slice(0, Math.max(1, letters - 1))}…` : whole;
  const drawn = (
    <>
      <rect y={-head} width={room.widthMm} height={head} fill="transparent" />
      <text y={-0.35 * size} fontSize={size} fill="var(--soft)">
        <tspan fontWeight={700} fill="var(--ink)">
          {room.reach}
        </tspan>{" "}
        {name}
      </text>
    </>
  );
  if (!onRoom) return <g>{drawn}</g>;
  return (
    // biome-ignore lint/a11y/useSemanticElements: an SVG has no button element.
    <g
      role="button"
      tabIndex={0}
      aria-label={`${roomName(room)}, ${Math.round(room.fill * 100)} % full${room.closed ? ", left alone" : ""}`}
      onClick={() => onRoom(room)}
      onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && onRoom(room)}
    >
      {drawn}
    </g>
  );
}

type PieceProps = {
  piece: LoadPiece;
  room: LoadRoom;
  depth: number;
  unit: number;
  isChosen: boolean;
  onChoose: (item: string) => void;
  canLift: boolean;
};

function Piece({ piece, room, depth, unit, isChosen, onChoose, canLift }: PieceProps) {
  const colour = paintOf(piece.item.product) ?? "var(--lit)";
  const { ref, listeners, isLifted } = useLiftable(piece.item.id, colour, canLift);
  const name = shortName(piece.item);
  const isMoved = piece.usual !== null && piece.usual !== piece.compartment;
  const size = Math.min(12 * unit, piece.widthMm * 0.5, piece.depthMm * 0.8);
  return (
    // biome-ignore lint/a11y/useSemanticElements: an SVG has no button element.
    <g
      ref={ref}
      data-piece={piece.item.id}
      role="button"
      tabIndex={0}
      aria-label={`${piece.order}. ${name}, ${room.name}${isMoved ? ", not where it usually lies" : ""}${piece.packed ? ", in the bag" : ""}`}
      aria-pressed={isChosen}
      onClick={() => onChoose(piece.item.id)}
      onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && onChoose(piece.item.id)}
      opacity={isLifted ? 0.3 : 1}
      className={`group outline-none ${canLift ? "cursor-grab touch-manipulation" : ""}`}
      {...listeners}
    >
      <title>{name}</title>
      <rect
        x={piece.xMm + 0.6}
        y={depth - piece.yMm - piece.depthMm + 0.6}
        width={Math.max(1, piece.widthMm - 1.2)}
        height={Math.max(1, piece.depthMm - 1.2)}
        rx={2}
        fill={colour}
        fillOpacity={piece.packed ? 1 : 0.45}
        stroke={isChosen ? "var(--proposed)" : isMoved ? "var(--soon)" : "var(--ink)"}
        strokeWidth={(isChosen ? 4 : isMoved ? 2.4 : piece.zMm > 0 ? 1.8 : 0.8) * unit}
        strokeDasharray={isMoved && !isChosen ? `${4 * unit} ${2.5 * unit}` : undefined}
        className="group-focus-visible:stroke-proposed group-focus-visible:[stroke-dasharray:none]"
      />
      {size > 7 * unit && (
        <text
          x={piece.xMm + piece.widthMm / 2}
          y={depth - piece.yMm - piece.depthMm / 2 + size * 0.35}
          fontSize={size}
          textAnchor="middle"
          fill="var(--ink)"
          stroke="var(--paper)"
          strokeWidth={size * 0.22}
          paintOrder="stroke"
          className="pointer-events-none tabular-nums"
        >
          {piece.order}
        </text>
      )}
    </g>
  );
}

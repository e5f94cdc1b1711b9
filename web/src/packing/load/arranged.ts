import type { LoadBag, LoadPiece, LoadRoom } from "../../api/load";

/** A compartment with its place on the drawing, and how much of it is drawn, in mm. */
export type Arranged = { room: LoadRoom; x: number; y: number; depth: number };

type Scale = {
  /** mm for each pixel. */
  unit: number;
  /** Where a row ends, in mm. */
  width: number;
};

/** Above each compartment, in pixels: its name. */
export const HEAD_PX = 20;
const GAP_PX = 12;

/** Compartments in rows, in order of reach; the slots of one place close together. */
export function arranged(bag: LoadBag, pieces: LoadPiece[], { unit, width }: Scale) {
  const head = HEAD_PX * unit;
  const gap = GAP_PX * unit;
  const placed: Arranged[] = [];
  let x = 0;
  let y = 0;
  let height = 0;
  let right = 0;
  let before: LoadRoom | null = null;
  for (const room of bag.rooms) {
    const isNextSlot = before !== null && before.place === room.place;
    const between = x === 0 ? 0 : isNextSlot ? 2 : gap;
    if (x > 0 && x + between + room.widthMm > width) {
      x = 0;
      y += height + (isNextSlot ? 2 : head + gap);
      height = 0;
    } else {
      x += between;
    }
    const depth = drawnDepth(room, pieces);
    placed.push({ room, x, y: y + head, depth });
    x += room.widthMm;
    right = Math.max(right, x);
    height = Math.max(height, depth);
    before = room;
  }
  return { placed, width: right, height: y + head + height };
}

/** What a bag has beside its parts is drawn as far back as something lies. */
function drawnDepth(room: LoadRoom, pieces: LoadPiece[]): number {
  if (!room.loose) return room.depthMm;
  const back = pieces
    .filter((piece) => piece.compartment === room.id)
    .reduce((far, piece) => Math.max(far, piece.yMm + piece.depthMm), 0);
  return Math.min(room.depthMm, Math.max(40, back + 15));
}

/** About what the drawing of a bag covers, in mm2. */
export function area(bag: LoadBag, pieces: LoadPiece[]): number {
  return bag.rooms.reduce(
    (sum, room) => sum + (room.widthMm + 12) * (drawnDepth(room, pieces) + 40),
    0,
  );
}

export function widest(bag: LoadBag): number {
  return Math.max(1, ...bag.rooms.map((room) => room.widthMm));
}

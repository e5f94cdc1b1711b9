import { useState } from "react";
import { Link } from "react-router";
import { useActs } from "../../api/acts";
import type { LoadPiece, LoadRoom } from "../../api/load";
import { LiftingArea, useLandingPlace } from "../../parts/lifting";
import { Button, buttonLook } from "../../ui/Button";
import { Progress } from "../../ui/Progress";
import { shortName } from "../../words/items";
import { cornerWord, postureWord, roomName } from "../../words/load";
import { arranged, HEAD_PX } from "./arranged";
import { Room } from "./BagDrawing";
import { FlightCheck } from "./Journey";
import { LoadSentence } from "./LoadSentence";
import type { LoadProps } from "./LoadView";
import { PortablePartsFolded } from "./PortableParts";
import { Staying } from "./Staying";
import { useLaying } from "./useLaying";
import { usePlanning } from "./usePlanning";

type ElsewhereProps = {
  rooms: LoadRoom[];
  name: string;
  onLay: (compartment: string) => void;
};

/** The other compartments: a piece is dragged onto one, or the one in hand goes there by a tap. */
function Elsewhere({ rooms, name, onLay }: ElsewhereProps) {
  const [isOpen, setOpen] = useState(false);
  if (rooms.length === 0) return null;
  return (
    <div>
      <button
        type="button"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
        className="min-h-11 underline"
      >
        Lay it elsewhere
      </button>
      {isOpen && (
        <div className="flex flex-wrap gap-2">
          {rooms.map((one) => (
            <OtherRoom key={one.id} room={one} name={name} onLay={onLay} />
          ))}
        </div>
      )}
    </div>
  );
}

type OtherProps = { room: LoadRoom; name: string; onLay: (compartment: string) => void };

function OtherRoom({ room, name, onLay }: OtherProps) {
  const { ref, isOver } = useLandingPlace(room.id);
  return (
    <button
      ref={ref}
      type="button"
      data-place={room.id}
      aria-label={`Lay ${name} into ${roomName(room)}`}
      onClick={() => onLay(room.id)}
      className={`min-h-11 rounded border px-3 ${isOver ? "border-proposed bg-lit" : "border-line"}`}
    >
      {roomName(room)} <span className="text-soft">{Math.round(room.fill * 100)} %</span>
    </button>
  );
}

/** Packing by the plan with one hand: one bag, one piece, its place drawn large. */
export function LoadHand(props: LoadProps) {
  const { booking, plan } = props;
  const { perform } = useActs();
  const lay = useLaying(props);
  const { isPlanning, share, plan: make, stop } = usePlanning(booking);
  const [bagId, setBag] = useState<string | null>(null);
  const [at, setAt] = useState<string | null>(null);
  const bag = plan.bags.find((one) => one.place === bagId) ?? plan.bags[0];
  const rooms = new Map(bag?.rooms.map((room) => [room.id, room]) ?? []);
  const steps = plan.pieces
    .filter((piece) => piece.compartment !== null && rooms.has(piece.compartment))
    .sort((one, other) => (one.order ?? 0) - (other.order ?? 0));
  const open = steps.filter((piece) => !piece.packed);
  const piece = steps.find((one) => one.item.id === at) ?? open[0] ?? steps[0];
  const room = piece?.compartment ? rooms.get(piece.compartment) : undefined;
  const step = (by: number) => {
    const next = piece && steps[steps.indexOf(piece) + by];
    if (next) setAt(next.item.id);
  };
  const pack = async (one: LoadPiece) => {
    const next = steps[steps.indexOf(one) + 1];
    await perform({
      path: `/api/bookings/${booking}/pack`,
      body: { items: [one.item.id] },
      done: `Packed ${shortName(one.item)}.`,
    })
      .then(() => setAt(next?.item.id ?? null))
      .catch(() => {});
  };
  if (!bag || !plan.planned || !piece || !room) {
    return (
      <div className="flex flex-col gap-4">
        <LoadSentence {...props} />
        {isPlanning && <Progress label="Planning" done={share} all={1} />}
        {bag && (
          <Button kind="solid" size="thumb" onClick={isPlanning ? stop : make}>
            {isPlanning ? "Stop with the best so far" : "Plan the bags"}
          </Button>
        )}
        <Staying booking={booking} plan={plan} />
        <PortablePartsFolded booking={booking} plan={plan} />
        <FlightCheck booking={booking} />
      </div>
    );
  }
  const alone = { ...bag, rooms: [room] };
  const depth = arranged(alone, plan.pieces, { unit: 1, width: 1 }).placed[0]?.depth ?? 1;
  const unit = Math.max(room.widthMm / 350, depth / 300);
  return (
    <div className="flex min-h-[calc(100dvh-9rem)] flex-col gap-3">
      <h1 className="font-voice text-[1.45rem] leading-tight">
        {bag.name}: {steps.length - open.length} of {steps.length} are in.
        {plan.left.length > 0 && ` ${plan.left.length} without a place.`}
      </h1>
      {plan.bags.length > 1 && (
        <div className="flex flex-wrap gap-2">
          {plan.bags.map((one) => (
            <button
              key={one.place}
              type="button"
              aria-pressed={one === bag}
              onClick={() => {
                setBag(one.place);
                setAt(null);
              }}
              className="min-h-11 rounded border border-line px-3 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
            >
              {one.name}
            </button>
          ))}
        </div>
      )}
      <p className="text-xl">
        <span className="text-soft">{piece.order}. </span>
        <b>{shortName(piece.item)}</b>
        {piece.packed && <span className="text-soft"> is in</span>}
        <br />
        <span className="text-base">
          {roomName(room)}: {postureWord(piece)}, {cornerWord(piece, room)}
        </span>
      </p>
      <LiftingArea onDrop={(item, compartment) => void lay(item, compartment)}>
        {/* biome-ignore lint/a11y/useSemanticElements: a drawing of buttons has no element of its own. */}
        <svg
          role="group"
          aria-label={`Plan of ${room.name}`}
          viewBox={`${-3 * unit} ${-HEAD_PX * unit} ${room.widthMm + 6 * unit} ${depth + (HEAD_PX + 4) * unit}`}
          className="block max-h-[38dvh] w-full select-none"
        >
          <Room
            room={room}
            depth={depth}
            unit={unit}
            pieces={plan.pieces}
            chosen={piece.item.id}
            onChoose={setAt}
            canLift
          />
        </svg>
        <Elsewhere
          rooms={plan.bags.flatMap((one) => one.rooms).filter((one) => one.id !== room.id)}
          name={shortName(piece.item)}
          onLay={(compartment) => void lay(piece.item.id, compartment)}
        />
      </LiftingArea>
      <Staying booking={booking} plan={plan} />
      <PortablePartsFolded booking={booking} plan={plan} />
      <div className="sticky bottom-0 mt-auto flex flex-col gap-3 bg-paper pt-2 pb-3">
        <div className="grid grid-cols-3 gap-3">
          <Button
            className="min-h-12"
            disabled={steps.indexOf(piece) === 0}
            onClick={() => step(-1)}
          >
            Before
          </Button>
          <Button
            className="min-h-12"
            disabled={steps.indexOf(piece) === steps.length - 1}
            onClick={() => step(1)}
          >
            Then
          </Button>
          <Link to={`/bookings/${booking}`} className={buttonLook()}>
            List
          </Link>
        </div>
        <Button kind="solid" size="thumb" disabled={piece.packed} onClick={() => void pack(piece)}>
          {piece.packed ? "It is in" : "In the bag"}
        </Button>
      </div>
    </div>
  );
}

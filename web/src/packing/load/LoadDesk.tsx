import { useState } from "react";
import { Link } from "react-router";
import { useActs } from "../../api/acts";
import { type LoadRoom, useBagsNeeded } from "../../api/load";
import { LiftingArea } from "../../parts/lifting";
import { Button, buttonLook } from "../../ui/Button";
import { Progress } from "../../ui/Progress";
import { count } from "../../words/codes";
import { dateOrder } from "../../words/dates";
import { roomName } from "../../words/load";
import { share as shareWords } from "../../words/quantities";
import { area } from "./arranged";
import { BagDrawing } from "./BagDrawing";
import { ChosenPiece } from "./ChosenPiece";
import { FlightCheck, Lifting } from "./Journey";
import { LoadSentence } from "./LoadSentence";
import type { LoadProps } from "./LoadView";
import { PortableParts } from "./PortableParts";
import { Staying } from "./Staying";
import { useLaying } from "./useLaying";
import { usePlanning } from "./usePlanning";

/** The bags side by side, each piece where it lies; what is chosen beside them. */
export function LoadDesk(props: LoadProps) {
  const { booking, plan } = props;
  const lay = useLaying(props);
  const [chosen, setChosen] = useState<string | null>(null);
  const [room, setRoom] = useState<LoadRoom | null>(null);
  const piece = plan.pieces.find((one) => one.item.id === chosen);
  const shown = plan.bags.flatMap((bag) => bag.rooms).find((one) => one.id === room?.id);
  const whole = plan.bags.reduce((sum, bag) => sum + area(bag, plan.pieces), 0);
  const unit = unitFor(whole);
  const choose = (item: string) => {
    setRoom(null);
    setChosen(item);
  };
  const move = (item: string, compartment: string) => {
    if (lay(item, compartment)) choose(item);
  };
  return (
    <div className="flex flex-col gap-4">
      <LoadSentence {...props} />
      <Doing booking={booking} hasBags={plan.bags.length > 0} isPlanned={plan.planned} />
      <div className="grid grid-cols-[minmax(0,1fr)_19rem] items-start gap-6">
        <LiftingArea onDrop={move}>
          <div className="flex flex-wrap items-start gap-5">
            {plan.bags.map((bag) => (
              <BagDrawing
                key={bag.place}
                bag={bag}
                pieces={plan.pieces}
                chosen={chosen}
                onChoose={choose}
                onRoom={(one) => {
                  setChosen(null);
                  setRoom(one);
                }}
                canLift
                unit={unit}
                wide={((WIDE - 30) * area(bag, plan.pieces)) / whole}
              />
            ))}
          </div>
        </LiftingArea>
        <div className="sticky top-3 flex max-h-[calc(100dvh-1.5rem)] flex-col gap-5 overflow-y-auto">
          {piece && <ChosenPiece booking={booking} plan={plan} piece={piece} />}
          {shown && <ChosenRoom booking={booking} room={shown} />}
          {!piece && !shown && plan.planned && (
            <Steps plan={plan} chosen={chosen} onChoose={choose} />
          )}
          {piece && <Steps plan={plan} chosen={chosen} onChoose={choose} />}
          <Staying booking={booking} plan={plan} />
          <Lifting bags={plan.planned ? plan.bags : []} />
          <PortableParts booking={booking} plan={plan} />
          <FlightCheck booking={booking} />
          <Legend leakProof={plan.leakProof} />
        </div>
      </div>
    </div>
  );
}

/** What the bags have of the page, in pixels. */
const HIGH = 500;
const WIDE = 860;

/** mm for each pixel, so that all of them are in view; never so small that nothing is seen. */
function unitFor(whole: number): number {
  return Math.min(2.4, Math.max(0.7, Math.sqrt(whole / (HIGH * WIDE * 0.8))));
}

type DoingProps = { booking: string; hasBags: boolean; isPlanned: boolean };

function Doing({ booking, hasBags, isPlanned }: DoingProps) {
  const { isPlanning, share, plan, stop } = usePlanning(booking);
  const [isAsked, setAsked] = useState(false);
  const needed = useBagsNeeded(booking, isAsked);
  return (
    <div className="flex flex-wrap items-center gap-2">
      {hasBags && !isPlanning && (
        <Button kind="solid" onClick={plan}>
          {isPlanned ? "Plan the bags again" : "Plan the bags"}
        </Button>
      )}
      {isPlanning && (
        <>
          <div className="w-56">
            <Progress label="Planning" done={share} all={1} />
          </div>
          <Button onClick={stop}>Stop with the best so far</Button>
        </>
      )}
      <Button onClick={() => setAsked(true)}>Which bags do I need?</Button>
      {isPlanned && (
        <a
          href={`/api/bookings/${booking}/load/print?paper=${dateOrder() === "month-first" ? "letter" : "a4"}`}
          target="_blank"
          rel="noreferrer"
          className={buttonLook("bare")}
        >
          Print a page a bag
        </a>
      )}
      <Link to={`/bookings/${booking}`} className={buttonLook("bare")}>
        Packing list
      </Link>
      {isAsked && (
        <p role="status" className="text-soft">
          {needed.data
            ? needed.data.bags.length > 0
              ? `${needed.data.bags.map((bag) => bag.name).join(" and ")} ${needed.data.bags.length === 1 ? "is" : "are"} enough.`
              : "No three bags of yours hold it all: leave something, or decant."
            : "Trying your bags…"}
        </p>
      )}
    </div>
  );
}

/** One compartment: how large, how full, and whether it is left alone. */
function ChosenRoom({ booking, room }: { booking: string; room: LoadRoom }) {
  const { perform } = useActs();
  return (
    <section aria-label={room.name} className="flex flex-col gap-2">
      <h2 className="font-semibold text-lg">{roomName(room)}</h2>
      <p className="text-soft">
        {room.widthMm} x {room.depthMm} x {room.heightMm} mm inside
        {room.guessed && ", guessed: measure it and the plan holds"}, {shareWords(room.fill)} full,
        opened {room.reach === 1 ? "first" : `as number ${room.reach}`}.
      </p>
      <span className="flex flex-wrap gap-2">
        <Button
          onClick={() =>
            void perform({
              path: `/api/bookings/${booking}/load/close`,
              body: { compartment: room.id, closed: !room.closed },
              done: room.closed ? `${room.name} is used again.` : `${room.name} is left alone.`,
            }).catch(() => {})
          }
        >
          {room.closed ? "Use it again" : "Leave it alone"}
        </Button>
        <Link to={`/kit/places/${room.place}`} className={buttonLook("bare")}>
          Open it
        </Link>
      </span>
    </section>
  );
}

type StepsProps = {
  plan: LoadProps["plan"];
  chosen: string | null;
  onChoose: (item: string) => void;
};

/** Goes through the pieces in the order in which they are packed. */
function Steps({ plan, chosen, onChoose }: StepsProps) {
  const steps = plan.bags.flatMap((bag) => {
    const rooms = new Set(bag.rooms.map((room) => room.id));
    return plan.pieces
      .filter((piece) => piece.compartment !== null && rooms.has(piece.compartment))
      .sort((one, other) => (one.order ?? 0) - (other.order ?? 0));
  });
  const at = steps.findIndex((piece) => piece.item.id === chosen);
  const go = (to: number) => {
    const next = steps[to];
    if (next) onChoose(next.item.id);
  };
  if (steps.length === 0) return null;
  return (
    <div className="flex items-center gap-2">
      <Button disabled={at <= 0} onClick={() => go(at - 1)}>
        Before
      </Button>
      <Button onClick={() => go(at < 0 ? 0 : at + 1)} disabled={at === steps.length - 1}>
        {at < 0 ? "Step through" : "Then"}
      </Button>
      <span className="text-soft">
        {at < 0 ? `${count(steps.length, "step")}` : `${at + 1} of ${steps.length}`}
      </span>
    </div>
  );
}

function Legend({ leakProof }: { leakProof: boolean }) {
  return (
    <p className="text-soft text-sm">
      Seen from above, front edge below. Numbers: the order in which they go in. Faint: not in yet.
      Dashed in amber: not where it usually lies. A dashed compartment has guessed measures.
      {!leakProof && " None of these bags closes by what you told: what may leak lies anywhere."}
    </p>
  );
}

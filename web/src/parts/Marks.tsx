import { useState } from "react";
import type { Marked } from "../api/client";
import { type PlaceMap, usePlaces } from "../api/kit";
import { useToday } from "../api/session";
import { TellingLater } from "../ui/TellingLater";
import { MARK_ORDER, markWords } from "../words/marks";

export type State = "in-order" | "soon" | "stop";
const COLOURS: Record<State, string> = {
  "in-order": "var(--line)",
  soon: "var(--soon)",
  stop: "var(--stop)",
};

/** One gauge on the base line: a thin line, half height, or full height with a cut. */
export function Gauge({ x, state }: { x: number; state: State }) {
  const fill = COLOURS[state];
  if (state === "in-order") {
    return <rect x={x} y={16.5} width={7} height={2.5} fill={fill} />;
  }
  if (state === "soon") {
    return <rect x={x} y={10} width={7} height={9} fill={fill} />;
  }
  return (
    <g fill={fill}>
      <rect x={x} y={1} width={7} height={8} />
      <rect x={x} y={11} width={7} height={8} />
    </g>
  );
}

/** Place, date, clean, amount: the four marks of a thing. A quiet row is quiet, trouble stands up. */
export function Marks({ item }: { item: Marked }) {
  return <MarksOf item={item} places={usePlaces()} today={useToday()} />;
}

type MarksProps = { item: Marked; places: PlaceMap; today: string };

/** The same where a list of hundreds knows the places and the day already. */
export function MarksOf({ item, places, today }: MarksProps) {
  const [open, setOpen] = useState(false);
  const words = MARK_ORDER.map((name) => ({
    name,
    text: markWords(item.marks[name].reason, places, today),
  }));
  const marks = {
    "aria-label": words.map(({ text }) => text).join(" "),
    className: "inline-flex min-h-8 min-w-12 items-center justify-center max-hand:min-h-11",
    children: <Gauges item={item} />,
  };
  const isMouse = (event: React.PointerEvent) => event.pointerType === "mouse";
  return (
    <TellingLater
      open={open}
      onOpenChange={setOpen}
      button={{
        ...marks,
        onPointerEnter: (event) => isMouse(event) && setOpen(true),
        onPointerLeave: (event) => isMouse(event) && setOpen(false),
      }}
    >
      <ul className="flex flex-col gap-1">
        {words.map(({ name, text }) => (
          <li key={name}>{text}</li>
        ))}
      </ul>
    </TellingLater>
  );
}

function Gauges({ item }: { item: Marked }) {
  return (
    <svg viewBox="0 0 40 20" width="40" height="20" aria-hidden="true">
      {MARK_ORDER.map((name, index) => (
        <Gauge key={name} x={index * 10 + 1} state={item.marks[name].state} />
      ))}
    </svg>
  );
}

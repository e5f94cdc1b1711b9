import {
  type CollisionDetection,
  DndContext,
  DragOverlay,
  MouseSensor,
  TouchSensor,
  useDndContext,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { type ReactNode, useEffect, useRef } from "react";
import { flushSync } from "react-dom";

/** A finger that stays this long means to lift; one that moves on means to scroll. */
const HOLD = { delay: 300, tolerance: 6 };
const MOVED = { distance: 6 };

type LiftingAreaProps = {
  children: ReactNode;
  /** A piece was put down on a place. */
  onDrop: (item: string, place: string) => void;
};

/**
 * Lifted is lifted at once: a piece that is flung while the machine is busy would be let go before
 * the page knew that it was taken up.
 */
const atOnce = <P extends { onStart: (from: Point) => void }>(props: P): P => ({
  ...props,
  onStart: (from: Point) => flushSync(() => props.onStart(from)),
});

class Mouse extends MouseSensor {
  constructor(props: ConstructorParameters<typeof MouseSensor>[0]) {
    super(atOnce(props));
  }
}

class Finger extends TouchSensor {
  constructor(props: ConstructorParameters<typeof TouchSensor>[0]) {
    super(atOnce(props));
  }
}

/** An area in which pieces are lifted from one open case and put down in another. */
export function LiftingArea({ children, onDrop }: LiftingAreaProps) {
  const sensors = useSensors(
    useSensor(Mouse, { activationConstraint: MOVED }),
    useSensor(Finger, { activationConstraint: HOLD }),
  );
  const letGo = useLetGo();
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={underPointer}
      accessibility={WORDS}
      onDragEnd={({ active }) => {
        const place = letGo.current && placeAt(letGo.current);
        if (place) onDrop(String(active.id), place);
      }}
    >
      {children}
      <DragOverlay dropAnimation={null}>
        <InTheHand />
      </DragOverlay>
    </DndContext>
  );
}

/** Said to who cannot see it; where a piece went is told by the message of the act. */
const WORDS = {
  screenReaderInstructions: { draggable: "Choose it to say where it goes." },
  announcements: {
    onDragStart: () => "Lifted.",
    onDragOver: () => undefined,
    onDragEnd: () => undefined,
    onDragCancel: () => "Put back where it was.",
  },
};

type Point = { x: number; y: number };

/** Where the pointer was let go last; what was drawn before may lag behind it. */
function useLetGo() {
  const point = useRef<Point>(null);
  useEffect(() => {
    const note = ({ clientX, clientY }: { clientX: number; clientY: number }) => {
      point.current = { x: clientX, y: clientY };
    };
    const finger = ({ changedTouches }: TouchEvent) => {
      if (changedTouches[0]) note(changedTouches[0]);
    };
    window.addEventListener("mouseup", note, true);
    window.addEventListener("touchend", finger, true);
    return () => {
      window.removeEventListener("mouseup", note, true);
      window.removeEventListener("touchend", finger, true);
    };
  }, []);
  return point;
}

/** The innermost place drawn at a point: compartments are drawn within their bag. */
function placeAt({ x, y }: Point): string | null {
  for (const element of document.elementsFromPoint(x, y)) {
    const place = element.closest<SVGElement>("[data-place]")?.dataset.place;
    if (place) return place;
  }
  return null;
}

const underPointer: CollisionDetection = ({ pointerCoordinates, droppableContainers }) => {
  const place = pointerCoordinates && placeAt(pointerCoordinates);
  return droppableContainers
    .filter(({ id }) => id === place)
    .map((droppableContainer) => ({ id: droppableContainer.id, data: { droppableContainer } }));
};

function InTheHand() {
  const colour = useDndContext().active?.data.current?.colour;
  return (
    <span
      aria-hidden="true"
      style={{ backgroundColor: colour }}
      className="block size-full min-h-6 min-w-6 rounded-md border-2 border-proposed"
    />
  );
}

/** For a piece that can be taken in the hand. */
export function useLiftable(item: string, colour: string, canLift: boolean) {
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: item,
    data: { colour },
    disabled: !canLift,
  });
  return { ref: drawn(setNodeRef), listeners, isLifted: isDragging };
}

/** For a place that a piece can be put down on. */
export function useLandingPlace(place: string) {
  const { setNodeRef, isOver } = useDroppable({ id: place });
  return { ref: drawn(setNodeRef), isOver };
}

/** The library asks for elements of HTML, but nothing of them that those of a drawing lack. */
function drawn(set: (element: HTMLElement | null) => void) {
  return set as (element: Element | null) => void;
}

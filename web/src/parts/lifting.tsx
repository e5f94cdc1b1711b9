import { createContext, type ReactNode, useContext, useEffect, useRef, useState } from "react";

/** What is being carried from one place to another with the pointer. */
type Lifted = { item: string; colour: string; x: number; y: number; over: string | null };

type Lifting = {
  lifted: Lifted | null;
  /** To be called when the pointer goes down on a piece. */
  grasp: (event: React.PointerEvent, item: string, colour: string) => void;
};

const LiftingContext = createContext<Lifting>({ lifted: null, grasp: () => {} });

/** A finger that stays this long means to lift; one that moves on means to scroll. */
const HOLD_MS = 300;
const MOVED_PX = 6;

type LiftingAreaProps = {
  children: ReactNode;
  /** A piece was put down on a place. */
  onDrop: (item: string, place: string) => void;
};

/** An area in which pieces are lifted from one open case and put down in another. */
export function LiftingArea({ children, onDrop }: LiftingAreaProps) {
  const [lifted, setLifted] = useState<Lifted | null>(null);
  const grasped = useRef<{ item: string; colour: string; x: number; y: number } | null>(null);
  const hold = useRef<ReturnType<typeof setTimeout>>(undefined);
  const drop = useRef(onDrop);
  drop.current = onDrop;

  useEffect(() => {
    const letGo = () => {
      clearTimeout(hold.current);
      grasped.current = null;
      setLifted(null);
    };
    const move = (event: PointerEvent) => {
      const from = grasped.current;
      if (!from) return;
      const far = Math.hypot(event.clientX - from.x, event.clientY - from.y) > MOVED_PX;
      setLifted((before) => {
        if (!before && event.pointerType === "touch") {
          if (far) letGo();
          return null;
        }
        return before || far ? at(from, event.clientX, event.clientY) : null;
      });
    };
    const up = (event: PointerEvent) => {
      const from = grasped.current;
      setLifted((before) => {
        const place = placeAt(event.clientX, event.clientY);
        if (before && from && place) queueMicrotask(() => drop.current(from.item, place));
        return null;
      });
      letGo();
    };
    const giveUp = (event: KeyboardEvent) => event.key === "Escape" && letGo();
    const noScroll = (event: TouchEvent) => {
      if (document.documentElement.dataset.lifting) event.preventDefault();
    };
    window.addEventListener("pointermove", move);
    window.addEventListener("pointerup", up);
    window.addEventListener("pointercancel", letGo);
    window.addEventListener("keydown", giveUp);
    window.addEventListener("touchmove", noScroll, { passive: false });
    return () => {
      window.removeEventListener("pointermove", move);
      window.removeEventListener("pointerup", up);
      window.removeEventListener("pointercancel", letGo);
      window.removeEventListener("keydown", giveUp);
      window.removeEventListener("touchmove", noScroll);
    };
  }, []);

  useEffect(() => {
    if (lifted) document.documentElement.dataset.lifting = "yes";
    else delete document.documentElement.dataset.lifting;
  }, [lifted]);

  const grasp = (event: React.PointerEvent, item: string, colour: string) => {
    if (event.button !== 0) return;
    const { clientX: x, clientY: y } = event;
    grasped.current = { item, colour, x, y };
    if (event.pointerType === "touch") {
      hold.current = setTimeout(() => {
        if (grasped.current) setLifted(at(grasped.current, x, y));
      }, HOLD_MS);
    }
  };

  return (
    <LiftingContext value={{ lifted, grasp }}>
      {children}
      {lifted && (
        <span
          aria-hidden="true"
          style={{ left: lifted.x - 16, top: lifted.y - 16, backgroundColor: lifted.colour }}
          className="pointer-events-none fixed z-50 size-8 rounded-full border-2 border-proposed"
        />
      )}
    </LiftingContext>
  );
}

function at(from: { item: string; colour: string }, x: number, y: number): Lifted {
  return { ...from, x, y, over: placeAt(x, y) };
}

function placeAt(x: number, y: number): string | null {
  const target = document.elementFromPoint(x, y)?.closest<SVGElement>("[data-place]");
  return target?.dataset.place ?? null;
}

export const useLifting = () => useContext(LiftingContext);

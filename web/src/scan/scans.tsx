import { useQueryClient } from "@tanstack/react-query";
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { useNavigate } from "react-router";
import { ask, type Schemas } from "../api/client";
import { type Typed, useWedge } from "./wedge";

export type Scan = Schemas["CodeAnswer"] & { code: string };

/** Does with a scan what the view is for; answers whether it did. */
type Handler = (scan: Scan) => boolean;

type Scans = {
  /** Something was read: by the camera, by a scanner that types, or by hand. */
  read: (code: string) => Promise<void>;
  /** What the last code was. */
  last: string | null;
  /** What a scan does here. */
  hint: string;
  /** The place that was scanned: things scanned after it go there. */
  into: string | null;
  leave: () => void;
  register: (handler: Handler, hint: string) => () => void;
};

const ScansContext = createContext<Scans | null>(null);

const OPENS = "Scan an item or a place to open it. Scan a place, then items, to move them there.";

/** Hears every scan, wherever one is, and hands it to the view that wants it. */
export function ScansProvider({
  children,
  onCarry,
}: {
  children: ReactNode;
  /** A thing goes into the place that was scanned before it. */
  onCarry: (scan: Scan, place: string) => void;
}) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const handlers = useRef<{ handler: Handler; hint: string }[]>([]);
  const [hint, setHint] = useState(OPENS);
  const [last, setLast] = useState<string | null>(null);
  const [into, setInto] = useState<string | null>(null);
  const carry = useRef(onCarry);
  carry.current = onCarry;

  const readTyped = useCallback(
    async ({ code: typed, fast }: Typed): Promise<boolean> => {
      const code = typed.trim();
      if (!code) return false;
      const answer = await queries
        .fetchQuery({
          queryKey: ["code", code],
          queryFn: () =>
            ask<Schemas["CodeAnswer"]>(
              "GET",
              `/api/codes?code=${encodeURIComponent(code.slice(0, 4000))}`,
            ),
          staleTime: 0,
        })
        .catch(() => null);
      if (!answer) {
        setLast(`${code} could not be looked up. Try again when there is a signal.`);
        return false;
      }
      const known = answer.kind !== "nothing" || answer.packCode !== null;
      // A word that looks like a code, typed by hand: it was no scan.
      if (!known && !fast) return false;
      const scan = { ...answer, code };
      if (handlers.current.at(-1)?.handler(scan)) {
        setLast(told(scan));
        return known;
      }
      setLast(told(scan));
      if (scan.kind === "place") {
        setInto(scan.place);
        navigate(`/kit/places/${scan.place}`);
      } else if (scan.kind === "item" && into) {
        carry.current(scan, into);
      } else if (scan.kind === "item") {
        navigate(`/kit/items/${scan.items[0]?.id}`);
      } else if (scan.kind === "product") {
        navigate(`/kit/items/${scan.items[0]?.id}?same=1`);
      } else if (scan.packCode) {
        navigate(`/kit/new?pack=${scan.packCode}`);
      }
      return known;
    },
    [into, navigate, queries],
  );
  const read = useCallback(
    async (code: string) => {
      await readTyped({ code, fast: true });
    },
    [readTyped],
  );

  const register = useCallback((handler: Handler, text: string) => {
    const entry = { handler, hint: text };
    handlers.current.push(entry);
    setHint(text);
    return () => {
      handlers.current = handlers.current.filter((one) => one !== entry);
      setHint(handlers.current.at(-1)?.hint ?? OPENS);
    };
  }, []);

  useWedge(readTyped);
  const value = useMemo(
    () => ({ read, last, hint, into, leave: () => setInto(null), register }),
    [read, last, hint, into, register],
  );
  return <ScansContext value={value}>{children}</ScansContext>;
}

function told(scan: Scan): string {
  switch (scan.kind) {
    case "item":
    case "product": {
      const item = scan.items[0];
      return item ? `${item.product.name} ${item.product.shade}`.trim() : scan.code;
    }
    case "place":
      return "a place";
    default:
      return `${scan.code}: nothing in this kit has that code.`;
  }
}

export function useScanning(): Scans {
  const scans = useContext(ScansContext);
  if (!scans) throw new Error("Scans are read inside the frame.");
  return scans;
}

/** What a scan does while this view is open. */
export function useScans(handler: Handler, hint: string) {
  const { register } = useScanning();
  const current = useRef(handler);
  current.current = handler;
  useEffect(() => register((scan) => current.current(scan), hint), [register, hint]);
}

import { useEffect, useState } from "react";
import type { Piece } from "../../api/depot";

/** Seconds worked at a piece up to this moment. */
export function useClock(piece: Piece, serverNow: string): number {
  const [offset] = useState(() => Date.parse(serverNow) - Date.now());
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!piece.begunAt) return;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [piece.begunAt]);
  if (!piece.begunAt) return piece.seconds;
  return piece.seconds + Math.max(0, (now + offset - Date.parse(piece.begunAt)) / 1000);
}

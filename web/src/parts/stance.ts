import { useSyncExternalStore } from "react";

const HAND = window.matchMedia("(max-width: 640px)");

function subscribe(listener: () => void) {
  HAND.addEventListener("change", listener);
  return () => HAND.removeEventListener("change", listener);
}

/** "hand" on a phone held in one hand, "desk" at a table: the same address, another stance. */
export function useStance(): "hand" | "desk" {
  return useSyncExternalStore(subscribe, () => (HAND.matches ? "hand" : "desk"));
}

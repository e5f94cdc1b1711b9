import { useEffect, useState } from "react";

/** While one types: not for every letter. */
const PAUSE_MS = 150;

/** A value once it has stood still for a moment. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  const told = JSON.stringify(value);
  useEffect(() => {
    const wait = setTimeout(() => setSettled(JSON.parse(told) as T), PAUSE_MS);
    return () => clearTimeout(wait);
  }, [told]);
  return settled;
}

import { useEffect, useRef } from "react";

/** A code as far as its shape goes: of a label, or of a pack. Whether it is one the kit's rules say. */
const CODE = /(\d{14}|\d{13}|\d{12}|\d{8}|[A-Z0-9]{6})$/;

/** A run of keys ends when nobody types for so long, ms. */
const PAUSE_MS = 3000;

/** In a form a code may be typed by hand as well: only there the pace tells, on average, ms a key. */
const HAND_MS = 120;

export type Key = { key: string; at: number };

/** The code at the end of a run, and the mean time between its keys. */
export function codeOf(keys: Key[]): { code: string; pace: number } | null {
  const code = CODE.exec(keys.map((one) => one.key).join(""))?.[0];
  if (!code) return null;
  const own = keys.slice(-code.length);
  const first = own[0]?.at ?? 0;
  const last = own.at(-1)?.at ?? 0;
  return { code, pace: (last - first) / (code.length - 1) };
}

/** What was read, and whether it came faster than a hand types. */
export type Typed = { code: string; fast: boolean };

/**
 * A scanner that types: a code in one run of keys, then Enter, whatever has the focus. It is told by
 * what it is, because on a busy machine a scanner is as slow as a hand. `read` answers whether the
 * kit knows the code; then what was typed into a search field on the way is taken out again.
 */
export function useWedge(read: (typed: Typed) => Promise<boolean>) {
  const reading = useRef(read);
  reading.current = read;
  useEffect(() => {
    let run: Key[] = [];
    const forget = () => {
      run = [];
    };
    const key = (event: KeyboardEvent) => {
      const at = event.timeStamp;
      if (at - (run.at(-1)?.at ?? at) > PAUSE_MS) run = [];
      if (event.key === "Enter") {
        const found = codeOf(run);
        run = [];
        if (found && isScan(event.target, found.pace)) take(event, found.code, found.pace);
      } else if (event.key.length === 1) {
        if (!event.ctrlKey && !event.metaKey && !event.altKey) run.push({ key: event.key, at });
      } else if (event.key !== "Shift") {
        run = [];
      }
    };
    const take = (event: KeyboardEvent, code: string, pace: number) => {
      const fast = pace < HAND_MS;
      const { target } = event;
      event.preventDefault();
      event.stopPropagation();
      if (fast) takeBack(target, code);
      void reading.current({ code, fast }).then((known) => {
        if (known && !fast) takeBack(target, code);
      });
    };
    const listen = { capture: true };
    document.addEventListener("keydown", key, listen);
    document.addEventListener("pointerdown", forget, listen);
    document.addEventListener("focusin", forget, listen);
    return () => {
      document.removeEventListener("keydown", key, listen);
      document.removeEventListener("pointerdown", forget, listen);
      document.removeEventListener("focusin", forget, listen);
    };
  }, []);
}

/** Fields that ask for a code keep it; in the other fields of forms a hand is taken for a hand. */
function isScan(target: EventTarget | null, pace: number): boolean {
  if (!isField(target)) return true;
  if (target.dataset.takesCodes !== undefined) return false;
  return target.type === "search" || pace < HAND_MS;
}

function isField(target: EventTarget | null): target is HTMLInputElement | HTMLTextAreaElement {
  return (
    target instanceof HTMLTextAreaElement ||
    (target instanceof HTMLInputElement && !["checkbox", "radio", "button"].includes(target.type))
  );
}

/** What the scanner typed into a field on the way is taken out again. */
function takeBack(target: EventTarget | null, code: string) {
  if (!isField(target) || !target.value.endsWith(code)) return;
  const set = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(target), "value")?.set;
  set?.call(target, target.value.slice(0, -code.length));
  target.dispatchEvent(new Event("input", { bubbles: true }));
}

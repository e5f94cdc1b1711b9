import type { KeyboardEvent } from "react";
import { capital, word } from "../words/codes";
import { SKIN_RAMP } from "./skin";

type SkinRampProps = {
  depth: number | null;
  undertone: string;
  onPick: (depth: number, undertone: string) => void;
};

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
};

/** Skin from light to deep, a row an undertone: one tap says both. The arrow keys walk over it. */
export function SkinRamp({ depth, undertone, onPick }: SkinRampProps) {
  const row = Math.max(
    0,
    SKIN_RAMP.findIndex((one) => one.undertone === (undertone || "neutral")),
  );
  const column = Math.min(9, Math.max(0, Math.round(depth ?? 5) - 1));
  const walk = (event: KeyboardEvent<HTMLFieldSetElement>) => {
    const step = STEPS[event.key];
    if (!step) return;
    event.preventDefault();
    const to = Math.min(SKIN_RAMP.length - 1, Math.max(0, row + step[0]));
    const next = Math.min(9, Math.max(0, column + step[1]));
    onPick(next + 1, SKIN_RAMP[to]?.undertone ?? "neutral");
    event.currentTarget.querySelector<HTMLElement>(`[data-cell="${to}-${next}"]`)?.focus();
  };
  return (
    <fieldset onKeyDown={walk} className="min-w-0">
      <legend className="mb-1 font-semibold text-sm">
        Skin, light to deep{" "}
        <span className="font-normal text-soft">to choose by, not to match by</span>
      </legend>
      {SKIN_RAMP.map((one, y) => (
        <div key={one.undertone} className="flex items-center gap-2">
          <span className="w-16 shrink-0 text-sm text-soft">{capital(word(one.undertone))}</span>
          <div className="flex min-w-0 flex-1">
            {one.colours.map((colour, x) => (
              <button
                key={colour}
                type="button"
                data-cell={`${y}-${x}`}
                tabIndex={y === row && x === column ? 0 : -1}
                aria-label={`Depth ${x + 1}, ${word(one.undertone)}`}
                aria-pressed={
                  depth !== null &&
                  Math.round(depth) === x + 1 &&
                  one.undertone === (undertone || "neutral")
                }
                onClick={() => onPick(x + 1, one.undertone)}
                style={{ backgroundColor: colour }}
                className="h-6 min-w-4 flex-1 border-paper border-r border-b aria-pressed:outline-3 aria-pressed:outline-ink aria-pressed:-outline-offset-3 max-hand:h-11"
              />
            ))}
          </div>
        </div>
      ))}
    </fieldset>
  );
}

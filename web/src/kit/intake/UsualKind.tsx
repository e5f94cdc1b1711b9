import { Checkbox, ToggleGroup } from "radix-ui";
import type { Usual } from "../../api/usual";
import { DEPTHS } from "../../parts/depths";
import { word } from "../../words/codes";
import { amount } from "../../words/quantities";
import { flipped, type Level, type Tick } from "./ticked";

const LEVELS: Level[] = ["full", "half", "quarter"];

/** Of most things one owns a few. */
const MOST = 50;

type Props = {
  kind: Usual;
  tick: Tick | undefined;
  onToggle: () => void;
  onSay: (change: Partial<Tick>) => void;
};

/** One kind of thing: ticked, then how many, which, and roughly how full. */
export function UsualKind({ kind, tick, onToggle, onSay }: Props) {
  return (
    <li className="border-hair border-b py-1" data-ticked={Boolean(tick)}>
      <div className="flex min-h-10 flex-wrap items-center gap-x-4 gap-y-1 max-hand:min-h-11">
        <span className="flex min-h-10 min-w-56 flex-1 items-center gap-3 max-hand:min-w-36">
          <Checkbox.Root
            id={`tick-${kind.code}`}
            checked={Boolean(tick)}
            onCheckedChange={onToggle}
            className="flex size-6 shrink-0 items-center justify-center rounded-[3px] border-2 border-line bg-paper data-[state=checked]:border-ink data-[state=checked]:bg-ink"
          >
            <Checkbox.Indicator>
              <svg viewBox="0 0 16 16" className="size-4" aria-hidden="true">
                <path
                  d="M3 8.5l3.2 3.2L13 4.6"
                  fill="none"
                  stroke="var(--paper)"
                  strokeWidth="2.4"
                />
              </svg>
            </Checkbox.Indicator>
          </Checkbox.Root>
          <label htmlFor={`tick-${kind.code}`} className="flex-1 py-2">
            {kind.name}
            {kind.owned > 0 && <span className="text-soft"> {kind.owned} in the kit already</span>}
          </label>
        </span>
        {tick && <HowMany kind={kind} tick={tick} onSay={onSay} />}
        {tick && <HowFull kind={kind} tick={tick} onSay={onSay} />}
      </div>
      {kind.asksDepths && <Depths kind={kind} tick={tick} onSay={onSay} />}
      {kind.shades.length > 0 && <Shades kind={kind} tick={tick} onSay={onSay} />}
    </li>
  );
}

type Said = { kind: Usual; tick: Tick; onSay: (change: Partial<Tick>) => void };
type MaySay = Omit<Said, "tick"> & { tick: Tick | undefined };

const STEP =
  "size-9 rounded border border-line text-lg leading-none hover:bg-lit disabled:opacity-40 max-hand:size-11";

function HowMany({ kind, tick, onSay }: Said) {
  const each = tick.shades.length + tick.depths.length > 1 ? " of each" : "";
  return (
    <span className="flex items-center gap-1.5">
      <button
        type="button"
        aria-label={`One ${kind.name} fewer`}
        disabled={tick.count <= 1}
        onClick={() => onSay({ count: tick.count - 1 })}
        className={STEP}
      >
        −
      </button>
      <output className="min-w-8 text-center" aria-label={`How many ${kind.name}`}>
        {tick.count}
        {each}
      </output>
      <button
        type="button"
        aria-label={`One ${kind.name} more`}
        disabled={tick.count >= MOST}
        onClick={() => onSay({ count: tick.count + 1 })}
        className={STEP}
      >
        +
      </button>
      {kind.content !== 1 && (
        <span className="w-16 text-soft text-sm">× {amount(kind.content, kind.unit)}</span>
      )}
    </span>
  );
}

function HowFull({ kind, tick, onSay }: Said) {
  if (kind.content === 1) return null;
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={`How full is ${kind.name}`}
      value={tick.level}
      onValueChange={(level) => level && onSay({ level: level as Level })}
      className="flex gap-1"
    >
      {LEVELS.map((level) => (
        <ToggleGroup.Item
          key={level}
          value={level}
          className="min-h-9 rounded border border-line px-2 text-sm hover:bg-lit data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-paper max-hand:min-h-11"
        >
          {word(level)}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

/** Skin depths from light to deep: one tap each. */
function Depths({ kind, tick, onSay }: MaySay) {
  const chosen = tick?.depths ?? [];
  return (
    <fieldset className="flex min-w-0 pb-1.5 pl-9 max-hand:pl-0">
      <legend className="sr-only">Skin depths of {kind.name}</legend>
      {DEPTHS.map(({ depth, colour }) => (
        <button
          key={depth}
          type="button"
          aria-pressed={chosen.includes(depth)}
          aria-label={`Depth ${depth}`}
          onClick={() => onSay({ depths: flipped(chosen, depth).sort((a, b) => a - b) })}
          style={{ backgroundColor: colour }}
          className="h-9 w-11 border-transparent border-y-4 font-semibold text-sm first:rounded-l last:rounded-r aria-pressed:border-ink max-hand:h-11 max-hand:w-0 max-hand:flex-1"
        >
          <span style={{ color: depth < 6 ? "var(--ink-always)" : "var(--paper-always)" }}>
            {chosen.includes(depth) ? `✓ ${depth}` : depth}
          </span>
        </button>
      ))}
    </fieldset>
  );
}

function Shades({ kind, tick, onSay }: MaySay) {
  const chosen = tick?.shades ?? [];
  return (
    <fieldset className="flex flex-wrap gap-1.5 pb-1.5 pl-9 max-hand:pl-0">
      <legend className="sr-only">Which {kind.name}</legend>
      {kind.shades.map(({ name, colour }) => (
        <button
          key={name}
          type="button"
          aria-pressed={chosen.includes(name)}
          onClick={() => onSay({ shades: flipped(chosen, name) })}
          className="flex min-h-8 items-center gap-1.5 rounded border border-line px-2.5 text-sm hover:bg-lit aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper max-hand:min-h-11"
        >
          {colour && (
            <span
              aria-hidden="true"
              style={{ backgroundColor: colour }}
              className="size-4 rounded-[2px] border border-ink/25"
            />
          )}
          {name}
        </button>
      ))}
    </fieldset>
  );
}

import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { Glass } from "../../parts/Glass";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { word } from "../../words/codes";
import { shortName } from "../../words/items";
import { LEVELS } from "../../words/lists";
import { decimal } from "../../words/quantities";

/** How much is left, told at a glance: one press; or exactly. */
export function LeftIn({ item }: { item: Item }) {
  const { perform } = useActs();
  const [exactly, setExactly] = useState("");
  const { unit } = item.product;
  const left = decimal(exactly);
  const measure = (body: { level: string | null; left: number | null }, told: string) =>
    void perform({
      path: `/api/items/${item.id}/left`,
      body,
      done: `${shortName(item)}: ${told}.`,
    })
      .then(() => setExactly(""))
      .catch(() => {});
  return (
    <section aria-label="How much is left" className="flex flex-wrap items-end gap-2">
      {unit !== "piece" &&
        LEVELS.map((level) => (
          <button
            key={level}
            type="button"
            aria-pressed={item.level === level}
            onClick={() => measure({ level, left: null }, word(level))}
            className="flex min-h-9 items-center gap-2 rounded border border-line px-2.5 hover:bg-lit aria-pressed:border-ink aria-pressed:bg-lit aria-pressed:font-semibold max-hand:min-h-11"
          >
            <Glass level={level} />
            {word(level)}
          </button>
        ))}
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          measure({ level: null, left }, `${exactly} ${word(unit)}`);
        }}
      >
        <div className="w-28">
          <TextField
            label={unit === "piece" ? "Counted" : "Exactly"}
            hint={unit}
            inputMode="decimal"
            value={exactly}
            onChange={(event) => setExactly(event.target.value)}
          />
        </div>
        <Button type="submit" disabled={left === null}>
          Left in it
        </Button>
      </form>
    </section>
  );
}

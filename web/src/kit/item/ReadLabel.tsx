import { ToggleGroup } from "radix-ui";
import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { capital, word } from "../../words/codes";
import { nearDate } from "../../words/dates";
import { shortName } from "../../words/items";
import { foundOf, labelWords } from "../../words/label";

type Found = "contains" | "free-of";
type Looks = Record<string, Found | null>;

const ANSWERS = [
  { value: "", word: "not checked" },
  { value: "free-of", word: "free of it" },
  { value: "contains", word: "contains it" },
];

/** What its label was found to say, and a way to read it. */
export function LabelRead({ item }: { item: Item }) {
  const [isOpen, setOpen] = useState(false);
  const { composition, unchecked } = item.product;
  const today = useToday();
  if (!composition.length && !unchecked.length) return null;
  const newest = composition
    .map((one) => one.checkedOn ?? "")
    .sort()
    .at(-1);
  return (
    <section>
      <h2 className="mb-1 flex min-h-9 items-center justify-between border-ink border-b pb-1 font-semibold">
        Its label
        <Button onClick={() => setOpen(true)}>Read the label</Button>
      </h2>
      <p className="max-w-[62ch]">{labelWords(item.product)}</p>
      {newest && <p className="text-soft">Last read {nearDate(newest, today)}.</p>}
      <ReadLabel
        key={item.product.version}
        item={item}
        open={isOpen}
        onDone={() => setOpen(false)}
      />
    </section>
  );
}

/** One row for each thing that people react to and that can be in it. */
function ReadLabel({ item, open, onDone }: { item: Item; open: boolean; onDone: () => void }) {
  const { perform } = useActs();
  const [looks, setLooks] = useState<Looks>({});
  const [own, setOwn] = useState("");
  const { composition, unchecked } = item.product;
  const rows = [...composition.map((one) => one.of), ...unchecked];
  const further = Object.keys(looks).filter((one) => !rows.includes(one));
  const save = async () => {
    await perform({
      path: `/api/items/${item.id}/label`,
      body: { found: Object.entries(looks).map(([of, found]) => ({ of, found })) },
      done: `Noted what the label of ${shortName(item)} says.`,
    });
    onDone();
  };
  const addOwn = () => {
    const name = own.trim().toLowerCase();
    if (name) setLooks({ ...looks, [name]: "contains" });
    setOwn("");
  };
  return (
    <Sheet title={`The label of ${shortName(item)}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <p className="text-soft">
          This goes for every item of this product. What you leave unchecked is never treated as
          safe.
        </p>
        <ul>
          {[...rows, ...further].map((of) => (
            <LookedFor
              key={of}
              of={of}
              found={of in looks ? (looks[of] ?? null) : foundOf(item.product, of)}
              onChange={(found) => setLooks({ ...looks, [of]: found })}
            />
          ))}
        </ul>
        <div className="flex items-end gap-2">
          <div className="flex-1">
            <TextField
              label="Something else it contains"
              value={own}
              maxLength={60}
              onChange={(event) => setOwn(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === "Enter") addOwn();
              }}
            />
          </div>
          <Button disabled={!own.trim()} onClick={addOwn}>
            Add
          </Button>
        </div>
        <Button
          kind="solid"
          disabled={Object.keys(looks).length === 0}
          onClick={() => void save().catch(() => {})}
        >
          Save
        </Button>
      </div>
    </Sheet>
  );
}

type LookedForProps = { of: string; found: Found | null; onChange: (found: Found | null) => void };

function LookedFor({ of, found, onChange }: LookedForProps) {
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-3 border-hair border-b py-1.5">
      <span id={`looked-for-${of}`} className="font-semibold">
        {capital(word(of))}
      </span>
      <ToggleGroup.Root
        type="single"
        aria-labelledby={`looked-for-${of}`}
        value={found ?? ""}
        onValueChange={(value) => onChange((value || null) as Found | null)}
        className="flex gap-1"
      >
        {ANSWERS.map((answer) => (
          <ToggleGroup.Item
            key={answer.value}
            value={answer.value}
            className="min-h-9 rounded border border-line px-2.5 text-sm hover:bg-lit data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-paper max-hand:min-h-11"
          >
            {answer.word}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </li>
  );
}

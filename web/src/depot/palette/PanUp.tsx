import { useState } from "react";
import { z } from "zod";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useEmpties } from "../../api/depot";
import { useFound } from "../../api/kit";
import { useToday } from "../../api/session";
import { fieldsOf, neededNumber, quietly, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { fullName, shortName } from "../../words/items";
import { leftOf } from "../../words/quantities";

const FILLED = z.object({
  empty: z.string(),
  amount: neededNumber("Say how much goes into it."),
});

type PanUpProps = {
  place: string;
  placeName: string;
  slot: number;
  open: boolean;
  onClose: () => void;
};

/** Fills a pan from a pack and lays it into a slot. */
export function PanUp({ place, placeName, slot, open, onClose }: PanUpProps) {
  const { perform } = useActs();
  const today = useToday();
  const kinds = (useEmpties().data?.kinds ?? []).filter((kind) => kind.empty.stock > 0);
  const [typed, setTyped] = useState("");
  const [source, setSource] = useState<Item | null>(null);
  const form = useTyped(FILLED, { empty: "", amount: "" });
  const field = fieldsOf(form);
  const packs = useFoundPacks(typed);
  const found = source ? [] : packs;
  const pan = form.handleSubmit(async ({ empty, amount }) => {
    if (!source) return;
    await perform({
      path: "/api/decants",
      body: {
        newItem: crypto.randomUUID(),
        source: source.id,
        // The kinds may have been fetched only after the pack was chosen.
        empty: empty || pans(kinds)[0]?.id,
        amount,
        place,
        slot,
        sourceTo: null,
        openedOn: source.sealed ? today : null,
      },
      done: `Panned up ${shortName(source)} into slot ${slot}.`,
    });
    onClose();
  });
  return (
    <Sheet title={`Pan up into slot ${slot} of ${placeName}`} open={open} onOpenChange={onClose}>
      <form className="flex flex-col gap-4" onSubmit={quietly(pan)}>
        {source ? (
          <p>
            <b>{fullName(source)}</b> {leftOf(source)}.{" "}
            <button type="button" className="underline" onClick={() => setSource(null)}>
              another
            </button>
          </p>
        ) : (
          <TextField
            label="From which pack"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        )}
        <ul>
          {found.map((item) => (
            <li key={item.id}>
              <button
                type="button"
                onClick={() => {
                  setSource(item);
                  form.setValue("amount", String(Math.min(1.5, item.left)));
                  form.setValue("empty", pans(kinds)[0]?.id ?? "");
                }}
                className="min-h-10 w-full border-hair border-b py-1 text-left hover:bg-lit max-hand:min-h-11"
              >
                {fullName(item)} <span className="text-soft">{leftOf(item)}</span>
              </button>
            </li>
          ))}
        </ul>
        {source && (
          <>
            <SelectField
              label="Into"
              choices={pans(kinds).map((kind) => ({
                value: kind.id,
                word: `${kind.empty.name}, ${kind.empty.stock} in stock`,
              }))}
              {...field("empty")}
            />
            <TextField
              label="How much"
              hint={source.product.unit}
              inputMode="decimal"
              {...field("amount")}
            />
            {source.sealed && <p>The pack is sealed: it is opened today.</p>}
            {pans(kinds).length === 0 && (
              <p className="text-stop">No empties are in stock: count them on their shelf.</p>
            )}
            <Button kind="solid" type="submit" disabled={pans(kinds).length === 0}>
              Pan up
            </Button>
          </>
        )}
      </form>
    </Sheet>
  );
}

/** Pans before everything else. */
function pans<T extends { empty: { container: string } }>(kinds: T[]): T[] {
  return kinds.toSorted(
    (one, other) =>
      Number(other.empty.container === "loose-magnetic-pan") -
      Number(one.empty.container === "loose-magnetic-pan"),
  );
}

function useFoundPacks(typed: string): Item[] {
  const found = useFound(typed).data?.items ?? [];
  return typed ? found.filter((item) => item.decantable).slice(0, 8) : [];
}

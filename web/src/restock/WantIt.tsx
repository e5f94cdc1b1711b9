import { useState } from "react";
import { useActs } from "../api/acts";
import type { Item } from "../api/client";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { shortName } from "../words/items";
import { decimal } from "../words/quantities";

type WantProps = {
  item: Item;
  open: boolean;
  onDone: () => void;
  /** The day it has to be there, as far as anybody knows. */
  neededOn?: string | null;
  why?: string;
};

/** Puts a product onto the buying list. */
export function WantIt({ item, open, onDone, neededOn = null, why = "" }: WantProps) {
  const { perform } = useActs();
  const [packs, setPacks] = useState("1");
  const [needed, setNeeded] = useState(neededOn ?? item.useBy.lastDay ?? "");
  const want = async () => {
    await perform({
      path: "/api/buying",
      body: {
        id: crypto.randomUUID(),
        product: item.product.id,
        packs: decimal(packs),
        neededOn: needed || null,
        why,
      },
      done: `${shortName(item)} stands on the buying list.`,
    });
    onDone();
  };
  return (
    <Sheet title={`Buy ${shortName(item)} again`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <TextField
          label="Packs"
          inputMode="numeric"
          value={packs}
          onChange={(event) => setPacks(event.target.value)}
        />
        <TextField
          label="It has to be there on"
          hint="or leave it open"
          type="date"
          value={needed}
          onChange={(event) => setNeeded(event.target.value)}
        />
        <Button
          kind="solid"
          disabled={!((decimal(packs) ?? 0) >= 1)}
          onClick={() => void want().catch(() => {})}
        >
          Onto the buying list
        </Button>
      </div>
    </Sheet>
  );
}

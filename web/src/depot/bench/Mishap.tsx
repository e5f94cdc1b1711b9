import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Piece } from "../../api/depot";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { shortName } from "../../words/items";
import { decimal, leftOf } from "../../words/quantities";

const MISHAPS = [
  { value: "spilt", word: "something was spilt" },
  { value: "container-broke", word: "the container broke" },
  { value: "pack-broke", word: "the pack broke" },
];

type MishapProps = { piece: Piece; path: string; open: boolean; onClose: () => void };

/** Something was spilt or broke: the stock is put right, the piece stays to be done. */
export function Mishap({ piece, path, open, onClose }: MishapProps) {
  const { perform } = useActs();
  const [what, setWhat] = useState("spilt");
  const [lost, setLost] = useState("");
  const tell = async () => {
    await perform({
      path: `${path}/mishap`,
      body: { what, lost: decimal(lost) },
      done: `Wrote down what happened to ${shortName(piece.source)}.`,
    });
    onClose();
  };
  return (
    <Sheet title="What happened?" open={open} onOpenChange={onClose}>
      <div className="flex flex-col gap-4">
        <SelectField
          label="It was this"
          choices={MISHAPS}
          value={what}
          onChange={(event) => setWhat(event.target.value)}
        />
        <TextField
          label="Lost of the pack"
          hint={`${piece.source.product.unit}, of ${leftOf(piece.source)}; empty for nothing`}
          inputMode="decimal"
          value={lost}
          onChange={(event) => setLost(event.target.value)}
        />
        <Button kind="solid" onClick={() => void tell().catch(() => {})}>
          Write it down
        </Button>
      </div>
    </Sheet>
  );
}

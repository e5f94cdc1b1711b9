import { z } from "zod";
import { useActs } from "../../api/acts";
import type { Piece } from "../../api/depot";
import { quietly, typedNumber, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { shortName } from "../../words/items";
import { leftOf } from "../../words/quantities";

const MISHAP = z.object({ what: z.string(), lost: typedNumber() });

const MISHAPS = [
  { value: "spilt", word: "something was spilt" },
  { value: "container-broke", word: "the container broke" },
  { value: "pack-broke", word: "the pack broke" },
];

type MishapProps = { piece: Piece; path: string; open: boolean; onClose: () => void };

/** Something was spilt or broke: the stock is put right, the piece stays to be done. */
export function Mishap({ piece, path, open, onClose }: MishapProps) {
  const { perform } = useActs();
  const { register, handleSubmit, formState } = useTyped(MISHAP, { what: "spilt", lost: "" });
  const tell = handleSubmit(async (told) => {
    await perform({
      path: `${path}/mishap`,
      body: told,
      done: `Noted what happened to ${shortName(piece.source)}.`,
    });
    onClose();
  });
  return (
    <Sheet title="Spill or break" open={open} onOpenChange={onClose}>
      <form className="flex flex-col gap-4" noValidate onSubmit={quietly(tell)}>
        <SelectField label="What happened" choices={MISHAPS} {...register("what")} />
        <TextField
          label="Spilt from the pack"
          hint={`${piece.source.product.unit}, of ${leftOf(piece.source)}; leave empty for none`}
          inputMode="decimal"
          fault={formState.errors.lost?.message}
          {...register("lost")}
        />
        <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
          Save
        </Button>
      </form>
    </Sheet>
  );
}

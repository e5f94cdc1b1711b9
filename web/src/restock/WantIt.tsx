import { z } from "zod";
import { useActs } from "../api/acts";
import type { Item } from "../api/client";
import { DateField } from "../parts/DateField";
import { neededNumber, quietly, typedDate, useTyped } from "../parts/typed";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { dateText } from "../words/dates";
import { shortName } from "../words/items";

type WantProps = {
  item: Item;
  open: boolean;
  onDone: () => void;
  /** The day it has to be there, as far as anybody knows. */
  neededOn?: string | null;
  why?: string;
};

const WANTED = z.object({
  packs: neededNumber("Say how many packs.").refine((packs) => packs >= 1, "One pack at least."),
  neededOn: typedDate("day"),
});

/** Puts a product onto the buying list. */
export function WantIt({ item, open, onDone, neededOn = null, why = "" }: WantProps) {
  const { perform } = useActs();
  const { control, register, handleSubmit, formState } = useTyped(WANTED, {
    packs: "1",
    neededOn: dateText(neededOn ?? item.useBy.lastDay),
  });
  const want = handleSubmit(async (wanted) => {
    await perform({
      path: "/api/buying",
      body: { id: crypto.randomUUID(), product: item.product.id, ...wanted, why },
      done: `${shortName(item)} is on the buying list.`,
    });
    onDone();
  });
  return (
    <Sheet title={`Buy ${shortName(item)} again`} open={open} onOpenChange={onDone}>
      <form className="flex flex-col gap-4" noValidate onSubmit={quietly(want)}>
        <TextField
          label="Packs"
          inputMode="numeric"
          fault={formState.errors.packs?.message}
          {...register("packs")}
        />
        <DateField
          control={control}
          name="neededOn"
          meant="day"
          label="Needed by"
          hint="or leave it open"
        />
        <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
          Add to the buying list
        </Button>
      </form>
    </Sheet>
  );
}

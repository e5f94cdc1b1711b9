import { z } from "zod";
import { useActs } from "../../api/acts";
import type { Item, Schemas } from "../../api/client";
import { useRefill } from "../../api/depot";
import { useItemSheet, usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { DateField } from "../../parts/DateField";
import { quietly, typedDate, typedNumber, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { TextField, Tick } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { dateText, inDate } from "../../words/dates";
import { washWords } from "../../words/depot";
import { placePath, shortName } from "../../words/items";
import { leftOf } from "../../words/quantities";

type RefillProps = { item: Item; open: boolean; onClose: () => void };

/** Fills a container again: from which pack, how much, and whether it is washed first. */
export function RefillIt({ item, open, onClose }: RefillProps) {
  const refill = useRefill(item.id, open).data;
  return (
    <Sheet title={`Fill ${shortName(item)} again`} open={open} onOpenChange={onClose}>
      {!refill && <p className="text-soft">Looking for its back stock…</p>}
      {refill && refill.source === null && (
        <p>
          There is no pack to refill it from: none is left, or what is left is out of date. Add it
          to the buying list.
        </p>
      )}
      {refill?.source && (
        <Proposed
          key={refill.source}
          item={item}
          refill={refill}
          source={refill.source}
          onClose={onClose}
        />
      )}
    </Sheet>
  );
}

const REFILLED = z.object({
  amount: typedNumber(),
  wash: z.boolean(),
  openedOn: typedDate("began"),
});

type ProposedProps = {
  item: Item;
  refill: Schemas["RefillView"];
  source: string;
  onClose: () => void;
};

function Proposed({ item, refill, source, onClose }: ProposedProps) {
  const { perform } = useActs();
  const today = useToday();
  const places = usePlaces();
  const pack = useItemSheet(source).data?.item;
  const mustWash = refill.washFirst.length > 0;
  const { control, register, handleSubmit, watch, formState } = useTyped(REFILLED, {
    amount: String(refill.amount ?? ""),
    wash: mustWash,
    openedOn: dateText(today),
  });
  const wash = watch("wash");
  const lastDay = wash ? refill.lastDayWashed : refill.lastDayToppedUp;
  const fill = handleSubmit(async (filled) => {
    await perform({
      path: `/api/items/${item.id}/refill`,
      body: { ...filled, source, openedOn: refill.sealed ? filled.openedOn : null },
      done: filled.wash ? `Washed and filled ${shortName(item)}.` : `Topped up ${shortName(item)}.`,
    });
    onClose();
  });
  return (
    <form className="flex flex-col gap-4" noValidate onSubmit={quietly(fill)}>
      <p>
        From the pack in <b>{placePath(pack?.now ?? null, places)}</b>
        {pack && `, ${leftOf(pack)}`}.
      </p>
      {mustWash && (
        <p className="border-soon border-l-4 pl-3">
          Wash it first: {refill.washFirst.map(washWords).join(", ")}.
        </p>
      )}
      <Tick label="Emptied and washed before" {...register("wash")} />
      <TextField
        label="What goes in"
        hint={item.product.unit}
        inputMode="decimal"
        fault={formState.errors.amount?.message}
        {...register("amount")}
      />
      {refill.sealed && (
        <DateField
          control={control}
          name="openedOn"
          meant="began"
          label="The pack is sealed; opened on"
        />
      )}
      <p className="text-soft">
        {lastDay
          ? `Then it is ${inDate(lastDay, today)}${wash ? ", as the pack is" : ": the earliest date rules"}.`
          : "It has no use-by date."}
      </p>
      <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
        {wash ? "Washed and filled" : "Topped up"}
      </Button>
    </form>
  );
}

import { useState } from "react";
import { z } from "zod";
import { useActs } from "../api/acts";
import type { Shop } from "../api/restock";
import { DateField } from "../parts/DateField";
import {
  neededNumber,
  neededWhole,
  neededWord,
  quietly,
  typedDate,
  typedNumber,
  useTyped,
} from "../parts/typed";
import { Button } from "../ui/Button";
import { TextField, Tick } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { dateText } from "../words/dates";

const SHOP = z.object({
  name: neededWord("Say what the shop is called."),
  deliveryDays: neededWhole("Say how many days delivery takes."),
  shipping: neededNumber("Say what shipping costs, 0 for nothing."),
  freeFrom: typedNumber(),
  leastOrder: typedNumber(),
  currency: neededWord("A currency has three letters, like EUR."),
  professionalPercent: typedNumber(),
  proofUntil: typedDate("ends"),
});

const text = (value: number | null) => (value === null ? "" : String(value));

type ShopSheetProps = {
  shop: Shop;
  /** Whether orders can be sent from here at all. */
  hasDesk: boolean;
  onDone: () => void;
};

/** What it takes to buy there. */
export function ShopSheet({ shop, hasDesk, onDone }: ShopSheetProps) {
  const { perform } = useActs();
  const [takesOrders, setTakesOrders] = useState(shop.shop.takesOrders === true);
  const told = shop.shop;
  const { control, register, handleSubmit, formState } = useTyped(SHOP, {
    name: told.name,
    deliveryDays: String(told.deliveryDays),
    shipping: String(told.shipping),
    freeFrom: text(told.freeFrom),
    leastOrder: text(told.leastOrder),
    currency: told.currency,
    professionalPercent: text(told.professionalPercent),
    proofUntil: dateText(told.proofUntil),
  });
  const { errors } = formState;
  const save = handleSubmit(async (changed) => {
    await perform({
      method: "PUT",
      path: `/api/shops/${shop.id}`,
      body: {
        version: shop.version,
        shop: { ...told, ...changed, currency: changed.currency.toUpperCase(), takesOrders },
      },
      done: `${changed.name} is changed.`,
    });
    onDone();
  });
  return (
    <Sheet title={told.name} open onOpenChange={onDone}>
      <form className="flex flex-col gap-3" noValidate onSubmit={quietly(save)}>
        <TextField label="Name" fault={errors.name?.message} {...register("name")} />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Days of delivery"
            inputMode="numeric"
            fault={errors.deliveryDays?.message}
            {...register("deliveryDays")}
          />
          <TextField label="Currency" fault={errors.currency?.message} {...register("currency")} />
          <TextField
            label="Shipping"
            inputMode="decimal"
            fault={errors.shipping?.message}
            {...register("shipping")}
          />
          <TextField
            label="Free from"
            inputMode="decimal"
            fault={errors.freeFrom?.message}
            {...register("freeFrom")}
          />
          <TextField
            label="Least order"
            inputMode="decimal"
            fault={errors.leastOrder?.message}
            {...register("leastOrder")}
          />
          <TextField
            label="Trade discount, %"
            inputMode="decimal"
            fault={errors.professionalPercent?.message}
            {...register("professionalPercent")}
          />
        </div>
        <DateField
          control={control}
          name="proofUntil"
          meant="ends"
          label="Proof for the trade discount until"
          hint="or leave it open"
        />
        {hasDesk && (
          <Tick
            label="Send it orders from here"
            checked={takesOrders}
            onChange={(event) => setTakesOrders(event.target.checked)}
          />
        )}
        <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
          Save
        </Button>
      </form>
    </Sheet>
  );
}

import { useState } from "react";
import { z } from "zod";
import { useActs } from "../api/acts";
import type { Wanted } from "../api/restock";
import { DateField } from "../parts/DateField";
import { fieldsOf, neededWhole, typedDate, typedNumber, useTyped } from "../parts/typed";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { count } from "../words/codes";
import { shortName } from "../words/items";

const SMALL = "min-h-9 px-2 underline max-hand:min-h-11";

/** It came: all of it with one tap, or a part of it with what stands on the packs. */
export function Arrived({ one }: { one: Wanted }) {
  const { perform } = useActs();
  const [isOpen, setOpen] = useState(false);
  const name = shortName(one.like);
  const receive = (many: number, more: object) =>
    perform({
      path: `/api/buying/${one.id}/got`,
      body: { newItems: Array.from({ length: many }, () => crypto.randomUUID()), ...more },
      done: `${name} is in the kit, sealed.`,
    });
  return (
    <>
      <button
        type="button"
        className={SMALL}
        aria-label={`${name} has arrived`}
        onClick={() => void receive(one.packs, {}).catch(() => {})}
      >
        arrived
      </button>
      <button
        type="button"
        className={SMALL}
        aria-label={`${name} has arrived in part, or with a batch`}
        onClick={() => setOpen(true)}
      >
        in part…
      </button>
      <Sheet open={isOpen} onOpenChange={setOpen} title={`${name} has arrived`}>
        <WhatCame one={one} onReceive={receive} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}

type WhatCameProps = {
  one: Wanted;
  onReceive: (many: number, more: object) => Promise<unknown>;
  onDone: () => void;
};

const CAME = z
  .object({
    packs: neededWhole("Say how many came.").refine(
      (many) => many >= 1 && many <= 200,
      "1 to 200 packs come at once.",
    ),
    batch: z.string(),
    printedExpiry: typedDate("ends"),
    price: typedNumber().refine((paid) => paid === null || paid >= 0, "A price is not negative."),
    currency: z.string(),
  })
  .transform(({ currency, ...told }) => ({
    ...told,
    currency: told.price === null ? null : currency.trim().toUpperCase(),
  }));

function WhatCame({ one, onReceive, onDone }: WhatCameProps) {
  const form = useTyped(CAME, {
    packs: String(one.packs),
    batch: "",
    printedExpiry: "",
    price: "",
    currency: "EUR",
  });
  const field = fieldsOf(form);
  const many = Number(form.watch("packs"));
  const rest = Number.isInteger(many) && many >= 1 ? Math.max(0, one.packs - many) : 0;
  const take = (restToCome: boolean) =>
    void form.handleSubmit(({ packs, ...told }) =>
      onReceive(packs, { ...told, restToCome: restToCome && packs < one.packs })
        .then(onDone)
        .catch(() => {}),
    )();
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-2 items-start gap-3">
        <TextField label="Packs" hint={`of ${one.packs}`} inputMode="numeric" {...field("packs")} />
        <TextField label="Batch" maxLength={40} {...field("batch")} />
        <DateField
          control={form.control}
          name="printedExpiry"
          meant="ends"
          label="Printed last day"
        />
        <div className="grid grid-cols-[1fr_5rem] items-start gap-2">
          <TextField label="Price a pack" inputMode="decimal" {...field("price")} />
          <TextField label="in" maxLength={3} {...field("currency")} />
        </div>
      </div>
      <div className="flex flex-wrap gap-2">
        <Button kind="solid" onClick={() => take(rest > 0)}>
          {rest > 0 ? `Into the kit; ${count(rest, "pack")} to come` : "Into the kit"}
        </Button>
        {rest > 0 && <Button onClick={() => take(false)}>Nothing more comes</Button>}
      </div>
    </div>
  );
}

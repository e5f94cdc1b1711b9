import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Item, Schemas } from "../../api/client";
import { useRefill } from "../../api/depot";
import { useItemSheet, usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { inDate } from "../../words/dates";
import { washWords } from "../../words/depot";
import { placePath, shortName } from "../../words/items";
import { decimal, leftOf } from "../../words/quantities";

type RefillProps = { item: Item; open: boolean; onClose: () => void };

/** Fills a container again: from which pack, how much, and whether it is washed first. */
export function RefillIt({ item, open, onClose }: RefillProps) {
  const refill = useRefill(item.id, open).data;
  return (
    <Sheet title={`Fill ${shortName(item)} again`} open={open} onOpenChange={onClose}>
      {!refill && <p className="text-soft">Looking for its back stock…</p>}
      {refill && refill.source === null && (
        <p>
          There is no pack of it that can be filled from: none is left, or what is left is past its
          date. Put it onto the buying list.
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
  const [amount, setAmount] = useState(String(refill.amount ?? ""));
  const [wash, setWash] = useState(mustWash);
  const [openedOn, setOpenedOn] = useState(today);
  const lastDay = wash ? refill.lastDayWashed : refill.lastDayToppedUp;
  const fill = async () => {
    await perform({
      path: `/api/items/${item.id}/refill`,
      body: {
        source,
        amount: decimal(amount),
        wash,
        openedOn: refill.sealed ? openedOn : null,
      },
      done: wash ? `Washed and filled ${shortName(item)}.` : `Topped up ${shortName(item)}.`,
    });
    onClose();
  };
  return (
    <div className="flex flex-col gap-4">
      <p>
        From the pack in <b>{placePath(pack?.now ?? null, places)}</b>
        {pack && `, ${leftOf(pack)}`}.
      </p>
      {mustWash && (
        <p className="border-soon border-l-4 pl-3">
          Wash it first: {refill.washFirst.map(washWords).join(", ")}.
        </p>
      )}
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={wash}
          onChange={(event) => setWash(event.target.checked)}
        />
        Emptied and washed before
      </label>
      <TextField
        label="What goes in"
        hint={item.product.unit}
        inputMode="decimal"
        value={amount}
        onChange={(event) => setAmount(event.target.value)}
      />
      {refill.sealed && (
        <TextField
          label="The pack is sealed; opened on"
          type="date"
          max={today}
          value={openedOn}
          onChange={(event) => setOpenedOn(event.target.value)}
        />
      )}
      <p className="text-soft">
        {lastDay
          ? `Then it is ${inDate(lastDay, today)}${wash ? ", as the pack is" : ": the earliest date rules"}.`
          : "No date limits it."}
      </p>
      <Button kind="solid" onClick={() => void fill().catch(() => {})}>
        {wash ? "Washed and filled" : "Topped up"}
      </Button>
    </div>
  );
}

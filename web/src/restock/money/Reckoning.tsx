import { useState } from "react";
import { useActs } from "../../api/acts";
import { useReckoning } from "../../api/money";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { decimal } from "../../words/quantities";

/** In what money one reckons, and what other money is worth in it today. */
export function Reckoning({ currency }: { currency: string }) {
  const [isOpen, setOpen] = useState(false);
  const told = useReckoning().data;
  return (
    <>
      <Button onClick={() => setOpen(true)}>Money and rates</Button>
      <Sheet open={isOpen} onOpenChange={setOpen} title="Money and rates">
        {told && (
          <Rates
            own={told.currency ?? currency}
            start={told.rates.map((one) => ({
              id: one.currency,
              currency: one.currency,
              worth: String(one.worth),
              on: one.on,
            }))}
            onDone={() => setOpen(false)}
          />
        )}
      </Sheet>
    </>
  );
}

type Typed = { id: string; currency: string; worth: string; on: string };
type RatesProps = { own: string; start: Typed[]; onDone: () => void };

function Rates({ own: startOwn, start, onDone }: RatesProps) {
  const { perform } = useActs();
  const today = useToday();
  const [own, setOwn] = useState(startOwn);
  const [rates, setRates] = useState(start);
  const change = (id: string, part: Partial<Typed>) =>
    setRates(rates.map((one) => (one.id === id ? { ...one, ...part } : one)));
  const told = rates.filter((one) => one.currency.trim() || one.worth.trim());
  const wrong = told.find(
    (one) => !/^[A-Za-z]{3}$/.test(one.currency.trim()) || !((decimal(one.worth) ?? 0) > 0),
  );
  const isOwn = /^[A-Za-z]{3}$/.test(own.trim());
  const save = () =>
    perform({
      method: "PUT",
      path: "/api/house/money",
      body: {
        money: {
          currency: own.trim().toUpperCase(),
          rates: told.map((one) => ({
            currency: one.currency.trim().toUpperCase(),
            worth: decimal(one.worth),
            on: one.on,
          })),
        },
      },
      done: `You reckon in ${own.trim().toUpperCase()}.`,
    }).then(onDone);
  return (
    <div className="flex flex-col gap-4">
      <div className="w-40">
        <TextField
          label="You reckon in"
          maxLength={3}
          value={own}
          fault={isOwn ? undefined : "Three letters, like EUR."}
          onChange={(event) => setOwn(event.target.value)}
        />
      </div>
      <p className="max-w-[52ch] text-soft">
        Prices in other money count once you type what one of it is worth. Look the rate up where
        you trust it; a newer one takes its place.
      </p>
      {rates.map((one) => (
        <div key={one.id} className="grid grid-cols-[5rem_1fr_auto] items-end gap-3">
          <TextField
            label="One"
            hint="of"
            maxLength={3}
            value={one.currency}
            onChange={(event) => change(one.id, { currency: event.target.value, on: today })}
          />
          <TextField
            label="is worth"
            hint={own.trim().toUpperCase()}
            inputMode="decimal"
            value={one.worth}
            onChange={(event) => change(one.id, { worth: event.target.value, on: today })}
          />
          <Button
            kind="bare"
            aria-label={`Remove the rate of ${one.currency || "this money"}`}
            onClick={() => setRates(rates.filter((other) => other.id !== one.id))}
          >
            remove
          </Button>
        </div>
      ))}
      <div>
        <Button
          onClick={() =>
            setRates([...rates, { id: crypto.randomUUID(), currency: "", worth: "", on: today }])
          }
        >
          Add a rate
        </Button>
      </div>
      {wrong && (
        <p className="text-stop">A rate has three letters and a number above 0, like SEK 0.088.</p>
      )}
      <Button
        kind="solid"
        disabled={!isOwn || wrong !== undefined}
        onClick={() => void save().catch(() => {})}
      >
        Save
      </Button>
    </div>
  );
}

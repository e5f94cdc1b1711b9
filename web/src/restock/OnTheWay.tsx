import { useState } from "react";
import { useActs } from "../api/acts";
import { Problem, type Schemas } from "../api/client";
import { type Parcel, useParcels, useToldOrder, type Wanted } from "../api/restock";
import { Button, buttonLook } from "../ui/Button";
import { capital, count } from "../words/codes";
import { shortDate } from "../words/dates";
import { shortName } from "../words/items";
import { money } from "../words/quantities";
import { PaperOf } from "./PaperOf";

type WayProps = { wanted: Wanted[]; today: string };

/** What was ordered and is to come, order by order: what the shop says of it, and its papers. */
export function OnTheWay({ wanted, today }: WayProps) {
  const parcels = (useParcels().data ?? []).filter((one) => one.toCome.length > 0);
  if (parcels.length === 0) return null;
  return (
    <section aria-label="On the way" id="on-the-way" className="scroll-mt-4">
      <h2 className="border-ink border-b pb-1 font-semibold">On the way</h2>
      <ul>
        {parcels.map((parcel) => (
          <OneParcel key={parcel.id} parcel={parcel} wanted={wanted} today={today} />
        ))}
      </ul>
    </section>
  );
}

type OneProps = { parcel: Parcel; wanted: Wanted[]; today: string };

function OneParcel({ parcel, wanted, today }: OneProps) {
  const { perform } = useActs();
  const [isAsked, setAsked] = useState(false);
  const entries = wanted.filter((one) => parcel.toCome.includes(one.id));
  const packs = entries.reduce((sum, one) => sum + one.packs, 0);
  const there = entries.map((one) => one.ordered?.thereBy ?? "").sort()[0];
  const isLate = entries.some((one) => one.ordered?.late);
  return (
    <li className="flex flex-col gap-1 border-hair border-b py-1.5">
      <div className="flex flex-wrap items-center gap-x-4">
        <span className="font-semibold">{parcel.shop ?? "Ordered elsewhere"}</span>
        <span>
          {capital(count(packs, "pack"))} of{" "}
          {entries.length === 1 && entries[0]
            ? shortName(entries[0].like)
            : count(entries.length, "product")}
        </span>
        <span className={isLate ? "text-stop" : "text-soft"}>
          ordered {shortDate(parcel.orderedOn, today)}
          {there && `, ${isLate ? "late: was to be" : ""} there by ${shortDate(there, today)}`}
          {parcel.number && `, its number ${parcel.number}`}
          {parcel.shipping !== null &&
            parcel.currency &&
            parcel.shipping > 0 &&
            `, shipping ${money(parcel.shipping, parcel.currency)}`}
        </span>
        <span className="ml-auto flex items-center gap-1">
          {parcel.canAsk && (
            <>
              <Button kind="bare" aria-expanded={isAsked} onClick={() => setAsked(!isAsked)}>
                Ask the shop
              </Button>
              <Button
                kind="bare"
                onClick={() =>
                  void perform({
                    path: `/api/buying/parcels/${parcel.id}/call-off`,
                    done: "The order is called off.",
                    undoable: false,
                  }).catch(() => {})
                }
              >
                Call it off
              </Button>
            </>
          )}
          <PaperOf parcel={parcel} />
        </span>
      </div>
      {isAsked && <Told parcel={parcel} wanted={wanted} today={today} />}
    </li>
  );
}

/** What the shop says, today; what came is received by a tap, with what stands on the note. */
function Told({ parcel, wanted, today }: OneProps) {
  const told = useToldOrder(parcel.id, true);
  if (told.error) {
    return (
      <p className="text-stop">
        {told.error instanceof Problem ? told.error.message : "The shop could not be asked."}
      </p>
    );
  }
  if (!told.data) return <p className="text-soft">Asking the shop…</p>;
  const open = told.data.deliveries.filter((one) => !one.received);
  return (
    <div className="border-hair border-l-4 pl-3">
      {open.length === 0 && (
        <p>
          {told.data.arrivesOn
            ? `On its way, there by ${shortDate(told.data.arrivesOn, today)}.`
            : "Everything was delivered and received."}
        </p>
      )}
      {open.map((delivery) => (
        <Delivery
          key={delivery.note}
          parcel={parcel}
          delivery={delivery}
          wanted={wanted}
          today={today}
        />
      ))}
      {open.length > 0 && told.data.arrivesOn && (
        <p className="text-soft">More is to come by {shortDate(told.data.arrivesOn, today)}.</p>
      )}
    </div>
  );
}

type DeliveryProps = OneProps & { delivery: Schemas["DeliveryView"] };

function Delivery({ parcel, delivery, wanted, today }: DeliveryProps) {
  const { perform } = useActs();
  const lines = delivery.lines
    .map((line) => ({ line, entry: wanted.find((one) => one.id === line.entry) }))
    .filter((one) => one.entry !== undefined && one.line.still > 0);
  const tooMany = lines.filter(({ line }) => line.packs > line.still);
  const receive = () =>
    perform({
      path: `/api/buying/parcels/${parcel.id}/received`,
      body: {
        note: delivery.note,
        lines: lines.map(({ line }) => ({
          entry: line.entry,
          newItems: Array.from({ length: Math.min(line.packs, line.still) }, () =>
            crypto.randomUUID(),
          ),
          came: {
            batch: line.batch,
            printedExpiry: line.printedExpiry,
            price: line.price,
            currency: line.price === null ? null : parcel.currency,
            place: null,
          },
        })),
      },
      done: `Delivery ${delivery.note} is in the kit, sealed.`,
    });
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-1">
      <span>
        Delivered {shortDate(delivery.on, today)}, note {delivery.note}:{" "}
        {lines.length === 0
          ? "nothing that is still to come"
          : lines
              .map(({ line, entry }) =>
                entry
                  ? `${line.packs} × ${shortName(entry.like)}${line.packs < line.still ? ` of ${line.still}` : ""}`
                  : "",
              )
              .join(", ")}
      </span>
      {tooMany.length > 0 && (
        <span className="text-stop">
          More is on the note than was ordered: only what was ordered comes into the kit.
        </span>
      )}
      {delivery.others > 0 && (
        <span className="text-stop">
          {capital(count(delivery.others, "pack"))} on it {delivery.others === 1 ? "was" : "were"}{" "}
          not ordered from here.
        </span>
      )}
      {lines.length > 0 && (
        <button
          type="button"
          onClick={() => void receive().catch(() => {})}
          className={buttonLook()}
        >
          It is all here
        </button>
      )}
    </div>
  );
}

import { useState } from "react";
import { Link } from "react-router";
import {
  type BuyingPlan,
  type PlanTerms,
  type Shop,
  useBuyingPlan,
  useShops,
  type Wanted,
} from "../api/restock";
import { TextField, Tick } from "../ui/Field";
import { capital, count } from "../words/codes";
import { shortDate } from "../words/dates";
import { fullName } from "../words/items";
import { decimal, figure, money } from "../words/quantities";
import { Ordering } from "./Ordering";

type WhereProps = { wanted: Wanted[]; today: string };

/** The cheapest way to have what is on the buying list in time, parcel by parcel, and why. */
export function WhereToBuy({ wanted, today }: WhereProps) {
  const [told, setTold] = useState("");
  const [substitutes, setSubstitutes] = useState(false);
  const typed = decimal(told);
  const terms = { budget: typed !== null && typed >= 0 ? typed : null, substitutes };
  const plan = useBuyingPlan(terms).data;
  const known = useShops().data;
  const shops = known?.shops ?? [];
  if (!plan || wanted.every((one) => one.ordered !== null)) return null;
  return (
    <section aria-label="Where to buy it" className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-2 border-ink border-b pb-1">
        <h2 className="font-semibold">Where to buy it</h2>
        <Link to="/restock/shops" className="min-h-6 underline max-hand:min-h-11">
          Shops and offers
        </Link>
      </div>
      <div className="flex flex-wrap items-start gap-x-10 gap-y-3">
        <p className="max-w-[58ch] flex-1 font-voice text-lg">
          <PlanWords plan={plan} shops={shops} />
        </p>
        <div className="flex w-56 flex-col gap-2">
          <TextField
            label="Budget"
            hint="or leave it open"
            inputMode="decimal"
            value={told}
            onChange={(event) => setTold(event.target.value)}
          />
          <Tick
            label="Others that do as well"
            checked={substitutes}
            onChange={(event) => setSubstitutes(event.target.checked)}
          />
        </div>
      </div>
      <div className="grid grid-cols-2 gap-x-10 gap-y-4 max-hand:grid-cols-1">
        {plan.parcels.map((parcel) => (
          <Parcel
            key={parcel.shop}
            parcel={parcel}
            plan={plan}
            terms={terms}
            hasDesk={known?.hasDesk ?? false}
            shop={shops.find((one) => one.id === parcel.shop)}
            wanted={wanted}
            today={today}
          />
        ))}
      </div>
      <Left plan={plan} wanted={wanted} shops={shops} />
    </section>
  );
}

function PlanWords({ plan, shops }: { plan: BuyingPlan; shops: Shop[] }) {
  if (plan.parcels.length === 0) {
    return plan.notOffered.length > 0 ? (
      <>
        No shop is known that has it.{" "}
        <Link to="/restock/shops" className="underline">
          Note an offer
        </Link>{" "}
        in one line.
      </>
    ) : (
      <>Nothing can be bought for that.</>
    );
  }
  const { currency } = plan;
  const one = shops.find((shop) => shop.id === plan.oneParcel?.shop);
  return (
    <>
      {capital(count(plan.parcels.length, "parcel"))}, {money(plan.total, currency)}
      {plan.oneParcel && one && (
        <>
          ; one parcel, from {one.shop.name}, would be {money(plan.oneParcel.total, currency)}
        </>
      )}
      .{" "}
      {plan.notTaken && (
        <>
          Larger packs would save {money(plan.notTaken.saving, currency)}, but{" "}
          {count(plan.notTaken.past, "pack")} would pass{" "}
          {plan.notTaken.past === 1 ? "its" : "their"} date: not taken.{" "}
        </>
      )}
      {!plan.isOptimal && "There may be a cheaper way: not all of them were gone through."}
    </>
  );
}

type ParcelProps = {
  parcel: BuyingPlan["parcels"][number];
  plan: BuyingPlan;
  terms: PlanTerms;
  hasDesk: boolean;
  shop: Shop | undefined;
  wanted: Wanted[];
  today: string;
};

function Parcel({ parcel, plan, terms, hasDesk, shop, wanted, today }: ParcelProps) {
  if (!shop) return null;
  const { currency } = plan;
  return (
    <section aria-label={shop.shop.name}>
      <h3 className="flex flex-wrap justify-between gap-x-4 border-hair border-b pb-1">
        <b>{shop.shop.name}</b>
        <span className="text-soft">there by {shortDate(shop.arrivesOn, today)}</span>
      </h3>
      <ul>
        {parcel.buys.map((buy) => {
          const entry = wanted.find((one) => one.id === buy.wanted);
          if (!entry) return null;
          return (
            <li
              key={`${buy.offer} ${buy.wanted}`}
              className="flex justify-between gap-4 border-hair border-b py-1"
            >
              <span>
                {buy.packs} × {fullName(buy.instead ?? entry.like)}
                {buy.instead && (
                  <span className="text-proposed"> instead of {fullName(entry.like)}</span>
                )}
                {buy.packs > entry.packs && (
                  <span className="text-soft"> ({entry.packs} wanted)</span>
                )}
              </span>
              <span className="tabular-nums">{money(buy.cost, currency)}</span>
            </li>
          );
        })}
        <li className="flex justify-between gap-4 py-1 text-soft">
          <span>shipping</span>
          <span className="tabular-nums">
            {parcel.shipping > 0 ? money(parcel.shipping, currency) : "free"}
          </span>
        </li>
      </ul>
      {parcel.worth !== null && (
        <p className="text-soft">
          One {shop.shop.currency} at {figure(parcel.worth)} {currency}.
        </p>
      )}
      {parcel.belowLeast && (
        <p className="text-stop">
          This shop sends nothing below {money(shop.shop.leastOrder ?? 0, shop.shop.currency)}.
        </p>
      )}
      <Ordering
        // What is left after an order is another one.
        key={parcel.buys.map((buy) => buy.wanted).join()}
        parcel={parcel}
        shop={shop}
        terms={terms}
        hasDesk={hasDesk}
        currency={currency}
      />
    </section>
  );
}

/** What is not bought, and why; shops whose prices are in other money. */
function Left({ plan, wanted, shops }: { plan: BuyingPlan; wanted: Wanted[]; shops: Shop[] }) {
  const name = (id: string) => wanted.find((one) => one.id === id);
  const unmet = Object.entries(plan.unmet).filter(([id]) => !plan.notOffered.includes(id));
  const others = shops.filter((shop) => plan.otherCurrency.includes(shop.id));
  return (
    <ul className="text-soft">
      {plan.notOffered.map((id) => {
        const entry = name(id);
        return entry && <li key={id}>Nobody is known to offer {fullName(entry.like)}.</li>;
      })}
      {unmet.map(([id, packs]) => {
        const entry = name(id);
        return (
          entry && (
            <li key={id} className="text-stop">
              {count(packs, "pack")} of {fullName(entry.like)} {packs === 1 ? "is" : "are"} left out
              {entry.why && `: ${entry.why}`}
            </li>
          )
        );
      })}
      {plan.late.map((id) => {
        const entry = name(id);
        return (
          entry && (
            <li key={`late ${id}`} className="text-stop">
              {fullName(entry.like)} comes too late from every shop
            </li>
          )
        );
      })}
      {others.map((shop) => (
        <li key={shop.id}>
          {shop.shop.name} asks {shop.shop.currency}: its prices are compared once you type a rate
        </li>
      ))}
    </ul>
  );
}

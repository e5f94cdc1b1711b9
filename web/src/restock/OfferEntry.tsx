import { useRef, useState } from "react";
import { useActs } from "../api/acts";
import type { Item, Schemas } from "../api/client";
import { type Shop, useOfferLine } from "../api/restock";
import { useToday } from "../api/session";
import { useSettled } from "../parts/useSettled";
import { Button } from "../ui/Button";
import { count } from "../words/codes";
import { dateOrder, shortDate } from "../words/dates";
import { fullName, shortName } from "../words/items";
import { discountWords } from "../words/offers";
import { joined } from "../words/packing";
import { money } from "../words/quantities";

type Read = Schemas["ReadOffer"];

/** An offer in one line; what is understood stands below before it is kept. */
export function OfferEntry({ shops }: { shops: Shop[] }) {
  const { perform } = useActs();
  const today = useToday();
  const field = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState("");
  const [chosen, setChosen] = useState<string | null>(null);
  const asked = useSettled(line);
  const read = useOfferLine(asked, dateOrder()).data;
  const shown = line.trim() && asked === line ? read : undefined;
  const product = shown?.products.find((one) => one.product.id === chosen) ?? shown?.products[0];
  const known = shops.find((one) => one.id === shown?.shop)?.shop;
  const fault = shown ? whatIsMissing(shown, product, known) : null;
  const keep = () => {
    if (!shown?.offer || !product || fault) return;
    const shop = shown.shop ?? crypto.randomUUID();
    const { price, discount, ...rest } = shown.offer;
    void perform({
      path: "/api/offers",
      body: {
        id: crypto.randomUUID(),
        newShop: shown.shop ? null : shown.newShop,
        offer: {
          ...rest,
          shop,
          product: product.product.id,
          price: Number(price),
          discount: discount.kind,
          percent: discount.percent,
          amount: discount.amount,
          fromPacks: discount.fromPacks,
        },
      },
      done: `The offer of ${shortName(product)} is written down.`,
    })
      .then(() => {
        // The next one may be on its way already: nothing that was typed is lost.
        setLine((now) => (now === line ? "" : now));
        setChosen(null);
        field.current?.focus();
      })
      .catch(() => {});
  };
  return (
    <form
      className="flex max-w-4xl flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <label htmlFor="offer-line" className="font-semibold text-sm">
        Offer{" "}
        <span className="font-normal text-soft">
          product, price, shop; discounts, packs, days of delivery as you like
        </span>
      </label>
      <input
        id="offer-line"
        ref={field}
        value={line}
        maxLength={300}
        autoComplete="off"
        autoCapitalize="none"
        enterKeyHint="done"
        placeholder="lash adhesive 3 for 2, 6.90, Brackwater Supplies, ships 3 days"
        className="min-h-14 w-full rounded border-2 border-ink bg-paper px-3 font-voice text-xl max-hand:text-base"
        onChange={(event) => setLine(event.target.value)}
      />
      {shown && (
        <div aria-live="polite" className="flex flex-col gap-2">
          <p>
            <Understood read={shown} product={product} shops={shops} today={today} />
          </p>
          {fault && <p className="text-stop">{fault}</p>}
          {shown.products.length > 1 && (
            <p className="flex flex-wrap items-center gap-x-3">
              <span className="text-soft">or is it</span>
              {shown.products
                .filter((one) => one !== product)
                .map((one) => (
                  <button
                    key={one.product.id}
                    type="button"
                    className="min-h-6 underline max-hand:min-h-11"
                    onClick={() => setChosen(one.product.id)}
                  >
                    {fullName(one)}
                  </button>
                ))}
            </p>
          )}
          <div>
            <Button kind="solid" type="submit" disabled={fault !== null}>
              Write it down
            </Button>
          </div>
        </div>
      )}
    </form>
  );
}

function whatIsMissing(
  read: Read,
  product: Item | undefined,
  known: Shop["shop"] | undefined,
): string | null {
  if (!product) return "Nothing in the kit is called so: add the product to the kit first.";
  if (!read.offer) return "Say what it costs, like 6.90.";
  if (known && read.saidOfShop.currency) {
    return `${known.name} sells in ${known.currency}, but this price is in ${read.saidOfShop.currency}. Say it in ${known.currency}, or change the shop.`;
  }
  if (!read.shop && !read.newShop) return "Say which shop it is, after a comma.";
  return null;
}

type OtherProps = { said: Read["saidOfShop"]; of: Shop["shop"] };

/** Said of a shop that is known, and otherwise than it is written down there. */
function OtherTerms({ said, of }: OtherProps) {
  const amount = (value: number) => money(value, of.currency);
  const other = [
    said.deliveryDays !== null && `${count(said.deliveryDays, "day")} (not ${of.deliveryDays})`,
    said.shipping !== null && `shipping ${amount(said.shipping)} (not ${amount(of.shipping)})`,
    said.freeFrom !== null &&
      `free from ${amount(said.freeFrom)} (not ${of.freeFrom === null ? "at all" : `from ${amount(of.freeFrom)}`})`,
  ].filter((one) => one !== false);
  if (other.length === 0) return null;
  return (
    <span className="text-soon">
      {" "}
      · {joined(other)}: if that is new, change the shop below. With the offer it is not written
      down.
    </span>
  );
}

type UnderstoodProps = {
  read: Read;
  product: Item | undefined;
  shops: Shop[];
  today: string;
};

/** The line in full words. */
function Understood({ read, product, shops, today }: UnderstoodProps) {
  const known = shops.find((one) => one.id === read.shop);
  const shop = known?.shop ?? read.newShop;
  const currency = read.saidOfShop.currency ?? shop?.currency ?? "EUR";
  const { offer } = read;
  return (
    <>
      {product && <b>{fullName(product)}</b>}
      {offer && (
        <>
          {offer.packs > 1 && `, ${offer.packs} packs together`},{" "}
          {money(Number(offer.price), currency)}
          {offer.discount.kind &&
            `, ${discountWords({ ...offer.discount, discount: offer.discount.kind }, currency)}`}
          {offer.until && `, until ${shortDate(offer.until, today)}`}
          {offer.most !== null && `, at most ${offer.most}`}
        </>
      )}
      {shop && (
        <>
          {" "}
          at <b>{shop.name}</b>
          {!known &&
            ` (new: ${shop.deliveryDays} days, shipping ${money(shop.shipping, currency)}${shop.freeFrom === null ? "" : `, free from ${money(shop.freeFrom, currency)}`})`}
        </>
      )}
      {known && <OtherTerms said={read.saidOfShop} of={known.shop} />}
      {read.notUnderstood.length > 0 && (
        <span className="text-soon"> · not understood: {read.notUnderstood.join(", ")}</span>
      )}
    </>
  );
}

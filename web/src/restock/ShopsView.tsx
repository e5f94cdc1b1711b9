import { useState } from "react";
import { useActs } from "../api/acts";
import { type Shop, type ShopOffer, useShops } from "../api/restock";
import { useToday } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { Swatch } from "../parts/Swatch";
import { capital, count } from "../words/codes";
import { shortDate } from "../words/dates";
import { fullName, shortName } from "../words/items";
import { discountWords } from "../words/offers";
import { money } from "../words/quantities";
import { OfferEntry } from "./OfferEntry";
import { OfferTable } from "./OfferTable";
import { RestockParts } from "./RestockParts";
import { ShopSheet } from "./ShopSheet";

/** Where one buys, and what each shop asks for what. */
export function ShopsView() {
  const today = useToday();
  const found = useShops().data;
  if (!found) return <Sentence>Opening the shops…</Sentence>;
  const counting = found.shops.reduce((sum, shop) => sum + shop.offers, 0);
  const shown = found.offers.length;
  return (
    <div className="flex flex-col gap-6">
      <RestockParts />
      <Sentence>
        {found.shops.length === 0
          ? "No shop is written down yet. Type what one of them offers: the shop comes along with it."
          : `${capital(count(counting, "offer"))} of ${count(found.shops.length, "shop")}.`}
      </Sentence>
      {shown < found.offersInAll && (
        <p className="text-soft">
          The first {shown} of {found.offersInAll} are shown; where to buy is worked out from all of
          them.
        </p>
      )}
      <OfferEntry shops={found.shops} />
      <OfferTable />
      {found.shops.map((shop) => (
        <ShopPart
          key={shop.id}
          shop={shop}
          hasDesk={found.hasDesk}
          offers={found.offers.filter((one) => one.offer.shop === shop.id)}
          today={today}
        />
      ))}
    </div>
  );
}

type PartProps = { shop: Shop; hasDesk: boolean; offers: ShopOffer[]; today: string };

const ACT = "min-h-9 px-2 underline max-hand:min-h-11";

function ShopPart({ shop, hasDesk, offers, today }: PartProps) {
  const { perform } = useActs();
  const [isChanging, setChanging] = useState(false);
  const { name, currency } = shop.shop;
  const counting = offers.filter((one) => one.counts);
  return (
    <section aria-label={name}>
      <div className="flex flex-wrap items-baseline gap-x-4 border-ink border-b pb-1">
        <h2 className="font-semibold">{name}</h2>
        <span className="text-soft">{termsOf(shop, today)}</span>
        <span className="ml-auto flex">
          <button
            type="button"
            className={ACT}
            aria-label={`Change ${name}`}
            onClick={() => setChanging(true)}
          >
            change
          </button>
          <button
            type="button"
            className={ACT}
            aria-label={`Remove ${name}`}
            onClick={() =>
              void perform({
                path: `/api/shops/${shop.id}/remove`,
                done: `${name} and its offers are gone.`,
              }).catch(() => {})
            }
          >
            remove
          </button>
        </span>
      </div>
      <ul>
        {counting.map((one) => (
          <OfferRow
            key={one.id}
            offer={one}
            before={offers.filter((other) => isBefore(other, one))}
            currency={currency}
            today={today}
          />
        ))}
      </ul>
      {counting.length === 0 && <p className="py-2 text-soft">Nothing it offers counts today.</p>}
      {isChanging && <ShopSheet shop={shop} hasDesk={hasDesk} onDone={() => setChanging(false)} />}
    </section>
  );
}

/** What it takes to buy there, in a line. */
function termsOf(shop: Shop, today: string): string {
  const { shipping, freeFrom, leastOrder, currency, professionalPercent } = shop.shop;
  return [
    `ordered today there by ${shortDate(shop.arrivesOn, today)}`,
    shipping > 0 ? `shipping ${money(shipping, currency)}` : "ships for nothing",
    freeFrom !== null && shipping > 0 ? `free from ${money(freeFrom, currency)}` : "",
    leastOrder !== null ? `from ${money(leastOrder, currency)} on` : "",
    professionalPercent !== null ? `${professionalPercent} % for those in the trade` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** What the same cost there before. */
function isBefore(other: ShopOffer, one: ShopOffer): boolean {
  return (
    other.endedOn !== null &&
    other.offer.product === one.offer.product &&
    other.offer.packs === one.offer.packs
  );
}

type RowProps = { offer: ShopOffer; before: ShopOffer[]; currency: string; today: string };

function OfferRow({ offer, before, currency, today }: RowProps) {
  const { perform } = useActs();
  const { packs, price, until, most } = offer.offer;
  const last = before[0];
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-hair border-b py-1">
      <Swatch item={offer.like} size="small" />
      <span>
        {packs > 1 && `${packs} × `}
        {fullName(offer.like)}
      </span>
      <span className="tabular-nums">
        <b>{money(price, currency)}</b>
        {packs > 1 && <span className="text-soft"> {money(offer.perPack, currency)} each</span>}
      </span>
      <span className="text-soft">
        {[
          discountWords(offer.offer, currency),
          until ? `until ${shortDate(until, today)}` : "",
          most !== null ? `at most ${most}` : "",
          last?.endedOn
            ? `${money(last.offer.price, currency)} until ${shortDate(last.endedOn, today)}`
            : "",
        ]
          .filter(Boolean)
          .join(", ")}
      </span>
      <button
        type="button"
        className={`${ACT} ml-auto`}
        aria-label={`End the offer of ${shortName(offer.like)}`}
        onClick={() =>
          void perform({
            path: `/api/offers/${offer.id}/end`,
            done: `The offer of ${shortName(offer.like)} has ended.`,
          }).catch(() => {})
        }
      >
        ended
      </button>
    </li>
  );
}

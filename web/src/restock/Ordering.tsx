import { useState } from "react";
import { useActs } from "../api/acts";
import {
  type BuyingPlan,
  type PlanTerms,
  type Shop,
  termsPath,
  useOrderInWords,
} from "../api/restock";
import { Button, buttonLook } from "../ui/Button";
import { count } from "../words/codes";
import { dateOrder } from "../words/dates";

type OrderingProps = {
  parcel: BuyingPlan["parcels"][number];
  shop: Shop;
  terms: PlanTerms;
  hasDesk: boolean;
  currency: string;
};

/** From the plan to the shop: sent there, or the words to send; and that it is ordered. */
export function Ordering({ parcel, shop, terms, hasDesk, currency }: OrderingProps) {
  const { perform } = useActs();
  const [isWriting, setWriting] = useState(false);
  // Sent again it is the same order, whatever became of the first try.
  const [order] = useState(() => ({ act: crypto.randomUUID(), parcel: crypto.randomUUID() }));
  const words = useOrderInWords(parcel.shop, terms, isWriting);
  const which = `shop=${parcel.shop}&${termsPath(terms)}`;
  const paper = dateOrder() === "month-first" ? "letter" : "a4";
  const entries = [...new Set(parcel.buys.map((buy) => buy.wanted))];
  const body = {
    entries,
    instead: parcel.buys.flatMap((buy) =>
      buy.instead ? [{ entry: buy.wanted, product: buy.instead.product.id }] : [],
    ),
    shop: parcel.shop,
    thereBy: null,
    parcel: order.parcel,
    shipping: parcel.shipping,
    currency,
  };
  const done = `Ordered ${count(entries.length, "product")} from ${shop.shop.name}.`;
  const takesOrders = hasDesk && shop.shop.takesOrders === true;
  return (
    <div className="flex flex-col gap-2 pt-2">
      <div className="flex flex-wrap items-center gap-2">
        {takesOrders && (
          <Button
            onClick={() =>
              void perform({
                id: order.act,
                path: "/api/buying/send",
                body,
                done,
                // What the shop took is called off there, not here alone.
                undoable: false,
              }).catch(() => {})
            }
          >
            Send the order
          </Button>
        )}
        <Button
          kind={takesOrders ? "bare" : "outlined"}
          onClick={() => void perform({ path: "/api/buying/ordered", body, done }).catch(() => {})}
        >
          I ordered this
        </Button>
        <Button kind="bare" aria-expanded={isWriting} onClick={() => setWriting(!isWriting)}>
          Order in words
        </Button>
        <a
          href={`/api/buying/order.csv?${which}`}
          download="gerula-order.csv"
          className={buttonLook("bare")}
        >
          Table
        </a>
        <a
          href={`/api/buying/order.pdf?${which}&paper=${paper}`}
          target="_blank"
          rel="noreferrer"
          className={buttonLook("bare")}
        >
          On paper
        </a>
      </div>
      {isWriting && words && (
        <div className="flex flex-col items-start gap-2">
          <textarea
            readOnly
            aria-label={`Order for ${shop.shop.name}`}
            rows={parcel.buys.length + 3}
            value={words.body}
            className="w-full rounded border border-line bg-sheet p-2 text-sm"
          />
          <a
            href={`mailto:?subject=${encodeURIComponent(words.subject)}&body=${encodeURIComponent(words.body)}`}
            className={buttonLook("bare")}
          >
            Open as an e-mail
          </a>
        </div>
      )}
    </div>
  );
}

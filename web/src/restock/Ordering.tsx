import { useState } from "react";
import { useActs } from "../api/acts";
import { type BuyingPlan, type Shop, useOrderInWords } from "../api/restock";
import { Button, buttonLook } from "../ui/Button";
import { count } from "../words/codes";
import { dateOrder } from "../words/dates";

type OrderingProps = {
  parcel: BuyingPlan["parcels"][number];
  shop: Shop;
  budget: number | null;
};

/** From the plan to the shop: the words to send, and that it is ordered. */
export function Ordering({ parcel, shop, budget }: OrderingProps) {
  const { perform } = useActs();
  const [isWriting, setWriting] = useState(false);
  const words = useOrderInWords(parcel.shop, budget, isWriting);
  const which = `shop=${parcel.shop}${budget === null ? "" : `&budget=${budget}`}`;
  const paper = dateOrder() === "month-first" ? "letter" : "a4";
  const entries = [...new Set(parcel.buys.map((buy) => buy.wanted))];
  return (
    <div className="flex flex-col gap-2 pt-2">
      <div className="flex flex-wrap items-center gap-2">
        <Button
          onClick={() =>
            void perform({
              path: "/api/buying/ordered",
              body: { entries, shop: parcel.shop, thereBy: null },
              done: `Ordered ${count(entries.length, "product")} from ${shop.shop.name}.`,
            }).catch(() => {})
          }
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

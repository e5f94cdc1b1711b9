import { Link, useParams } from "react-router";
import { useBookings } from "../../api/booking";
import { type BookingCost, useBookingCost } from "../../api/money";
import { Counted, Sentence } from "../../parts/Sentence";
import { More } from "../../ui/More";
import { Without } from "../../ui/Without";
import { capital, count, word } from "../../words/codes";
import { fullName } from "../../words/items";
import { amount, money } from "../../words/quantities";
import { BarTable } from "./BarTable";

/** What a booking costs in material: the least a kit fee has to cover. */
export function CostView() {
  const { id = "" } = useParams();
  const query = useBookingCost(id);
  const booking = useBookings().data?.find((one) => one.id === id);
  if (!query.data) return <Without query={query} waiting="Adding it up…" />;
  const cost = query.data;
  return (
    <div className="flex flex-col gap-6">
      <CostSentence cost={cost} id={id} title={booking?.title ?? "This booking"} />
      <ul className="text-soft">
        {cost.unpriced > 0 && (
          <li>
            Of {count(cost.unpriced, "item")} it takes no price is known: it costs more than this.
          </li>
        )}
        {cost.shared > 0 && (
          <li>
            {capital(count(cost.shared, "other booking"))} was out on some of its days: what was
            used then is shared out evenly.
          </li>
        )}
      </ul>
      <div className="grid grid-cols-2 items-start gap-x-12 gap-y-6 max-hand:grid-cols-1">
        <Parts cost={cost} />
        <Lines cost={cost} />
      </div>
    </div>
  );
}

type CostProps = { cost: BookingCost };

function CostSentence({ cost, id, title }: CostProps & { id: string; title: string }) {
  const { total, currency, perFace, faces, expected } = cost;
  return (
    <Sentence>
      <Counted to={`/bookings/${id}`}>{title}</Counted> {expected ? "will take" : "took"} about{" "}
      <b>{money(total, currency)}</b> of material
      {perFace !== null && `, ${money(perFace, currency)} for each of ${count(faces, "face")}`}.
      {total > 0 && " That is the least a kit fee has to cover."}
    </Sentence>
  );
}

function Parts({ cost }: CostProps) {
  return (
    <section aria-label="What it goes for">
      <h2 className="border-ink border-b pb-1 font-semibold">What it goes for</h2>
      {cost.parts.length === 0 && (
        <p className="py-2 text-soft">
          Nothing with a known price is used. Write what you paid, and it counts.
        </p>
      )}
      <BarTable
        rows={cost.parts.map((one) => ({
          key: one.part,
          name: capital(PART_WORDS[one.part]),
          amount: one.cost,
        }))}
        currency={cost.currency}
        total={cost.total}
      />
    </section>
  );
}

const PART_WORDS: Record<BookingCost["parts"][number]["part"], string> = {
  products: "products",
  disposables: "disposables",
  "given-away": word("given-away"),
  "written-off": "contaminated, broken, lost",
  shipping: "its share of shipping",
};

function Lines({ cost }: CostProps) {
  if (cost.lines.length === 0) return null;
  return (
    <section aria-label="What costs most">
      <h2 className="border-ink border-b pb-1 font-semibold">What costs most</h2>
      <More
        items={cost.lines.map((line) => (
          <li key={line.item.id} className="flex gap-4 border-hair border-b py-1">
            <Link
              to={`/kit/items/${line.item.id}`}
              className="min-w-0 truncate hover:underline max-hand:whitespace-normal"
            >
              {fullName(line.item)}
            </Link>
            <span className="ml-auto shrink-0 text-soft">
              {cost.expected && "about "}
              {amount(line.amount, line.item.product.unit)}
            </span>
            <span className="w-24 shrink-0 text-right tabular-nums">
              {money(line.cost, cost.currency)}
            </span>
          </li>
        ))}
        shown={12}
      />
    </section>
  );
}

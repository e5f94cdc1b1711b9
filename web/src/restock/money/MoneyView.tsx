import { type Money, useMoney } from "../../api/money";
import { useToday } from "../../api/session";
import { Counted, Sentence } from "../../parts/Sentence";
import { buttonLook } from "../../ui/Button";
import { Without } from "../../ui/Without";
import { count } from "../../words/codes";
import { dateOrder } from "../../words/dates";
import { money } from "../../words/quantities";
import { RestockParts } from "../RestockParts";
import { EachTime } from "./EachTime";
import { Reckoning } from "./Reckoning";
import { SpendLanes } from "./SpendLanes";
import { Unused } from "./Unused";
import { Waste } from "./Waste";
import { Worth } from "./Worth";

/** What the kit is worth, and where the money goes. */
export function MoneyView() {
  const today = useToday();
  const query = useMoney();
  if (!query.data) return <Without query={query} waiting="Adding it up…" />;
  const found = query.data;
  return (
    <div className="flex flex-col gap-7">
      <RestockParts />
      <MoneySentence found={found} />
      <Missing found={found} />
      <div className="flex flex-wrap items-center gap-2">
        <a
          href={`/api/kit/print?paper=${dateOrder() === "month-first" ? "letter" : "a4"}`}
          target="_blank"
          rel="noreferrer"
          className={buttonLook()}
        >
          List for the insurer, on paper
        </a>
        <a href="/api/kit/values.csv" download="gerula-kit-values.csv" className={buttonLook()}>
          The same as a table
        </a>
        <Reckoning currency={found.currency} />
      </div>
      <SpendLanes spend={found.spend} currency={found.currency} />
      <div className="grid grid-cols-2 gap-x-12 gap-y-7 max-hand:grid-cols-1">
        <Waste found={found} today={today} />
        <Worth found={found} />
      </div>
      <Unused found={found} today={today} />
      <EachTime found={found} />
    </div>
  );
}

function MoneySentence({ found }: { found: Money }) {
  const { value, spend, waste, currency } = found;
  if (value.items > 0 && value.withoutPrice === value.items) {
    return (
      <Sentence>
        No price is known yet. Write what you paid when you add or edit an item, or when an order
        arrives; everything here follows from it.
      </Sentence>
    );
  }
  const byDate = waste.byDateThisYear;
  return (
    <Sentence>
      The kit is worth <Counted to="#worth">{money(value.total, currency)}</Counted> today. In
      twelve months you spent <Counted to="#spent">{money(spend.total, currency)}</Counted>
      {waste.total > 0 ? (
        <>
          {" "}
          and discarded{" "}
          <Counted to="#discarded" state={waste.saved > 0 ? "soon" : undefined}>
            {money(waste.total, currency)}
          </Counted>
          {byDate > 0 && `; ${money(byDate, currency)} of it this year, past its date`}
        </>
      ) : (
        " and discarded nothing"
      )}
      .
    </Sentence>
  );
}

/** What is not known is said: the sums are lower or higher by it. */
function Missing({ found }: { found: Money }) {
  const { value, spend, waste } = found;
  const told = [
    value.withoutPrice > 0 &&
      value.withoutPrice < value.items &&
      `Of ${count(value.withoutPrice, "item")} no price is known: the kit is worth more.`,
    value.withoutRate > 0 &&
      `Of ${count(value.withoutRate, "item")} the price is in money without a rate: type one below.`,
    spend.withoutDay > 0 &&
      `Of ${count(spend.withoutDay, "priced item")} the day of purchase is not known: they are in no month.`,
    waste.unpriced > 0 && `${count(waste.unpriced, "item")} discarded had no price: it was more.`,
  ].filter((line) => line !== false);
  if (told.length === 0) return null;
  return (
    <ul className="text-soft">
      {told.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}

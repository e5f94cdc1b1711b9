import { type ReactNode, useState } from "react";
import type { Spend } from "../../api/money";
import { capital, word } from "../../words/codes";
import { money } from "../../words/quantities";

type SpendProps = { spend: Spend; currency: string };

const SHIPPING = "shipping";

/**
 * Spend as lanes along the months, one a part of the work: all bars stand on one scale, each with its
 * figure, so that it reads as a table too.
 */
export function SpendLanes({ spend, currency }: SpendProps) {
  const lanes = lanesOf(spend);
  if (lanes.length === 0) return null;
  const top = Math.max(...lanes.flatMap((lane) => lane.amounts), 1);
  const totals = spend.months.map((month) => month.total);
  const months = spend.months.map((month) => month.month);
  return (
    <section aria-label="Spent, month by month" id="spent" className="scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Spent, month by month
        <span className="font-normal text-soft">{money(spend.total, currency)}</span>
      </h2>
      <table className="w-full table-fixed border-collapse">
        <thead>
          <tr className="text-[0.85rem] text-soft">
            <th className="w-32 py-1 text-left font-normal max-hand:w-24">part of the work</th>
            {spend.months.map((month, at) => (
              <th
                key={month.month}
                scope="col"
                className={`border-hair border-l px-1 py-1 text-left font-normal ${inHand(at)}`}
              >
                {monthWord(month.month)}
              </th>
            ))}
            <th className="w-16 py-1 text-right font-normal">in all</th>
          </tr>
        </thead>
        <tbody>
          {lanes.map((lane) => (
            <LaneRows key={lane.name} lane={lane} months={months} top={top} />
          ))}
        </tbody>
        <tfoot>
          <tr className="border-ink border-t font-semibold">
            <th scope="row" className="py-1 text-left font-semibold">
              In all
            </th>
            {totals.map((amount, at) => (
              <td
                key={spend.months[at]?.month}
                className={`border-hair border-l px-1 py-1 text-left text-[0.85rem] tabular-nums ${inHand(at)}`}
              >
                {amount > 0 && whole(amount)}
              </td>
            ))}
            <td className="py-1 text-right tabular-nums">{whole(spend.total)}</td>
          </tr>
        </tfoot>
      </table>
    </section>
  );
}

/** In the hand there is room for the last half year; the sums at the end are of the whole. */
const inHand = (at: number) => (at < 6 ? "max-hand:hidden" : "");

type RowsProps = { lane: Lane; months: string[]; top: number };

/** One lane, and those of its classes while they are asked for. */
function LaneRows({ lane, months, top }: RowsProps) {
  const [isOpen, setOpen] = useState(false);
  const name = capital(word(lane.name));
  const heading =
    lane.classes.length > 1 ? (
      <button
        type="button"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
        className="inline-flex min-h-9 items-end text-left underline decoration-hair underline-offset-4 hover:decoration-ink"
      >
        {name}
      </button>
    ) : (
      name
    );
  return (
    <>
      <LaneRow lane={lane} months={months} top={top} heading={heading} />
      {isOpen &&
        lane.classes.map((one) => (
          <LaneRow
            key={one.name}
            lane={one}
            months={months}
            top={top}
            heading={<span className="block pl-3 text-soft">{capital(word(one.name))}</span>}
          />
        ))}
    </>
  );
}

type RowProps = { lane: Amounts; months: string[]; top: number; heading: ReactNode };

function LaneRow({ lane, months, top, heading }: RowProps) {
  return (
    <tr className="border-hair border-t">
      <th scope="row" className="py-1 text-left align-bottom font-normal">
        {heading}
      </th>
      {lane.amounts.map((amount, at) => (
        <Cell
          key={months[at]}
          look={inHand(at)}
          amount={amount}
          top={top}
          hatched={lane.name === SHIPPING}
        />
      ))}
      <td className="border-hair border-l py-1 text-right align-bottom tabular-nums">
        {whole(sum(lane.amounts))}
      </td>
    </tr>
  );
}

type CellProps = { look: string; amount: number; top: number; hatched: boolean };

/** A bar that stands on the line, and what it says. */
function Cell({ look, amount, top, hatched }: CellProps) {
  return (
    <td
      className={`border-hair border-l px-1 pt-1 align-bottom text-[0.85rem] tabular-nums ${look}`}
    >
      {amount > 0 && (
        <>
          {whole(amount)}
          <span
            aria-hidden="true"
            style={{ height: `${Math.max(2, (amount / top) * 34)}px` }}
            className={`block w-full ${hatched ? "border border-ink bg-paper" : "bg-ink"}`}
          />
        </>
      )}
    </td>
  );
}

type Amounts = { name: string; amounts: number[] };

type Lane = Amounts & { classes: Amounts[] };

/** The dearest first, in each lane too; shipping, which is no part of the work, at the end. */
function lanesOf({ months, shipping }: Spend): Lane[] {
  const parts = months.map((month) => month.bySection);
  const sections = [...new Set(parts.flat().map((one) => one.section))];
  const lanes = sections.map((section) => {
    const own = parts.map((some) => some.find((one) => one.section === section));
    const classes = [
      ...new Set(own.flatMap((one) => one?.classes ?? []).map((one) => one.productClass)),
    ];
    return {
      name: section,
      amounts: own.map((one) => one?.amount ?? 0),
      classes: dearestFirst(
        classes.map((name) => ({
          name,
          amounts: own.map(
            (one) => one?.classes.find(({ productClass }) => productClass === name)?.amount ?? 0,
          ),
        })),
      ),
    };
  });
  const sent = { name: SHIPPING, amounts: months.map((month) => month.shipping), classes: [] };
  return [...dearestFirst<Lane>(lanes), ...(shipping > 0 ? [sent] : [])];
}

const sum = (amounts: number[]) => amounts.reduce((all, one) => all + one, 0);

const dearestFirst = <Kind extends Amounts>(some: Kind[]) =>
  some.toSorted((one, other) => sum(other.amounts) - sum(one.amounts));

/** Cents are in the tables one exports; here they would only crowd. */
function whole(amount: number): string {
  return new Intl.NumberFormat("en-GB", {
    minimumFractionDigits: amount < 1 ? 2 : 0,
    maximumFractionDigits: amount < 1 ? 2 : 0,
  }).format(amount);
}

function monthWord(month: string): string {
  const [year, number] = month.split("-").map(Number);
  const date = new Date(Date.UTC(year ?? 0, (number ?? 1) - 1, 1));
  return new Intl.DateTimeFormat("en-GB", {
    month: "short",
    timeZone: "UTC",
    ...(number === 1 ? { year: "2-digit" } : {}),
  }).format(date);
}

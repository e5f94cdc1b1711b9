import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Item, Schemas } from "../../api/client";
import type { PlaceMap } from "../../api/kit";
import { Marks } from "../../parts/Marks";
import { Chip } from "../../ui/Chip";
import { capital, count, word } from "../../words/codes";
import { daysBetween, lastDayWords, nearDate } from "../../words/dates";
import { placePath } from "../../words/items";
import { clockWord, MARK_ORDER, markWords } from "../../words/marks";
import { leftOf, mass, money } from "../../words/quantities";

type Telling = { item: Item; places: PlaceMap; today: string };

export function MarkTable({ item, places, today }: Telling) {
  return (
    <section>
      <h2 className="mb-1 flex min-h-9 items-center justify-between border-ink border-b pb-1 font-semibold">
        Marks <Marks item={item} />
      </h2>
      <dl>
        {MARK_ORDER.map((name) => (
          <Row key={name} label={capital(name)} state={item.marks[name].state}>
            {markWords(item.marks[name].reason, places, today)}
          </Row>
        ))}
      </dl>
    </section>
  );
}

export function Facts({ item, wear, places, today }: Telling & { wear: Schemas["WearView"] }) {
  const { product } = item;
  const measures = item.decant?.measures ?? product.measures;
  return (
    <section>
      <h2 className="mb-1 flex min-h-9 items-center border-ink border-b pb-1 font-semibold">
        Facts
      </h2>
      <dl>
        <Row label="Use-by">
          {item.useBy.lastDay ? lastDayWords(item.useBy.lastDay, today) : "no use-by date"}{" "}
          <BecauseClocks item={item} today={today} />
        </Row>
        <Row label="Opened">{item.openedOn ? nearDate(item.openedOn, today) : "still sealed"}</Row>
        <Row label="Used">
          {wear.uses === 0
            ? "no use recorded yet"
            : `${wear.uses === 1 ? "once" : `${wear.uses} times`}, last ${nearDate(wear.lastUsed ?? today, today)}`}
          {wear.costPerUse !== null &&
            wear.currency &&
            wear.uses > 0 &&
            `; ${money(wear.costPerUse, wear.currency)} a use`}
        </Row>
        <Row label="Left">{leftOf(item)}</Row>
        <Row label="Code">
          <span className="tracking-wider">
            {item.code.slice(0, 3)} {item.code.slice(3)}
          </span>
        </Row>
        <Row label="Home">{item.home ? placePath(item.home, places) : "none yet"}</Row>
        <Row label="Weighs">
          {mass(item.massG)}, {measures.widthMm} × {measures.depthMm} × {measures.heightMm} mm
          {measures.estimated && <span className="text-soft"> (estimated)</span>}
        </Row>
        {product.depth !== null && <Row label="Suits depth">{product.depth}</Row>}
        {product.shades.length > 0 && (
          <Row label="Shades in it">
            {product.shades
              .map(({ name, depth }) => (depth === null ? name : `${name}, depth ${depth}`))
              .join("; ")}
          </Row>
        )}
        {product.alsoServes.length > 0 && (
          <Row label="Also for">{product.alsoServes.map(word).join(", ")}</Row>
        )}
        {item.personal && <Row label="Whose">your own, never for others</Row>}
        {item.onlyFor && (
          <Row label="Only for">
            <Link to={`/people/${item.onlyForId}`} className="underline">
              {item.onlyFor}
            </Link>
          </Row>
        )}
        {item.brushSet && <Row label="Brush set">{item.brushSet}</Row>}
        {product.productClass === "brush-set" && (
          <Row label="Brushes">
            {product.brushes ?? "not said yet"}
            {product.traits.includes("dense") && ", densely bound: a day to dry"}
          </Row>
        )}
        {product.wattHours !== null && <Row label="Battery">{product.wattHours} Wh</Row>}
        {item.batch && <Row label="Batch">{item.batch}</Row>}
        {item.printedExpiry && <Row label="Printed">{nearDate(item.printedExpiry, today)}</Row>}
        {item.boughtOn && (
          <Row label="Bought">
            {nearDate(item.boughtOn, today)}
            {item.price !== null && item.currency && ` for ${money(item.price, item.currency)}`}
          </Row>
        )}
        {product.packCode && <Row label="Pack code">{product.packCode}</Row>}
        {item.brokenPackOn && (
          <Row label="Pack" state="soon">
            broken since {nearDate(item.brokenPackOn, today)}
          </Row>
        )}
        {item.washedOn && <Row label="Washed">{nearDate(item.washedOn, today)}</Row>}
        {item.slot !== null && <Row label="Slot">{item.slot}</Row>}
        {item.note && <Row label="Note">{item.note}</Row>}
      </dl>
    </section>
  );
}

/** Every clock of a thing, the one that won first. */
export function BecauseClocks({ item, today }: { item: Item; today: string }) {
  if (item.useBy.clocks.length === 0) return null;
  return (
    <Chip word="because">
      <ul className="flex flex-col gap-1">
        {item.useBy.clocks.map((clock) => (
          <li key={clock.clock}>
            {capital(clockWord(clock.clock))} ends {nearDate(clock.lastDay, today)}.
          </li>
        ))}
        <li className="text-soft">The earliest wins{wonBy(item.useBy.clocks)}.</li>
      </ul>
    </Chip>
  );
}

/** By how much the first clock ends before the next. */
function wonBy(clocks: Item["useBy"]["clocks"]): string {
  const [first, next] = clocks;
  if (!first || !next) return "";
  const days = daysBetween(first.lastDay, next.lastDay);
  return days === 0 ? ", and both end that day" : `, by ${count(days, "day")}`;
}

type RowProps = { label: string; state?: string; children: ReactNode };

function Row({ label, state = "in-order", children }: RowProps) {
  return (
    <div className="grid grid-cols-[7rem_1fr] gap-3 border-hair border-b py-1.5">
      <dt className="text-soft">{label}</dt>
      <dd
        data-state={state}
        className="min-w-0 break-words data-[state=soon]:text-soon data-[state=stop]:text-stop"
      >
        {children}
      </dd>
    </div>
  );
}

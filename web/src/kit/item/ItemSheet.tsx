import { Link, useParams, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { type PlaceMap, useItemSheet, usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { LineageOf } from "../../depot/lineage/LineageOf";
import { HistoryList } from "../../parts/HistoryList";
import { Counted, Sentence } from "../../parts/Sentence";
import { Swatch } from "../../parts/Swatch";
import { TrialEnd } from "../../parts/TrialEnd";
import { Button } from "../../ui/Button";
import { Without } from "../../ui/Without";
import { capital, word } from "../../words/codes";
import { inDate, nearDate } from "../../words/dates";
import { fullName, kindOf, placePath, shortName } from "../../words/items";
import { amount, leftOf } from "../../words/quantities";
import { ItemDoing } from "./ItemDoing";
import { Facts, MarkTable } from "./ItemFacts";
import { LeftIn } from "./LeftIn";
import { Picture } from "./Picture";
import { LabelRead } from "./ReadLabel";

/** Everything about one thing. */
export function ItemSheet() {
  const { id = "" } = useParams();
  const [search] = useSearchParams();
  const sheet = useItemSheet(id);
  const places = usePlaces();
  const today = useToday();
  if (!sheet.data) return <Without query={sheet} waiting="Fetching it…" />;
  const { item, wear, history, others, holds } = sheet.data;
  const isThere = item.discardedOn === null;
  return (
    <div className="flex flex-col gap-6">
      <div className="flex items-start gap-5">
        {item.picture ? (
          <img
            src={`/api/pictures/${item.picture}`}
            alt={fullName(item)}
            className="size-28 shrink-0 rounded border border-hair object-cover max-hand:size-20"
          />
        ) : (
          <Swatch item={item} size="large" />
        )}
        <div className="flex flex-col gap-2">
          <Sentence>{standing(item, places, today)}</Sentence>
          <p className="flex flex-wrap items-center gap-2 text-soft">
            {kindOf(item)}, {word(item.product.form)}
            {labelsOf(item).map((label) => (
              <span key={label} className="rounded-full border border-hair px-2 text-sm">
                {label}
              </span>
            ))}
          </p>
          {search.get("same") && (
            <p className="text-soft">The pack you scanned is one of this product.</p>
          )}
        </div>
      </div>
      {isThere && item.product.couldBe.length > 0 && <ChooseClass item={item} />}
      {isThere && <ItemDoing item={item} holds={holds} />}
      {isThere && item.trialUntil && <OnTrial item={item} today={today} />}
      {isThere && <LeftIn item={item} />}
      <div className="grid grid-cols-2 gap-x-10 gap-y-6 max-hand:grid-cols-1">
        <MarkTable item={item} places={places} today={today} />
        <Facts item={item} wear={wear} places={places} today={today} />
      </div>
      {isThere && <LabelRead item={item} />}
      <LineageOf item={item} />
      {others.length > 0 && <Others item={item} others={others} places={places} />}
      {isThere && <Picture item={item} />}
      <HistoryList thing={item.id} history={history} />
    </div>
  );
}

/** Tried before more of its line is bought: asked when its trial is over. */
function OnTrial({ item, today }: { item: Item; today: string }) {
  const until = item.trialUntil ?? today;
  return (
    <section className="flex flex-wrap items-center gap-x-4 gap-y-2 border-proposed border-l-4 pl-3">
      <p>
        {until <= today
          ? `Its trial ended ${nearDate(until, today)}: has it proved itself?`
          : `On trial, ends ${nearDate(until, today)}.`}
      </p>
      <span className="flex gap-2">
        <TrialEnd item={item} />
      </span>
    </section>
  );
}

/** Its class is several by now: until one is chosen it serves whatever one of them would. */
function ChooseClass({ item }: { item: Item }) {
  const { perform } = useActs();
  return (
    <section className="flex flex-col gap-2 border-soon border-l-4 pl-3">
      <h2 className="font-semibold">Choose the class</h2>
      <p className="max-w-[62ch] text-soft">
        “{word(item.product.productClass)}” is several classes now. Until you choose, it counts as
        any of them.
      </p>
      <div className="flex flex-wrap gap-2">
        {item.product.couldBe.map((one) => (
          <Button
            key={one}
            onClick={() =>
              void perform({
                path: `/api/items/${item.id}/class`,
                body: { productClass: one },
                done: `${shortName(item)} is ${word(one)} now.`,
              }).catch(() => {})
            }
          >
            {capital(word(one))}
          </Button>
        ))}
      </div>
    </section>
  );
}

function labelsOf(item: Item): string[] {
  const { product } = item;
  return [
    item.decant && word(item.decant.container),
    product.finish && word(product.finish),
    product.coverage && `${word(product.coverage)} coverage`,
    product.spf && `SPF ${product.spf}`,
    ...product.traits.filter((trait) => trait !== "spf" || !product.spf).map(word),
    product.discontinuedOn && "no longer made",
    item.favourite && "favourite",
    item.rare && "rare but needed",
  ].filter((label) => typeof label === "string");
}

function standing(item: Item, places: PlaceMap, today: string): string {
  if (item.discardedOn) {
    return `${fullName(item)} was discarded ${nearDate(item.discardedOn, today)} because of ${word(item.discardCause ?? "")}.`;
  }
  const where = item.now ? `is in ${placePath(item.now, places)}` : "cannot be found";
  const until = item.useBy.lastDay ? `, ${inDate(item.useBy.lastDay, today)}` : "";
  return `${fullName(item)} ${where}, ${leftOf(item)}${until}.`;
}

type OthersProps = { item: Item; others: Item[]; places: PlaceMap };

/** The same product elsewhere: back stock, decants, counted stock in other places. */
function Others({ item, others, places }: OthersProps) {
  const all = [item, ...others];
  const total = all.reduce((sum, one) => sum + one.left, 0);
  return (
    <section>
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        The same in other places
        <span className="font-normal text-soft">{amount(total, item.product.unit)} in all</span>
      </h2>
      <ul>
        {others.map((other) => (
          <li key={other.id} className="flex gap-3 border-hair border-b py-1.5">
            <Counted to={`/kit/items/${other.id}`}>{leftOf(other)}</Counted>
            <span className="min-w-0 truncate text-soft">
              {other.decant ? `${word(other.decant.container)}, ` : ""}
              {placePath(other.now, places)}
            </span>
            <Link to={`/kit/items/${other.id}`} className="ml-auto underline">
              look at it
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

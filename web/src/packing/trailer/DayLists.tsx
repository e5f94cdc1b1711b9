import type { ReactNode } from "react";
import { Link } from "react-router";
import type { TrailerDay } from "../../api/trailer";
import { Dot } from "../../parts/Dot";
import { capital } from "../../words/codes";
import { shortName } from "../../words/items";
import type { InsideProps } from "./TrailerView";

/** What is carried in and out on one day. */
export function DayLists({ day, trailer, items }: InsideProps & { day: TrailerDay }) {
  const bagOf = new Map(trailer.plan.movingIn.map((one) => [one.item, one.bag]));
  const told = (item: string) => trailer.bags[bagOf.get(item) ?? ""];
  const byBag = Map.groupBy(day.bring, ({ item, isAgain }) =>
    isAgain ? "Again, from the night at home" : capital(told(item) ?? "By itself"),
  );
  const [night, over] = [
    day.goesHome.filter((one) => one.isForTheNight),
    day.goesHome.filter((one) => !one.isForTheNight),
  ];
  return (
    <div className="grid grid-cols-2 items-start gap-8 max-hand:grid-cols-1">
      <Part id="bring" title="Bring" isEmpty={day.bring.length === 0} empty="Nothing to bring.">
        {[...byBag].map(([bag, some]) => (
          <Group key={bag} title={bag} ids={some.map((one) => one.item)} items={items} />
        ))}
      </Part>
      <Part id="home" title="Home tonight" isEmpty={day.goesHome.length === 0} empty="All stays.">
        {night.length > 0 && (
          <Group
            title="For the night: frost or heat would spoil it"
            ids={night.map((one) => one.item)}
            items={items}
          />
        )}
        {over.length > 0 && (
          <Group title="Not needed again" ids={over.map((one) => one.item)} items={items} />
        )}
      </Part>
    </div>
  );
}

type PartProps = {
  id: string;
  title: string;
  isEmpty: boolean;
  empty: string;
  children: ReactNode;
};

function Part({ id, title, isEmpty, empty, children }: PartProps) {
  return (
    <section aria-label={title} id={id}>
      <h2 className="border-line border-b pb-1 font-semibold">{title}</h2>
      {isEmpty ? <p className="py-1.5 text-soft">{empty}</p> : children}
    </section>
  );
}

type GroupProps = { title: string; ids: string[]; items: InsideProps["items"] };

function Group({ title, ids, items }: GroupProps) {
  return (
    <details className="border-hair border-b py-1.5" open={ids.length <= 6}>
      <summary className="min-h-6 cursor-pointer max-hand:min-h-11">
        {title}: <b>{ids.length}</b>
      </summary>
      <ul className="columns-2 gap-6 pt-1 max-hand:columns-1">
        {ids.map((id) => (
          <li key={id} className="flex items-center gap-2 py-0.5">
            <Thing id={id} items={items} />
          </li>
        ))}
      </ul>
    </details>
  );
}

/** A piece by its colour and name, leading to all that is known of it. */
export function Thing({ id, items }: { id: string; items: InsideProps["items"] }) {
  const item = items.get(id);
  if (!item) return <span className="text-soft">something removed since</span>;
  return (
    <>
      <Dot product={item.product} />
      <Link to={`/kit/items/${id}`} className="min-w-0 truncate hover:underline">
        {shortName(item)}
      </Link>
    </>
  );
}

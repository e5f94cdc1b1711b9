import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { ask, type Schemas } from "../api/client";
import { usePlaces } from "../api/kit";
import { useToday, useZone } from "../api/session";
import { Dot } from "../parts/Dot";
import { Counted, Sentence } from "../parts/Sentence";
import { Without } from "../ui/Without";
import { capital, count, word } from "../words/codes";
import { moment, shortDate } from "../words/dates";
import { placeTail, shortName } from "../words/items";
import { Since, useSince } from "./Since";

type Reach = Schemas["ReachView"];

/** Whom a thing reached since a day, and through what. */
export function ReachView() {
  const { id = "" } = useParams();
  const [since, setSince] = useSince();
  const today = useToday();
  const query = useQuery({
    queryKey: ["reach", id, since],
    queryFn: () => ask<Reach>("GET", `/api/items/${id}/reach?since=${since}T00:00:00Z`),
  });
  const reach = query.data;
  if (!reach) return <Without query={query} waiting="Following it…" />;
  const items = new Map(reach.items.map((one) => [one.item.id, one.item]));
  const itself = items.get(id);
  const open = reach.faces.filter((face) => !face.afterTreatment);
  return (
    <div className="flex max-w-4xl flex-col gap-6">
      <Sentence>
        {itself ? shortName(itself) : "It"} reached{" "}
        <Counted to="#faces" state={open.length > 0 ? "soon" : undefined}>
          {count(open.length, "face")}
        </Counted>{" "}
        since {shortDate(since, today)}
        {reach.items.length > 1 && `, through ${count(reach.items.length - 1, "other item")}`}.
      </Sentence>
      <Since day={since} onDay={setSince} />
      <Faces reach={reach} items={items} since={since} item={id} />
      <Carriers reach={reach} items={items} />
      <p className="text-soft text-sm">
        It states what was recorded, not that nothing else can have happened. Local rules and
        licensed practice come first.
      </p>
    </div>
  );
}

type Things = Map<string, Reach["items"][number]["item"]>;

function chain(through: string[], items: Things): string {
  return through
    .map((id) => {
      const item = items.get(id);
      return item ? shortName(item) : "something";
    })
    .join(" → ");
}

type FacesProps = { reach: Reach; items: Things; since: string; item: string };

function Faces({ reach, items, since, item }: FacesProps) {
  const zone = useZone();
  if (reach.faces.length === 0) return <p id="faces">Nobody was touched by it since then.</p>;
  return (
    <section id="faces" aria-label="Whom it reached">
      <h2 className="border-ink border-b pb-1 font-semibold">Whom it reached</h2>
      <ul>
        {reach.faces.map((face) => (
          <li
            key={`${face.person}${face.booking}`}
            className="flex flex-wrap items-baseline justify-between gap-x-4 border-hair border-b py-2"
          >
            <span className="min-w-0">
              <Link to={`/people/${face.person}`} className="font-semibold hover:underline">
                {face.name}
              </Link>
              {face.title && `, ${face.title}`}
              <span className="block text-soft text-sm">
                {face.afterTreatment
                  ? "only after it had been treated"
                  : face.through.length > 1
                    ? chain(face.through, items)
                    : "directly"}
              </span>
            </span>
            <span className="flex items-baseline gap-3 text-soft text-sm">
              {moment(face.at, zone)}
              <a
                href={`/api/people/${face.person}/notice?item=${item}&since=${since}T00:00:00Z`}
                target="_blank"
                rel="noreferrer"
                className="underline"
              >
                Notice for {face.name}
              </a>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Carriers({ reach, items }: { reach: Reach; items: Things }) {
  const places = usePlaces();
  const zone = useZone();
  const others = reach.items.filter((one) => one.through.length > 1);
  if (others.length === 0) return null;
  return (
    <section aria-label="What carries it on">
      <h2 className="border-line border-b pb-1 font-semibold">What carries it on</h2>
      <ul>
        {others.map((one) => (
          <li
            key={`${one.item.id}${one.from}`}
            className="flex flex-wrap items-center justify-between gap-x-4 border-hair border-b py-2"
          >
            <span className="flex min-w-0 items-center gap-2">
              <Dot product={one.item.product} />
              <Link to={`/kit/items/${one.item.id}`} className="hover:underline">
                {shortName(one.item)}
              </Link>
              <span className="text-soft text-sm">
                from {chain(one.through.slice(0, -1), items)}
              </span>
            </span>
            <span className="text-soft text-sm">
              {one.until ? (
                `treated ${moment(one.until, zone)}`
              ) : (
                <span className="text-soon">{capital(word(one.is))}, not treated since</span>
              )}
              , {placeTail(one.now, places)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

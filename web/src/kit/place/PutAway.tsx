import { Link } from "react-router";
import { useActs } from "../../api/acts";
import type { Item, Place } from "../../api/client";
import { useOutOfPlace, usePlaces } from "../../api/kit";
import { Marks } from "../../parts/Marks";
import { Sentence } from "../../parts/Sentence";
import { Swatch } from "../../parts/Swatch";
import { Button } from "../../ui/Button";
import { Without } from "../../ui/Without";
import { capital, count } from "../../words/codes";
import { fullName, placePath, placeTail, shortName } from "../../words/items";

/** Everything that is not where it belongs, in the order one walks, settled one by one or at once. */
export function PutAway() {
  const outOfPlace = useOutOfPlace();
  const places = usePlaces();
  const { perform } = useActs();
  if (!outOfPlace.data)
    return <Without query={outOfPlace} waiting="Looking for what is out of place…" />;
  const { items, itemsInAll, elsewhere, elsewhereInAll } = outOfPlace.data;
  const bags = outOfPlace.data.places.flatMap((id) => places.get(id) ?? []);
  const all = itemsInAll + bags.length;
  const shown = items.length + bags.length;
  const home = (things: Item[], carried: Place[], done: string) =>
    void perform({
      path: "/api/kit/put-away",
      body: { items: things.map((item) => item.id), places: carried.map((place) => place.id) },
      done,
    }).catch(() => {});
  if (all + elsewhereInAll === 0) return <Sentence>Everything is where it belongs.</Sentence>;
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {capital(count(all, "item"))} to put away
        {all > 0 && ", in the order you come by them"}
        {elsewhereInAll > 0 && `; ${count(elsewhereInAll, "more", "more")} not with you`}.
        {shown < all && ` The first ${shown} are shown.`}
      </Sentence>
      <div>
        <Button
          kind="solid"
          disabled={all === 0}
          onClick={() =>
            void perform({
              path: "/api/kit/put-away",
              body: { items: items.map((item) => item.id), places: outOfPlace.data.places },
              done: `Put ${count(shown, "item")} away.`,
            }).catch(() => {})
          }
        >
          {shown < all
            ? `Put these ${shown} away`
            : all === 1
              ? "Put it away"
              : `Put all ${all} away`}
        </Button>
      </div>
      {bags.length > 0 && (
        <Group title="Bags and pouches, with all they hold">
          {bags.map((place) => (
            <li key={place.id} className={ROW}>
              <span />
              <div className="min-w-0">
                <Link to={`/kit/places/${place.id}`} className="hover:underline">
                  {place.name}
                </Link>
                <Way from={place.parent} to={place.home} />
              </div>
              <span />
              <Button onClick={() => home([], [place], `Put ${place.name} away.`)}>Put away</Button>
            </li>
          ))}
        </Group>
      )}
      {groups(items).map(([from, some]) => (
        <Group key={from ?? ""} title={capital(placePath(from, places))}>
          {some.map((item) => (
            <OutOfPlaceItem key={item.id} item={item} act="Put away" onHome={home} />
          ))}
        </Group>
      ))}
      {elsewhere.length > 0 && (
        <Group
          title={
            elsewhere.length < elsewhereInAll
              ? `Not with you, the first ${elsewhere.length} of ${elsewhereInAll}`
              : "Not with you"
          }
        >
          {elsewhere.map((item) => (
            <OutOfPlaceItem key={item.id} item={item} act="It is back" onHome={home} tells />
          ))}
        </Group>
      )}
    </div>
  );
}

const ROW = "grid grid-cols-[1.75rem_1fr_auto_auto] items-center gap-3 border-hair border-b py-1.5";

type OutOfPlaceProps = {
  item: Item;
  act: string;
  onHome: (items: Item[], places: Place[], done: string) => void;
  tells?: boolean;
};

function OutOfPlaceItem({ item, act, onHome, tells }: OutOfPlaceProps) {
  return (
    <li className={ROW}>
      <Swatch item={item} />
      <div className="min-w-0">
        <Link to={`/kit/items/${item.id}`} className="hover:underline">
          {fullName(item)}
        </Link>
        <Way from={tells ? item.now : null} to={item.home} />
      </div>
      <Marks item={item} />
      <Button onClick={() => onHome([item], [], `Put ${shortName(item)} away.`)}>{act}</Button>
    </li>
  );
}

function Group({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section className="max-w-4xl">
      <h2 className="border-ink border-b pb-1 font-semibold">{title}</h2>
      <ul>{children}</ul>
    </section>
  );
}

function Way({ from, to }: { from: string | null; to: string | null }) {
  const places = usePlaces();
  return (
    <p className="text-[0.9rem] text-soft">
      {from && `from ${placeTail(from, places)} `}to {placePath(to, places)}
    </p>
  );
}

/** Things that lie in the same place, one place after the other. */
function groups(items: Item[]): [string | null, Item[]][] {
  const found = new Map<string | null, Item[]>();
  for (const item of items) {
    found.set(item.now, [...(found.get(item.now) ?? []), item]);
  }
  return [...found];
}

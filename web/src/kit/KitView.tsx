import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useMemo, useRef } from "react";
import { Link, useSearchParams } from "react-router";
import type { Item, Place } from "../frame/api";
import { Marks } from "../frame/Marks";
import { Counted, Sentence } from "../frame/Sentence";
import { Swatch } from "../frame/Swatch";
import { useToday } from "../frame/session";
import { buttonLook } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { capital, choices, count } from "../words/codes";
import { fullName, kindOf, type PlaceMap, placeTail } from "../words/items";
import { SECTIONS } from "../words/lists";
import { leftOf } from "../words/quantities";
import { filterItems, type KitFilter, kitFilter, placeAndInside } from "./filter";
import { useKit, usePlaces } from "./queries";

/** The whole kit as one ruled list, narrowed by the address. */
export function KitView() {
  const kit = useKit();
  const places = usePlaces();
  const today = useToday();
  const [search, setSearch] = useSearchParams();
  const filter = kitFilter(search);
  const all = kit.data?.items ?? [];
  const shown = useMemo(
    () => filterItems(all, filter, places, today),
    [all, filter, places, today],
  );
  const narrow = (name: keyof KitFilter, value: string) => {
    const next = new URLSearchParams(search);
    value ? next.set(name, value) : next.delete(name);
    setSearch(next, { replace: true });
  };
  if (kit.isPending) return <p className="text-soft">Looking through the kit…</p>;
  return (
    <div className="flex flex-col gap-5">
      <KitSentence items={all} today={today} />
      <div className="grid grid-cols-[1fr_17rem] items-start gap-8 max-hand:grid-cols-1">
        <section aria-label="Things" className="min-w-0">
          <div className="flex flex-wrap items-end gap-3 border-ink border-b pb-3">
            <SelectField
              label="Part of the work"
              empty="all"
              choices={choices(SECTIONS)}
              value={filter.section}
              onChange={(event) => narrow("section", event.target.value)}
            />
            <SelectField
              label="Marks"
              empty="all"
              choices={MARK_CHOICES}
              value={filter.mark}
              onChange={(event) => narrow("mark", event.target.value)}
            />
            <p aria-live="polite" className="ml-auto pb-1.5 text-soft">
              {shown.length === all.length
                ? count(all.length, "thing")
                : `${shown.length} of ${all.length}`}
              {(filter.place || filter.until || filter.q) && (
                <Link to="/kit" className="ml-3 underline">
                  show all
                </Link>
              )}
            </p>
            <Link to="/kit/new" className={buttonLook("solid")}>
              Add a thing
            </Link>
          </div>
          {shown.length > 0 ? (
            <ItemRows items={shown} places={places} />
          ) : (
            <p className="py-6 text-soft">
              {all.length
                ? "Nothing in the kit is like this."
                : "The kit is empty. Add the first thing."}
            </p>
          )}
        </section>
        <PlaceList places={kit.data?.places ?? []} items={all} chosen={filter.place} />
      </div>
    </div>
  );
}

const MARK_CHOICES = [
  { value: "place", word: "not at home" },
  { value: "date", word: "running out" },
  { value: "clean", word: "to clean" },
  { value: "amount", word: "low or empty" },
];

function KitSentence({ items, today }: { items: Item[]; today: string }) {
  const astray = filterItems(items, { ...NO_FILTER, mark: "place" }, new Map(), today).length;
  const past = items.filter((item) => item.marks.date.state === "stop").length;
  const low = items.filter((item) => item.marks.amount.state !== "in-order").length;
  return (
    <Sentence>
      {capital(count(items.length, "thing"))} in the kit.{" "}
      <Counted to="/kit?mark=place" state={astray ? "soon" : undefined}>
        {capital(count(astray, "thing"))}
      </Counted>{" "}
      not at home,{" "}
      <Counted to="/kit?mark=date" state={past ? "stop" : undefined}>
        {past}
      </Counted>{" "}
      past {past === 1 ? "its" : "their"} date,{" "}
      <Counted to="/kit?mark=amount" state={low ? "soon" : undefined}>
        {low}
      </Counted>{" "}
      running low.
    </Sentence>
  );
}

const NO_FILTER: KitFilter = { q: "", section: "", mark: "", place: "", until: "" };

const ROW_PX = 62;

/** Only the rows in sight are drawn, so that thousands scroll as smoothly as ten. */
function ItemRows({ items, places }: { items: Item[]; places: PlaceMap }) {
  const list = useRef<HTMLUListElement>(null);
  const rows = useWindowVirtualizer({
    count: items.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: list.current?.offsetTop ?? 0,
  });
  return (
    <ul ref={list} style={{ height: rows.getTotalSize() }} className="relative">
      {rows.getVirtualItems().map((row) => {
        const item = items[row.index];
        if (!item) return null;
        return (
          <li
            key={item.id}
            style={{
              height: row.size,
              transform: `translateY(${row.start - rows.options.scrollMargin}px)`,
            }}
            className="absolute inset-x-0 top-0 grid grid-cols-[auto_1fr_auto_12rem_7rem] items-center gap-3 border-hair border-b px-1 hover:bg-lit max-hand:grid-cols-[auto_1fr_auto]"
          >
            <Swatch item={item} />
            <div className="min-w-0">
              <Link to={`/kit/items/${item.id}`} className="block truncate hover:underline">
                {fullName(item)}
              </Link>
              <p className="truncate text-[0.85rem] text-soft">
                {kindOf(item)}
                <span className="hand:hidden"> · {placeTail(item.now, places)}</span>
              </p>
            </div>
            <Marks item={item} />
            <span className="truncate text-[0.9rem] text-soft max-hand:hidden">
              {placeTail(item.now, places)}
            </span>
            <span className="whitespace-nowrap text-right text-[0.9rem] text-soft max-hand:hidden">
              {leftOf(item)}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

type PlaceListProps = { places: Place[]; items: Item[]; chosen: string };

/** The tree of places, each with how many things lie in it. */
function PlaceList({ places, items, chosen }: PlaceListProps) {
  const roots = places.filter((place) => place.parent === null);
  const counts = useMemo(() => {
    const byPlace = new Map<string, number>();
    for (const item of items) {
      for (const id of placeAndInside(item.now, places)) {
        byPlace.set(id, (byPlace.get(id) ?? 0) + 1);
      }
    }
    return byPlace;
  }, [items, places]);
  const branch = (place: Place) => (
    <li key={place.id}>
      <div className="flex items-baseline gap-2 border-hair border-b py-1 max-hand:min-h-11">
        <Link
          to={`/kit/places/${place.id}`}
          aria-current={chosen === place.id}
          className="truncate hover:underline"
        >
          {place.name}
        </Link>
        <Link
          to={`/kit?place=${place.id}`}
          aria-label={`${counts.get(place.id) ?? 0} things in ${place.name}`}
          className="ml-auto min-w-6 text-right text-soft hover:underline"
        >
          {counts.get(place.id) ?? 0}
        </Link>
      </div>
      <ul className="pl-4 text-[0.9rem]">
        {places.filter((inner) => inner.parent === place.id).map(branch)}
      </ul>
    </li>
  );
  return (
    <section aria-label="Places">
      <div className="flex items-end justify-between border-ink border-b pb-3">
        <h2 className="font-semibold">Places</h2>
        <Link to="/kit/places/new" className={buttonLook()}>
          Add a place
        </Link>
      </div>
      <ul>{roots.map(branch)}</ul>
    </section>
  );
}

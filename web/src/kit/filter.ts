import type { Item, Place } from "../frame/api";
import { fullName, kindOf, type PlaceMap } from "../words/items";
import type { MARK_ORDER } from "../words/marks";

export type KitFilter = { q: string; section: string; mark: string; place: string; until: string };

/** The filter as it stands in the address. */
export function kitFilter(search: URLSearchParams): KitFilter {
  const of = (name: string) => search.get(name) ?? "";
  return {
    q: of("q"),
    section: of("section"),
    mark: of("mark"),
    place: of("place"),
    until: of("until"),
  };
}

/** Every word somewhere in what is known of the thing. */
function isSought(item: Item, q: string, places: PlaceMap): boolean {
  const now = item.now ? places.get(item.now)?.name : "";
  const text = `${fullName(item)} ${kindOf(item)} ${item.note} ${now ?? ""}`.toLowerCase();
  return q
    .toLowerCase()
    .split(/\s+/)
    .every((part) => text.includes(part));
}

function liesIn(item: Item, place: string, places: PlaceMap): boolean {
  return placeAndInside(item.now, [...places.values()]).includes(place);
}

/** A place and all it lies in. */
export function placeAndInside(id: string | null, places: Place[]): string[] {
  const path: string[] = [];
  let next = id;
  while (next && path.length < 12) {
    path.push(next);
    next = places.find((place) => place.id === next)?.parent ?? null;
  }
  return path;
}

export function filterItems(
  items: Item[],
  filter: KitFilter,
  places: PlaceMap,
  today: string,
): Item[] {
  return items.filter((item) => {
    const mark = filter.mark as (typeof MARK_ORDER)[number] | "";
    if (mark && item.marks[mark]?.state === "in-order") return false;
    if (filter.section && item.product.section !== filter.section) return false;
    if (filter.place && !liesIn(item, filter.place, places)) return false;
    if (filter.until) {
      const last = item.useBy.lastDay;
      if (!last || last > filter.until || last < today) return false;
    }
    return !filter.q || isSought(item, filter.q, places);
  });
}

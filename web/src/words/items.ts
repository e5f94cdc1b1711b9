import type { Drawn, Item } from "../api/client";
import type { PlaceMap } from "../api/kit";
import { word } from "./codes";

type Named = Pick<Drawn, "product">;

/** Maker, name and shade as one says them. */
export function fullName(item: Named): string {
  return [item.product.maker, item.product.name, item.product.shade].filter(Boolean).join(" ");
}

/** Without the maker: what is read out in a dark trailer. */
export function shortName(item: Named): string {
  return [item.product.name, item.product.shade].filter(Boolean).join(" ");
}

/** As deep as places nest. */
const DEEPEST = 60;

/** From the outermost place down: "Rolling case, base". */
export function placePath(id: string | null, places: PlaceMap): string {
  const names: string[] = [];
  let next = id;
  while (next && names.length < DEEPEST) {
    const place = places.get(next);
    if (!place) break;
    names.unshift(place.name);
    next = place.parent;
  }
  return names.length ? names.join(", ") : "location unknown";
}

/** Places to choose from, each by its whole path; all of them in the order one walks when none are named. */
export function placeChoices(places: PlaceMap, ids: Iterable<string> = places.keys()) {
  return [...ids].map((id) => ({ value: id, word: placePath(id, places) }));
}

/** Only the innermost two, where room is short. */
export function placeTail(id: string | null, places: PlaceMap): string {
  const place = id ? places.get(id) : undefined;
  if (!place) return "location unknown";
  const parent = place.parent ? places.get(place.parent) : undefined;
  return parent?.parent ? `${parent.name}, ${place.name}` : placePath(id, places);
}

export function kindOf(item: Item): string {
  return word(item.product.productClass);
}

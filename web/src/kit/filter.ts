/** What a list can be narrowed by, as it stands in the address. */
export const FILTERS = [
  "q",
  "section",
  "productClass",
  "form",
  "mark",
  "state",
  "place",
  "until",
] as const;

export type FilterName = (typeof FILTERS)[number];

/** How the list is sorted, as it stands in the address. */
const ORDER = ["sort", "descending"];

/** The part of the address the list is asked with: what narrows it, and its order. */
export function kitList(search: URLSearchParams): string {
  const list = new URLSearchParams(kitFilter(search));
  for (const name of ORDER) {
    const value = search.get(name);
    if (value) list.set(name, value);
  }
  return list.toString();
}

/** The part of the address that narrows the list. */
export function kitFilter(search: URLSearchParams): string {
  const filter = new URLSearchParams();
  for (const name of FILTERS) {
    const value = search.get(name);
    if (value) filter.set(name, value);
  }
  return filter.toString();
}

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

/** The part of the address the list is asked with. */
export function kitFilter(search: URLSearchParams): string {
  const filter = new URLSearchParams();
  for (const name of FILTERS) {
    const value = search.get(name);
    if (value) filter.set(name, value);
  }
  return filter.toString();
}

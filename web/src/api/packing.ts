import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type PackingList = Schemas["PackingListView"];

export const packingListKey = (booking: string) => ["packing-list", booking];
const bagsKey = (booking: string) => ["bags", booking];

/** The chosen bags laid open. */
export function useBags(booking: string) {
  return useQuery({
    queryKey: bagsKey(booking),
    queryFn: () => ask<Schemas["BagsView"]>("GET", `/api/bookings/${booking}/bags`),
  });
}

export function usePackingList(booking: string) {
  return useQuery({
    queryKey: packingListKey(booking),
    queryFn: () => ask<PackingList>("GET", `/api/bookings/${booking}/packing-list`),
  });
}

/** Why an item is not on a list. */
export function useWhyNot(booking: string, item: string) {
  return useQuery({
    queryKey: [...packingListKey(booking), "why-not", item],
    queryFn: () =>
      ask<Schemas["WhyNotView"]>("GET", `/api/bookings/${booking}/why-not?item=${item}`),
  });
}

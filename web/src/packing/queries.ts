import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "../frame/api";

export type PackingList = Schemas["PackingListView"];

/** The chosen bags laid open. */
export function useBags(booking: string) {
  return useQuery({
    queryKey: ["bags", booking],
    queryFn: () => ask<Schemas["BagsView"]>("GET", `/api/bookings/${booking}/bags`),
  });
}

export function usePackingList(booking: string) {
  return useQuery({
    queryKey: ["packing-list", booking],
    queryFn: () => ask<PackingList>("GET", `/api/bookings/${booking}/packing-list`),
  });
}

import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "../frame/api";

export type PackingList = Schemas["PackingListView"];

export function usePackingList(booking: string) {
  return useQuery({
    queryKey: ["packing-list", booking],
    queryFn: () => ask<PackingList>("GET", `/api/bookings/${booking}/packing-list`),
  });
}

import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
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

/** Says that a list was looked at as it stands, and asks for it again. */
export function useLookedAt(booking: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (fingerprint: string) =>
      ask("POST", `/api/bookings/${booking}/packing-list/looked-at`, { fingerprint }),
    onSettled: () => queries.invalidateQueries({ queryKey: packingListKey(booking) }),
  });
}

/** Two who pack together see each other's ticks within two seconds. */
const LOOK_MS = 1500;

/** Looks whether anybody did anything, and asks for the list again when somebody has. */
export function useOthersTicks(booking: string) {
  const queries = useQueryClient();
  const seen = useRef<number | null>(null);
  const newest = useQuery({
    queryKey: ["newest-act"],
    refetchInterval: LOOK_MS,
    retry: false,
    queryFn: () => ask<Schemas["Newest"]>("GET", "/api/newest-act"),
  }).data?.number;
  useEffect(() => {
    if (newest === undefined) return;
    const isNews = seen.current !== null && seen.current !== newest;
    seen.current = newest;
    if (!isNews) return;
    for (const queryKey of [packingListKey(booking), bagsKey(booking)]) {
      void queries.invalidateQueries({ queryKey }, { cancelRefetch: false });
    }
  }, [newest, booking, queries]);
}

/** Services that come near one booked and would close a gap. */
export function useOtherServices(booking: string, need: string) {
  return useQuery({
    queryKey: ["other-services", booking, need],
    queryFn: () =>
      ask<Schemas["OtherService"][]>(
        "GET",
        `/api/bookings/${booking}/other-services?need=${encodeURIComponent(need)}`,
      ),
  });
}

import { keepPreviousData, useQueries, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { ask, type Item, type Place, type Schemas } from "./client";

export type PlaceMap = Map<string, Place>;

export function placeMap(places: Place[]): PlaceMap {
  return new Map(places.map((place) => [place.id, place]));
}

const NO_PLACES: Place[] = [];

function usePlacesQuery() {
  return useQuery({
    queryKey: ["places"],
    queryFn: () => ask<Schemas["PlacesView"]>("GET", "/api/places"),
  });
}

/** All places in the order one walks; empty until they are known. */
export function usePlaceList(): { places: Place[]; isPending: boolean } {
  const { data, isPending } = usePlacesQuery();
  return { places: data?.places ?? NO_PLACES, isPending };
}

/** All places by id, in the order one walks; empty until they are known. */
export function usePlaces() {
  const { places } = usePlaceList();
  return useMemo(() => placeMap(places), [places]);
}

export function useKitSummary() {
  return useQuery({
    queryKey: ["kit-summary"],
    queryFn: () => ask<Schemas["KitSummary"]>("GET", "/api/kit/summary"),
  });
}

/** What cannot be used as it is, the first few of it. */
export function useAttention(most: number) {
  return useQuery({
    queryKey: ["attention", most],
    queryFn: () => ask<Schemas["ItemPage"]>("GET", `/api/kit/attention?most=${most}`),
  });
}

/** Days of the coming weeks on which things end. */
export function useEnding(days: number) {
  return useQuery({
    queryKey: ["ending", days],
    queryFn: () => ask<Schemas["EndingDay"][]>("GET", `/api/kit/ending?days=${days}`),
  });
}

/** Things fetched at once. */
export const PAGE = 100;

function itemPage(filter: string, page: number) {
  const search = new URLSearchParams(filter);
  search.set("from", String(page * PAGE));
  search.set("most", String(PAGE));
  return {
    queryKey: ["items", filter, page],
    queryFn: () => ask<Schemas["ItemPage"]>("GET", `/api/items?${search}`),
    placeholderData: keepPreviousData,
  };
}

/** Only the parts of a list that are in sight: the thing at each position, and how many there are. */
export function useItemParts(filter: string, pages: number[]) {
  return useQueries({
    queries: [0, ...pages.filter((page) => page > 0)].map((page) => itemPage(filter, page)),
    combine: (parts) => {
      const byPosition = new Map<number, Item>();
      const numbers = [0, ...pages.filter((page) => page > 0)];
      parts.forEach((part, index) => {
        if (part.isPlaceholderData && index > 0) return;
        part.data?.items.forEach((item, at) => {
          byPosition.set((numbers[index] ?? 0) * PAGE + at, item);
        });
      });
      return { total: parts[0]?.data?.total, byPosition, error: parts[0]?.error ?? null };
    },
  });
}

/** The first things of a list. */
export function useItems(filter: string) {
  return useQuery(itemPage(filter, 0));
}

export function useItemSheet(id: string) {
  return useQuery({
    queryKey: ["item", id],
    enabled: id !== "",
    queryFn: () => ask<Schemas["ItemSheet"]>("GET", `/api/items/${id}`),
  });
}

export function usePlaceSheet(id: string) {
  return useQuery({
    queryKey: ["place", id],
    queryFn: () => ask<Schemas["PlaceSheet"]>("GET", `/api/places/${id}`),
  });
}

const openCase = (place: string) => ({
  queryKey: ["open", place],
  queryFn: () => ask<Schemas["OpenPlace"]>("GET", `/api/places/${place}/open`),
});

/** Several places laid open, in the order asked for; those not known yet are left out. */
export function useOpenPlaces(places: string[]) {
  return useQueries({
    queries: places.map(openCase),
    combine: (all) => ({
      open: all.flatMap((one) => one.data ?? []),
      isPending: all.some((one) => one.isPending),
      error: all.find((one) => one.error)?.error ?? null,
    }),
  });
}

export function useOutOfPlace() {
  return useQuery({
    queryKey: ["out-of-place"],
    queryFn: () => ask<Schemas["OutOfPlace"]>("GET", "/api/kit/out-of-place"),
  });
}

/** Found while typing: fetched for what stands in the field now, the last answer shown meanwhile. */
export function useFound(q: string) {
  return useQuery({
    queryKey: ["found", q],
    enabled: q.trim() !== "",
    placeholderData: keepPreviousData,
    queryFn: () => ask<Schemas["Found"]>("GET", `/api/find?q=${encodeURIComponent(q)}`),
  });
}

/** Lines of the kit that begin like this. */
export function useEarlier(begins: string) {
  return useQuery({
    queryKey: ["earlier", begins],
    enabled: begins.trim().length > 1,
    placeholderData: keepPreviousData,
    queryFn: () =>
      ask<Schemas["EarlierLine"][]>("GET", `/api/kit/earlier?begins=${encodeURIComponent(begins)}`),
  });
}

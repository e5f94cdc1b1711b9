import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { ask, type Schemas, type Tray } from "../frame/api";
import { placeMap } from "../words/items";

const NO_PLACES: Schemas["PlaceView"][] = [];

export function useKit() {
  return useQuery({
    queryKey: ["kit"],
    queryFn: () => ask<Schemas["KitView"]>("GET", "/api/kit"),
  });
}

/** All places by id; empty until they are known. */
export function usePlaces() {
  const places = useKit().data?.places ?? NO_PLACES;
  return useMemo(() => placeMap(places), [places]);
}

export function useItemSheet(id: string) {
  return useQuery({
    queryKey: ["item", id],
    queryFn: () => ask<Schemas["ItemSheet"]>("GET", `/api/items/${id}`),
  });
}

export function useOpenCase(place: string) {
  return useQuery({
    queryKey: ["open", place],
    queryFn: () => ask<Tray>("GET", `/api/places/${place}/open`),
  });
}

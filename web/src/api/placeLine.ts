import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type PlacesRead = Schemas["PlacesRead"];

/** What a line tells of, drawn to scale; nothing is made by it. */
export function usePlaceLine(line: string) {
  return useQuery({
    queryKey: ["place-line", line],
    queryFn: () => ask<PlacesRead>("POST", "/api/kit/places/read", { line }),
    enabled: line.trim() !== "",
    retry: false,
    placeholderData: keepPreviousData,
  });
}

/** Bags as artists usually have them, each as the line one would type. */
export function useUsualBags() {
  return useQuery({
    queryKey: ["usual-bags"],
    queryFn: () => ask<Schemas["UsualBagView"][]>("GET", "/api/kit/places/usual"),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

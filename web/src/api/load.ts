import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type LoadPlan = Schemas["LoadView"];
export type LoadBag = Schemas["LoadedBag"];
export type LoadRoom = Schemas["LoadedRoom"];
export type LoadPiece = Schemas["LoadedPiece"];

export const loadKey = (booking: string) => ["load", booking];

/** What goes where in a booking's bags, as it was planned last. */
export function useLoad(booking: string) {
  return useQuery({
    queryKey: loadKey(booking),
    queryFn: () => ask<LoadPlan>("GET", `/api/bookings/${booking}/load`),
  });
}

/** How far a search is. */
export function useRun(run: string | null) {
  return useQuery({
    queryKey: ["load-run", run],
    enabled: run !== null,
    refetchInterval: 400,
    retry: false,
    queryFn: () => ask<Schemas["LoadRun"]>("GET", `/api/load-runs/${run}`),
  }).data;
}

/** Why a piece does not lie somewhere else; it is asked only for the one that is looked at. */
export function useFits(booking: string, item: string | null, compartment: string | null) {
  return useQuery({
    queryKey: [...loadKey(booking), "fits", item, compartment],
    enabled: item !== null && compartment !== null,
    queryFn: () =>
      ask<Schemas["FitsThere"]>(
        "GET",
        `/api/bookings/${booking}/load/fits?${new URLSearchParams({
          item: item ?? "",
          compartment: compartment ?? "",
        })}`,
      ),
  }).data;
}

/** The fewest bags that hold it all. */
export function useBagsNeeded(booking: string, isAsked: boolean) {
  return useQuery({
    queryKey: [...loadKey(booking), "bags-needed"],
    enabled: isAsked,
    queryFn: () => ask<Schemas["BagsNeeded"]>("GET", `/api/bookings/${booking}/load/bags-needed`),
  });
}

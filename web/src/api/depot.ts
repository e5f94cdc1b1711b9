import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Session = Schemas["SessionView"];
export type Plan = Schemas["PlanView"];
export type PlanRow = Schemas["PlanRow"];
export type Chosen = Schemas["Chosen"];
export type Piece = Schemas["PieceView"];
export type Empty = Schemas["EmptyView"];

/** What could be done at the bench, and what is under way. */
export function useBench() {
  return useQuery({
    queryKey: ["bench"],
    queryFn: () => ask<Schemas["BenchView"]>("GET", "/api/bench"),
  });
}

/** The newest sessions at a glance. */
export function useSessions() {
  return useQuery({
    queryKey: ["bench-sessions"],
    queryFn: () => ask<Schemas["SessionLine"][]>("GET", "/api/bench/sessions"),
  });
}

export function useSession(id: string) {
  return useQuery({
    queryKey: ["bench-session", id],
    enabled: id !== "",
    queryFn: () => ask<Session>("GET", `/api/bench/sessions/${id}`),
  });
}

export function useEmpties() {
  return useQuery({
    queryKey: ["empties"],
    queryFn: () => ask<Schemas["EmptyList"]>("GET", "/api/empties"),
  });
}

export function usePalettes() {
  return useQuery({
    queryKey: ["palettes"],
    queryFn: () => ask<Schemas["PaletteLine"][]>("GET", "/api/palettes"),
  });
}

export const paletteQuery = (place: string) => ({
  queryKey: ["palette", place],
  queryFn: () => ask<Schemas["PaletteView"]>("GET", `/api/palettes/${place}`),
});

export const usePalette = (place: string) => useQuery(paletteQuery(place));

export function useLineage(item: string) {
  return useQuery({
    queryKey: ["lineage", item],
    queryFn: () => ask<Schemas["LineageView"]>("GET", `/api/items/${item}/lineage`),
  });
}

export function useRefill(item: string, enabled: boolean) {
  return useQuery({
    queryKey: ["refill", item],
    enabled,
    queryFn: () => ask<Schemas["RefillView"]>("GET", `/api/items/${item}/refill`),
  });
}

/** What is recalled: one thing, or a batch of a product. */
export function useRecall(search: string) {
  return useQuery({
    queryKey: ["recall", search],
    enabled: search !== "",
    queryFn: () => ask<Schemas["RecallView"]>("GET", `/api/recall?${search}`),
  });
}

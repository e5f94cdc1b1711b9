import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export const sessionKey = ["session"];

export function useSession() {
  return useQuery({
    queryKey: sessionKey,
    queryFn: () => ask<Schemas["Session"]>("GET", "/api/session"),
    staleTime: 60_000,
  });
}

/** The workspace's time zone, by which instants are shown. */
export function useZone(): string {
  return useSession().data?.zone ?? "UTC";
}

/** The day the application takes for today. */
export function useToday(): string {
  return useSession().data?.today ?? new Date().toISOString().slice(0, 10);
}

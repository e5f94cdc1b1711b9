import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./api";

export const sessionKey = ["session"];

export function useSession() {
  return useQuery({
    queryKey: sessionKey,
    queryFn: () => ask<Schemas["Session"]>("GET", "/api/session"),
    staleTime: 60_000,
  });
}

/** The day the application takes for today. */
export function useToday(): string {
  return useSession().data?.today ?? new Date().toISOString().slice(0, 10);
}

import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Wanted = Schemas["WantedView"];

/** What is to be bought, the most pressing first. */
export function useBuying() {
  return useQuery({
    queryKey: ["buying"],
    queryFn: () => ask<Wanted[]>("GET", "/api/buying"),
  });
}

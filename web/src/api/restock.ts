import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Wanted = Schemas["WantedView"];

export type Stock = Schemas["StockView"];

/**
 * What runs short within half a year, what is to be ordered first in front.
 *
 * @param again a booking that comes once more, in thought only
 */
export function useRunningShort(again: string | null) {
  return useQuery({
    queryKey: ["running-short", again],
    placeholderData: keepPreviousData,
    queryFn: () =>
      ask<Schemas["RunningShortView"]>(
        "GET",
        `/api/running-short${again ? `?again=${again}` : ""}`,
      ),
  });
}

/** What is to be bought, the most pressing first. */
export function useBuying() {
  return useQuery({
    queryKey: ["buying"],
    queryFn: () => ask<Wanted[]>("GET", "/api/buying"),
  });
}

import { keepPreviousData, useQueries, useQuery } from "@tanstack/react-query";
import { ask, type Item, type Schemas } from "./client";

/** What ends within so many weeks, in the order of work. */
export function useDates(weeks: number) {
  return useQuery({
    queryKey: ["dates", weeks],
    placeholderData: keepPreviousData,
    queryFn: () => ask<Schemas["ExpiringList"]>("GET", `/api/dates?weeks=${weeks}`),
  });
}

/** Whether there is a private address of the calendar. */
export function useCalendarFeed() {
  return useQuery({
    queryKey: ["calendar-feed"],
    queryFn: () => ask<Schemas["FeedView"]>("GET", "/api/calendar/feed"),
  });
}

/** A few things by their ids, those that are known already. */
export function useItemsOf(ids: string[]): Item[] {
  return useQueries({
    queries: ids.map((id) => ({
      queryKey: ["item", id],
      queryFn: () => ask<Schemas["ItemSheet"]>("GET", `/api/items/${id}`),
    })),
    combine: (sheets) => sheets.flatMap((sheet) => (sheet.data ? [sheet.data.item] : [])),
  });
}

import { keepPreviousData, useInfiniteQuery, useQueries, useQuery } from "@tanstack/react-query";
import { ask, type Item, type Schemas } from "./client";

/** What ends within so many weeks, in the order of work. */
export function useDates(weeks: number) {
  const { data, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({
    queryKey: ["dates", weeks],
    placeholderData: keepPreviousData,
    queryFn: ({ pageParam }) =>
      ask<Schemas["ExpiringList"]>("GET", `/api/dates?weeks=${weeks}&from=${pageParam}`),
    initialPageParam: 0,
    getNextPageParam: (page, pages) => {
      const told = pages.reduce((sum, one) => sum + one.things.length, 0);
      return page.things.length > 0 && told < page.total ? told : undefined;
    },
  });
  const pages = data?.pages ?? [];
  const newest = pages.at(-1);
  return {
    dates: newest && { ...newest, things: pages.flatMap((page) => page.things) },
    hasMore: hasNextPage,
    isFetching: isFetchingNextPage,
    more: () => void fetchNextPage(),
  };
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

import { useInfiniteQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

/** The acts a page came with, and as many earlier ones as were asked for. */
export function useEarlierHistory(thing: string, newest: Schemas["HistoryPage"]) {
  const last = newest.entries.at(-1)?.id ?? "";
  const { data, fetchNextPage, hasNextPage, isFetchingNextPage } = useInfiniteQuery({
    // What follows the last act that is shown already: another one after each new act.
    queryKey: ["history", thing, last],
    queryFn: ({ pageParam }) =>
      ask<Schemas["HistoryPage"]>("GET", `/api/history/${thing}?before=${pageParam}`),
    initialPageParam: last,
    getNextPageParam: (page) => (page.hasEarlier ? page.entries.at(-1)?.id : undefined),
    enabled: false,
  });
  const earlier = data?.pages ?? [];
  return {
    entries: [...newest.entries, ...earlier.flatMap((page) => page.entries)],
    hasMore: earlier.length > 0 ? hasNextPage : newest.hasEarlier,
    isFetching: isFetchingNextPage,
    more: () => void fetchNextPage(),
  };
}

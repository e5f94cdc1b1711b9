import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "../frame/api";

/** What ends within so many weeks, in the order of work. */
export function useDates(weeks: number) {
  return useQuery({
    queryKey: ["dates", weeks],
    placeholderData: keepPreviousData,
    queryFn: () => ask<Schemas["RunningOutList"]>("GET", `/api/dates?weeks=${weeks}`),
  });
}

/** Whether there is a private address of the calendar. */
export function useCalendarFeed() {
  return useQuery({
    queryKey: ["calendar-feed"],
    queryFn: () => ask<Schemas["FeedView"]>("GET", "/api/calendar/feed"),
  });
}

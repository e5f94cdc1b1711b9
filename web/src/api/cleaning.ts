import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { ask, type Schemas } from "./client";

type Work = Schemas["CleaningView"];

/** Told anew so often: what dries is dry at some time, and others clean too. */
const ANEW_MS = 20_000;

/** What is to be cleaned between two faces. */
export function useTurnover(
  booking: string,
  from: string,
  next: string | null,
  seconds: number | null,
) {
  const asked = new URLSearchParams({ from });
  if (next) asked.set("next", next);
  if (seconds !== null) asked.set("seconds", String(seconds));
  return useQuery({
    queryKey: ["turnover", booking, String(asked)],
    queryFn: () => ask<Work>("GET", `/api/bookings/${booking}/turnover?${asked}`),
    placeholderData: (before: Work | undefined) => before,
    refetchInterval: ANEW_MS,
  });
}

/** Everything of the kit that is to be cleaned. */
export function useCleanDown() {
  return useQuery({
    queryKey: ["clean-down"],
    queryFn: () => ask<Work>("GET", "/api/clean-down"),
    refetchInterval: ANEW_MS,
  });
}

export type Pouch = Schemas["PouchView"];

/** Places that are to hold something, and what they are short of. */
export function usePouches() {
  return useQuery({
    queryKey: ["pouches"],
    queryFn: () => ask<Schemas["PouchesView"]>("GET", "/api/pouches"),
  });
}

/** What was kept for one face whose last booking is over. */
export function useRunEnds() {
  return useQuery({
    queryKey: ["run-ends"],
    queryFn: () => ask<Schemas["RunEndView"][]>("GET", "/api/run-ends"),
  });
}

/** What goes along and may touch a face; nothing is asked as long as none is chosen. */
export function useUsable(booking: string | null, face: string | null) {
  return useQuery({
    enabled: booking !== null && face !== null,
    queryKey: ["usable", booking, face],
    queryFn: () =>
      ask<Schemas["UsableView"][]>("GET", `/api/bookings/${booking}/faces/${face}/usable`),
  });
}

/**
 * Milliseconds of the application's clock at this moment, second by second: a device may keep the
 * wrong time, and a page that slept is right again as soon as it wakes.
 *
 * @param told what the application's clock showed
 * @param at when this device was told, by its own clock
 */
export function useClock(told: string, at: number): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, []);
  return Date.parse(told) + Math.max(0, now - at);
}

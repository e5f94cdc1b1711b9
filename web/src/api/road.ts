import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Flight = Schemas["FlightView"];
export type ChairDay = Schemas["ChairsView"];
export type ChairsTold = Schemas["ChairsDraft"];
export type SatFace = Schemas["SatFace"];

/** What of a booking's baggage may go by air. */
export function useFlight(booking: string, isAsked: boolean) {
  return useQuery({
    queryKey: ["load", booking, "flight"],
    enabled: isAsked,
    queryFn: () => ask<Flight>("GET", `/api/bookings/${booking}/flight`),
  });
}

/** Who sits in whose chair when; with an order what would come of it. */
export function useChairs(booking: string, day: string | null, order: string[] | null) {
  return useQuery({
    queryKey: ["chairs", booking, day, order],
    placeholderData: (before: ChairDay | undefined) => before,
    queryFn: () =>
      order
        ? ask<ChairDay>("POST", `/api/bookings/${booking}/chairs/try`, { day, order })
        : ask<ChairDay>("GET", `/api/bookings/${booking}/chairs${day ? `?day=${day}` : ""}`),
  });
}

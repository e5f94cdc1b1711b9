import { useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Trailer = Schemas["TrailerView"];
export type TrailerStation = Schemas["TrailerStation"];
export type TrailerDay = Schemas["TrailerDay"];

/** What is set up where in a booking's trailer, and the days it stands. */
export function useTrailer(booking: string) {
  return useQuery({
    queryKey: ["trailer", booking],
    queryFn: () => ask<Trailer>("GET", `/api/bookings/${booking}/trailer`),
  });
}

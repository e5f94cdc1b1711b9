import { useQuery } from "@tanstack/react-query";
import { ask, type Booking, type Schemas } from "./client";

export function useBookings() {
  return useQuery({
    queryKey: ["bookings"],
    queryFn: () => ask<Booking[]>("GET", "/api/bookings"),
  });
}

export function useBooking(id: string) {
  return useQuery({
    queryKey: ["booking", id],
    queryFn: () => ask<Booking>("GET", `/api/bookings/${id}`),
  });
}

/** A booking of its own that begins like another one; not asked where there is none. */
export function useBookingCopy(of: string | null) {
  return useQuery({
    queryKey: ["booking-copy", of],
    queryFn: () => ask<Booking>("GET", `/api/bookings/${of}/copy`),
    enabled: of !== null,
  });
}

const AHEAD_MS = 60_000;

/** How the bookings that are still to leave stand, by booking. */
export function useAhead() {
  return useQuery({
    queryKey: ["ahead"],
    queryFn: () => ask<Schemas["BookingAhead"][]>("GET", "/api/bookings/readiness"),
    select: (ahead) => new Map(ahead.map((one) => [one.booking, one.readiness])),
    staleTime: AHEAD_MS,
    refetchInterval: AHEAD_MS,
  });
}

import { useQuery } from "@tanstack/react-query";
import { ask, type Booking } from "./client";

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

import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Money = Schemas["MoneyView"];
export type Spend = Schemas["SpendView"];
export type BookingCost = Schemas["BookingCostView"];
export type Reckoning = Schemas["MoneyDraft"];

/** What the kit is worth and where the money goes. */
export function useMoney() {
  return useQuery({
    queryKey: ["money"],
    queryFn: () => ask<Money>("GET", "/api/money"),
  });
}

/** In what money one reckons. */
export function useReckoning() {
  return useQuery({
    queryKey: ["reckoning"],
    queryFn: () => ask<Reckoning>("GET", "/api/house/money"),
  });
}

/** What a booking costs in material. */
export function useBookingCost(booking: string) {
  return useQuery({
    queryKey: ["booking-cost", booking],
    queryFn: () => ask<BookingCost>("GET", `/api/bookings/${booking}/cost`),
  });
}

/** What is tried before more of its line is bought. */
export function useTrials() {
  return useQuery({
    queryKey: ["trials"],
    queryFn: () => ask<Schemas["TrialView"][]>("GET", "/api/trials"),
  });
}

export type Range = Schemas["RangeView"];

/** What the kit lacks for its work, by the address of what it is there for. */
export function useRange(purpose: string) {
  return useQuery({
    queryKey: ["range", purpose],
    placeholderData: keepPreviousData,
    queryFn: () => ask<Range>("GET", `/api/range${purpose && `?${purpose}`}`),
  });
}

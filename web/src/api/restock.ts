import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ask, type Schemas } from "./client";

export type Wanted = Schemas["WantedView"];

export type Stock = Schemas["StockView"];

/**
 * What runs short within half a year, what is to be ordered first in front.
 *
 * @param again a booking that comes once more, in thought only
 */
export function useRunningShort(again: string | null) {
  return useQuery({
    queryKey: ["running-short", again],
    placeholderData: keepPreviousData,
    queryFn: () =>
      ask<Schemas["RunningShortView"]>(
        "GET",
        `/api/running-short${again ? `?again=${again}` : ""}`,
      ),
  });
}

export type ToChoose = Schemas["ToChooseView"];

/** What is bought for bookings and no product is chosen for yet. */
export function useToChoose() {
  return useQuery({
    queryKey: ["to-choose"],
    queryFn: () => ask<ToChoose[]>("GET", "/api/buying/to-choose"),
  });
}

export type Shop = Schemas["ShopView"];
export type ShopOffer = Schemas["OfferView"];
export type BuyingPlan = Schemas["BuyingPlanView"];

/** Shops, and what they offer or offered. */
export function useShops() {
  return useQuery({
    queryKey: ["shops"],
    queryFn: () => ask<Schemas["ShopsView"]>("GET", "/api/shops"),
  });
}

/** With what money, and whether others that do as well may be bought. */
export type PlanTerms = { budget: number | null; substitutes: boolean };

/** As an address tells them; empty for the usual ones. */
export function termsPath({ budget, substitutes }: PlanTerms): string {
  return [budget !== null && `budget=${budget}`, substitutes && "substitutes=true"]
    .filter(Boolean)
    .join("&");
}

/** The cheapest way to have what is on the buying list in time. */
export function useBuyingPlan(terms: PlanTerms) {
  const path = termsPath(terms);
  return useQuery({
    queryKey: ["buying-plan", path],
    placeholderData: keepPreviousData,
    queryFn: () => ask<BuyingPlan>("GET", `/api/buying/plan${path && `?${path}`}`),
  });
}

/** What an offer in one line says; nothing is kept of it. */
export function useOfferLine(line: string, dateOrder: Schemas["ReadLine"]["dateOrder"]) {
  return useQuery({
    queryKey: ["offer-line", line, dateOrder],
    enabled: line.trim() !== "",
    placeholderData: keepPreviousData,
    queryFn: () => ask<Schemas["ReadOffer"]>("POST", "/api/offers/read-line", { line, dateOrder }),
  });
}

/** What to write to a shop of the plan; asked once somebody wants to write it. */
export function useOrderInWords(shop: string, terms: PlanTerms, isAsked: boolean) {
  const path = `shop=${shop}&${termsPath(terms)}`;
  return useQuery({
    queryKey: ["buying-plan", "order", path],
    enabled: isAsked,
    queryFn: () => ask<Schemas["OrderInWords"]>("GET", `/api/buying/order?${path}`),
  }).data;
}

/** What is to be bought, the most pressing first. */
export function useBuying() {
  return useQuery({
    queryKey: ["buying"],
    queryFn: () => ask<Wanted[]>("GET", "/api/buying"),
  });
}

export type Parcel = Schemas["OrderedParcelView"];

/** Orders of which something is to come, and those of late. */
export function useParcels() {
  return useQuery({
    queryKey: ["parcels"],
    queryFn: () => ask<Parcel[]>("GET", "/api/buying/parcels"),
  });
}

/** How an order stands, as the shop tells it; asked once somebody wants to know. */
export function useToldOrder(parcel: string, isAsked: boolean) {
  return useQuery({
    queryKey: ["told-order", parcel],
    enabled: isAsked,
    retry: false,
    queryFn: () => ask<Schemas["ToldOrder"]>("GET", `/api/buying/parcels/${parcel}/told`),
  });
}

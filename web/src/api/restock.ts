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

/** The cheapest way to have what is on the buying list in time. */
export function useBuyingPlan(budget: number | null) {
  return useQuery({
    queryKey: ["buying-plan", budget],
    placeholderData: keepPreviousData,
    queryFn: () =>
      ask<BuyingPlan>("GET", `/api/buying/plan${budget === null ? "" : `?budget=${budget}`}`),
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
export function useOrderInWords(shop: string, budget: number | null, isAsked: boolean) {
  return useQuery({
    queryKey: ["buying-plan", "order", shop, budget],
    enabled: isAsked,
    queryFn: () =>
      ask<Schemas["OrderInWords"]>(
        "GET",
        `/api/buying/order?shop=${shop}${budget === null ? "" : `&budget=${budget}`}`,
      ),
  }).data;
}

/** What is to be bought, the most pressing first. */
export function useBuying() {
  return useQuery({
    queryKey: ["buying"],
    queryFn: () => ask<Wanted[]>("GET", "/api/buying"),
  });
}

import type { Schemas } from "../api/client";
import { money } from "./quantities";

type Terms = {
  discount?: Schemas["OfferDraft"]["discount"];
  percent?: number | null;
  amount?: number | null;
  fromPacks?: number | null;
};

/** "three for two", "10 % off from 3 packs"; empty without a discount. */
export function discountWords(terms: Terms, currency: string): string {
  switch (terms.discount) {
    case "percent":
      return `${terms.percent} % off`;
    case "second-half-price":
      return "every second one at half the price";
    case "three-for-two":
      return "three for two";
    case "fixed":
      return `${money(terms.amount ?? 0, currency)} off each`;
    case "from-amount":
      return `${terms.percent} % off from ${terms.fromPacks} on`;
    default:
      return "";
  }
}

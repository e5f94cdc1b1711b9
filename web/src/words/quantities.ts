import type { Item } from "../frame/api";

const NUMBER = new Intl.NumberFormat("en-GB", { maximumFractionDigits: 1 });

/** Grams below a kilogram, kilograms from there. */
export function mass(grams: number): string {
  return grams < 1000 ? `${grams} g` : `${NUMBER.format(grams / 1000)} kg`;
}

export function amount(value: number, unit: string): string {
  if (unit === "piece") {
    return value === 1 ? "1 piece" : `${NUMBER.format(value)} pieces`;
  }
  return `${NUMBER.format(value)} ${unit}`;
}

/** "12 ml of 30". */
export function leftOf(item: Item): string {
  const { unit } = item.product;
  if (unit === "piece" && item.size === 1 && item.left <= 1) {
    return item.left === 0 ? "used up" : "1 piece";
  }
  return `${amount(item.left, unit)} of ${NUMBER.format(item.size)}`;
}

export function share(part: number): string {
  return `${Math.round(part * 100)} %`;
}

/** A price with its currency, as one writes it. */
export function money(value: number, currency: string): string {
  return new Intl.NumberFormat("en-GB", { style: "currency", currency }).format(value);
}

/** A number as somebody writes it, with a comma or a point; null when it is none. */
export function decimal(told: string): number | null {
  const value = Number(told.trim().replace(",", "."));
  return told.trim() === "" || Number.isNaN(value) ? null : value;
}

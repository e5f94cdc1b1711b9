import type { Measured } from "../api/client";

/** Small amounts keep their decimals: 0.02 ml is not 0 ml. */
const BY_SIZE = [
  { below: 1, format: new Intl.NumberFormat("en-GB", { maximumFractionDigits: 3 }) },
  { below: 10, format: new Intl.NumberFormat("en-GB", { maximumFractionDigits: 2 }) },
  {
    below: Number.POSITIVE_INFINITY,
    format: new Intl.NumberFormat("en-GB", { maximumFractionDigits: 1 }),
  },
];

/** A number as it is shown everywhere; `decimal` reads it back. */
export function figure(value: number): string {
  const size = BY_SIZE.find(({ below }) => Math.abs(value) < below) ?? BY_SIZE[2];
  return (size as (typeof BY_SIZE)[number]).format.format(value);
}

/** Grams below a kilogram, kilograms from there. */
export function mass(grams: number): string {
  return grams < 1000 ? `${grams} g` : `${figure(grams / 1000)} kg`;
}

export function amount(value: number, unit: string): string {
  if (unit === "piece") {
    return value === 1 ? "1 piece" : `${figure(value)} pieces`;
  }
  return `${figure(value)} ${unit}`;
}

/** "12 ml of 30". */
export function leftOf(item: Measured): string {
  const { unit } = item.product;
  if (unit === "piece" && item.size === 1 && item.left <= 1) {
    return item.left === 0 ? "used up" : "1 piece";
  }
  return `${amount(item.left, unit)} of ${figure(item.size)}`;
}

/** "40 s", "2 min", "1 h 5 min". */
export function duration(seconds: number): string {
  return seconds < 60 ? `${seconds} s` : minutes(seconds / 60);
}

/** "0 min", "1 h 25 min". */
export function minutes(total: number): string {
  const whole = Math.round(total);
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return `${Math.floor(whole / 60)} h${rest ? ` ${rest} min` : ""}`;
}

export function share(part: number): string {
  return `${Math.round(part * 100)} %`;
}

/** A price with its currency, as one writes it. */
export function money(value: number, currency: string): string {
  return new Intl.NumberFormat("en-GB", { style: "currency", currency }).format(value);
}

/** A number as somebody writes it, with a comma or a point: 1,5 is 1.5; null when it is none. */
export function decimal(told: string): number | null {
  const text = told.trim();
  const value = Number(/^[-+]?\d*,\d+$/.test(text) ? text.replace(",", ".") : text);
  return text === "" || !Number.isFinite(value) ? null : value;
}

import type { Item } from "../api/client";
import { capital, word } from "./codes";

type Product = Pick<Item["product"], "composition" | "unchecked">;

/** What its label was found to say of one thing; null when nobody looked. */
export function foundOf(product: Product, of: string) {
  return product.composition.find((one) => one.of === of)?.found ?? null;
}

const list = (some: string[]) => some.map(word).join(", ");

/** "Contains carmine. Free of latex. Not checked: fragrance, gluten." */
export function labelWords(product: Product): string {
  const found = (what: "contains" | "free-of") =>
    product.composition.filter((one) => one.found === what).map((one) => one.of);
  const parts = [
    { intro: "contains", of: found("contains") },
    { intro: "free of", of: found("free-of") },
    { intro: "not checked:", of: product.unchecked },
  ];
  return parts
    .filter((part) => part.of.length > 0)
    .map((part) => `${capital(part.intro)} ${list(part.of)}.`)
    .join(" ");
}

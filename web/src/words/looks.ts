import type { Drawn, Item } from "../api/client";
import type { Look, LookPart } from "../api/look";
import { dateWithWeekday } from "./dates";
import { fullName } from "./items";

export const PURPOSES: Record<Look["purpose"], string> = {
  exactly: "exactly this",
  "as-a-guide": "as a guide",
  done: "done",
};

/** "Exactly this, every day, from the trial". */
export function lookTitle({ purpose, day, from }: Look): string {
  const when = day ? dateWithWeekday(day) : "every day";
  const what = purpose === "done" ? `What was done, ${when}` : `${when}, ${PURPOSES[purpose]}`;
  return `${what}${from ? `, from ${from}` : ""}`;
}

/** Tenths, tool, where and note, as far as they are told. */
export function partNotes({ tenths, tool, where, note }: LookPart): string {
  return [tenths && tenths < 10 ? `${tenths} tenths` : "", tool, where, note]
    .filter(Boolean)
    .join(", ");
}

type Parted = { product: Drawn["product"] & Pick<Item["product"], "productClass"> };

/** An item of the kit as a part of a look. */
export function partOf(item: Parted, tenths = 10): LookPart {
  return {
    product: item.product.id,
    told: fullName(item).slice(0, 120),
    productClass: item.product.productClass,
    colour: item.product.colour,
    tenths,
    tool: "",
    where: "",
    note: "",
  };
}

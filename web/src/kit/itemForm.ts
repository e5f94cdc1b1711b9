import type { Item, Schemas } from "../frame/api";
import { numberOrNull, orNull } from "../ui/faults";

/** What the form holds: text as typed, words as chosen. */
export type ItemForm = {
  product: {
    maker: string;
    name: string;
    shade: string;
    colour: string;
    productClass: string;
    form: string;
    content: string;
    unit: string;
    depth: string;
    traits: string[];
    contains: string[];
    periodAfterOpening: string;
  };
  item: {
    openedOn: string;
    printedExpiry: string;
    boughtOn: string;
    left: string;
    home: string;
    now: string;
    cleanliness: string;
    personal: boolean;
    note: string;
  };
};

export const EMPTY_ITEM: ItemForm = {
  product: {
    maker: "",
    name: "",
    shade: "",
    colour: "",
    productClass: "foundation",
    form: "liquid-pump-or-squeeze",
    content: "",
    unit: "ml",
    depth: "",
    traits: [],
    contains: [],
    periodAfterOpening: "",
  },
  item: {
    openedOn: "",
    printedExpiry: "",
    boughtOn: "",
    left: "",
    home: "",
    now: "",
    cleanliness: "clean",
    personal: false,
    note: "",
  },
};

const text = (value: string | number | null) => (value === null ? "" : String(value));

export function fromItem({ product, ...item }: Item): ItemForm {
  return {
    product: {
      ...product,
      colour: text(product.colour),
      content: text(product.content),
      depth: text(product.depth),
      periodAfterOpening: text(product.periodAfterOpening),
    },
    item: {
      openedOn: text(item.openedOn),
      printedExpiry: text(item.printedExpiry),
      boughtOn: text(item.boughtOn),
      left: text(item.left),
      home: text(item.home),
      now: text(item.now),
      cleanliness: item.cleanliness,
      personal: item.personal,
      note: item.note,
    },
  };
}

/** As the API takes it; what the form does not show stays as it was. */
export function toDrafts(form: ItemForm, before: Item | null) {
  const { product, item } = form;
  const measures = before && !before.product.measures.estimated ? before.product.measures : null;
  return {
    product: {
      maker: product.maker,
      name: product.name,
      shade: product.shade,
      colour: orNull(product.colour),
      productClass: product.productClass,
      form: product.form,
      content: numberOrNull(product.content),
      unit: product.unit,
      depth: numberOrNull(product.depth),
      traits: product.traits,
      contains: product.contains,
      periodAfterOpening: numberOrNull(product.periodAfterOpening),
      measures: measures && {
        outline: measures.outline,
        widthMm: measures.widthMm,
        depthMm: measures.depthMm,
        heightMm: measures.heightMm,
        massG: measures.massG,
      },
    } as Schemas["ProductDraft"],
    item: {
      madeOn: before?.madeOn ?? null,
      boughtOn: orNull(item.boughtOn),
      openedOn: orNull(item.openedOn),
      printedExpiry: orNull(item.printedExpiry),
      left: numberOrNull(item.left) ?? numberOrNull(product.content),
      home: orNull(item.home),
      now: orNull(item.now) ?? (before ? null : orNull(item.home)),
      cleanliness: item.cleanliness,
      personal: item.personal,
      note: item.note,
    } as Schemas["ItemDraft"],
  };
}

import type { Item, Schemas } from "../../api/client";
import { numberOrNull, orNull } from "../../ui/faults";
import { decimal } from "../../words/quantities";

type ProductDraft = Schemas["ProductDraft"];
type ItemDraft = Schemas["ItemDraft"];

/** What the form holds: text as typed, words as chosen. */
export type ItemForm = {
  product: Record<
    | "maker"
    | "name"
    | "shade"
    | "colour"
    | "productClass"
    | "form"
    | "content"
    | "unit"
    | "depth"
    | "periodAfterOpening"
    | "finish"
    | "coverage"
    | "spf"
    | "wattHours"
    | "packCode",
    string
  > & {
    traits: string[];
    alsoServes: string[];
    composition: ProductDraft["composition"];
    measures: MeasuresForm;
  };
  item: Record<
    | "openedOn"
    | "printedExpiry"
    | "boughtOn"
    | "madeOn"
    | "left"
    | "home"
    | "now"
    | "cleanliness"
    | "note"
    | "batch"
    | "price"
    | "currency"
    | "onlyFor"
    | "brushSet",
    string
  > & {
    personal: boolean;
    favourite: boolean;
    rare: boolean;
    decant: { container: string; size: string };
  };
};

type MeasuresForm = Record<"outline" | "widthMm" | "depthMm" | "heightMm" | "massG", string>;

const NO_MEASURES: MeasuresForm = {
  outline: "",
  widthMm: "",
  depthMm: "",
  heightMm: "",
  massG: "",
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
    alsoServes: [],
    composition: [],
    periodAfterOpening: "",
    finish: "",
    coverage: "",
    spf: "",
    wattHours: "",
    packCode: "",
    measures: NO_MEASURES,
  },
  item: {
    openedOn: "",
    printedExpiry: "",
    boughtOn: "",
    madeOn: "",
    left: "",
    home: "",
    now: "",
    cleanliness: "clean",
    personal: false,
    note: "",
    batch: "",
    price: "",
    currency: "",
    onlyFor: "",
    favourite: false,
    rare: false,
    brushSet: "",
    decant: { container: "", size: "" },
  },
};

const text = (value: string | number | null) => (value === null ? "" : String(value));

function fromMeasures(measures: Item["product"]["measures"]): MeasuresForm {
  if (measures.estimated) return NO_MEASURES;
  return {
    outline: measures.outline,
    widthMm: text(measures.widthMm),
    depthMm: text(measures.depthMm),
    heightMm: text(measures.heightMm),
    massG: text(measures.massG),
  };
}

export function fromItem({ product, ...item }: Item): ItemForm {
  return {
    product: {
      maker: product.maker,
      name: product.name,
      shade: product.shade,
      colour: text(product.colour),
      productClass: product.productClass,
      form: product.form,
      content: text(product.content),
      unit: product.unit,
      depth: text(product.depth),
      traits: product.traits,
      alsoServes: product.alsoServes,
      composition: product.composition,
      periodAfterOpening: text(product.periodAfterOpening),
      finish: text(product.finish),
      coverage: text(product.coverage),
      spf: text(product.spf),
      wattHours: text(product.wattHours),
      packCode: text(product.packCode),
      measures: fromMeasures(product.measures),
    },
    item: {
      openedOn: text(item.openedOn),
      printedExpiry: text(item.printedExpiry),
      boughtOn: text(item.boughtOn),
      madeOn: text(item.madeOn),
      left: text(item.left),
      home: text(item.home),
      now: text(item.now),
      cleanliness: item.cleanliness,
      personal: item.personal,
      note: item.note,
      batch: item.batch,
      price: text(item.price),
      currency: text(item.currency),
      onlyFor: text(item.onlyFor),
      favourite: item.favourite,
      rare: item.rare,
      brushSet: item.brushSet,
      decant: {
        container: text(item.decant?.container ?? null),
        size: text(item.decant?.size ?? null),
      },
    },
  };
}

/** One of which everything is known but what makes it another: shade, dates, what is left. */
export function likeItem(item: Item): ItemForm {
  const form = fromItem(item);
  return {
    product: { ...form.product, shade: "", colour: "", depth: "", packCode: "" },
    item: { ...form.item, openedOn: "", printedExpiry: "", boughtOn: "", left: "", batch: "" },
  };
}

function toMeasures(measures: MeasuresForm): Schemas["MeasuresDraft"] | null {
  if (!measures.outline) return null;
  return {
    outline: measures.outline as Schemas["MeasuresDraft"]["outline"],
    widthMm: decimal(measures.widthMm) as number,
    depthMm: decimal(measures.depthMm) as number,
    heightMm: decimal(measures.heightMm) as number,
    massG: decimal(measures.massG) as number,
  };
}

export function toProduct({ product }: ItemForm): ProductDraft {
  return {
    maker: product.maker,
    name: product.name,
    shade: product.shade,
    colour: orNull(product.colour),
    productClass: product.productClass as ProductDraft["productClass"],
    form: product.form as ProductDraft["form"],
    content: numberOrNull(product.content) as number,
    unit: product.unit as ProductDraft["unit"],
    depth: numberOrNull(product.depth),
    traits: product.traits as ProductDraft["traits"],
    alsoServes: product.alsoServes as ProductDraft["alsoServes"],
    composition: product.composition,
    periodAfterOpening: numberOrNull(product.periodAfterOpening),
    measures: toMeasures(product.measures),
    finish: orNull(product.finish) as ProductDraft["finish"],
    coverage: orNull(product.coverage) as ProductDraft["coverage"],
    spf: numberOrNull(product.spf),
    wattHours: numberOrNull(product.wattHours),
    packCode: orNull(product.packCode),
  };
}

/** A new thing as the API takes it: how it is as well as what it is. */
export function toItem(form: ItemForm): ItemDraft {
  const { product, item } = form;
  const size = item.decant.container ? item.decant.size : product.content;
  return {
    ...toDescription(form, null),
    openedOn: orNull(item.openedOn),
    left: (numberOrNull(item.left) ?? numberOrNull(size)) as number,
    now: orNull(item.now) ?? orNull(item.home),
    cleanliness: item.cleanliness as ItemDraft["cleanliness"],
    askBackOn: null,
  };
}

/** What describes a thing; how it is changes by acts of its own. */
export function toDescription({ item }: ItemForm, before: Item | null): Schemas["ItemDescription"] {
  const own = before?.decant && !before.decant.measures.estimated ? before.decant.measures : null;
  return {
    madeOn: orNull(item.madeOn),
    boughtOn: orNull(item.boughtOn),
    printedExpiry: orNull(item.printedExpiry),
    home: orNull(item.home),
    personal: item.personal,
    note: item.note,
    batch: item.batch,
    price: numberOrNull(item.price),
    currency: item.price.trim() ? orNull(item.currency.toUpperCase()) : null,
    onlyFor: orNull(item.onlyFor),
    // Whoever is left as she was is told by id: a name may have been erased.
    onlyForId: before && before.onlyFor === orNull(item.onlyFor) ? before.onlyForId : null,
    favourite: item.favourite,
    rare: item.rare,
    brushSet: item.brushSet,
    decant: item.decant.container
      ? {
          container: item.decant.container as Schemas["DecantDraft"]["container"],
          size: decimal(item.decant.size) as number,
          measures: own && {
            outline: own.outline,
            widthMm: own.widthMm,
            depthMm: own.depthMm,
            heightMm: own.heightMm,
            massG: own.massG,
          },
        }
      : null,
  };
}

/** Another of the same: sealed, full, at home. */
export function another(item: Item): ItemDraft {
  return {
    ...toDescription(fromItem(item), item),
    madeOn: null,
    boughtOn: null,
    openedOn: null,
    printedExpiry: null,
    left: item.size,
    now: item.home,
    cleanliness: "clean",
    batch: "",
    price: null,
    currency: null,
    askBackOn: null,
  };
}

import type { UseFormReturn } from "react-hook-form";
import { z } from "zod";
import type { Item, Schemas } from "../../api/client";
import { neededNumber, neededWord, typedDate, typedNumber, typedWord } from "../../parts/typed";
import { dateText } from "../../words/dates";
import { readShades, shadeText } from "./shadeLines";

type ProductDraft = Schemas["ProductDraft"];
type ItemDraft = Schemas["ItemDraft"];

const measures = z.object({
  outline: typedWord(),
  widthMm: typedNumber(),
  depthMm: typedNumber(),
  heightMm: typedNumber(),
  massG: typedNumber(),
});

/** What the form holds is text as typed and words as chosen; what it hands over is what they mean. */
export const itemSchema = z.object({
  product: z.object({
    maker: z.string(),
    name: neededWord("Give it a name."),
    shade: z.string(),
    colour: typedWord(),
    productClass: neededWord("Choose what it is for."),
    form: neededWord("Choose its form."),
    content: neededNumber("Say how much a full pack holds."),
    unit: z.string(),
    depth: typedNumber(),
    shades: z.string().transform((text, context) => {
      const { shades, complaint } = readShades(text);
      if (complaint) context.addIssue({ code: "custom", message: complaint });
      return shades;
    }),
    periodAfterOpening: typedNumber(),
    finish: typedWord(),
    coverage: typedWord(),
    spf: typedNumber(),
    wattHours: typedNumber(),
    brushes: typedNumber(),
    packCode: typedWord(),
    roles: z.array(z.string()),
    traits: z.array(z.string()),
    alsoServes: z.array(z.string()),
    composition: z.custom<ProductDraft["composition"]>(),
    measures,
  }),
  item: z.object({
    openedOn: typedDate("began"),
    printedExpiry: typedDate("ends"),
    boughtOn: typedDate("began"),
    madeOn: typedDate("began"),
    left: typedNumber(),
    home: typedWord(),
    now: typedWord(),
    cleanliness: z.string(),
    note: z.string(),
    batch: z.string(),
    price: typedNumber(),
    currency: typedWord(),
    onlyFor: typedWord(),
    brushSet: z.string(),
    personal: z.boolean(),
    favourite: z.boolean(),
    rare: z.boolean(),
    decant: z.object({ container: typedWord(), size: typedNumber() }),
  }),
});

export type ItemForm = z.input<typeof itemSchema>;
export type ItemFormOf = UseFormReturn<ItemForm, unknown, ItemTold>;
export type ItemTold = z.output<typeof itemSchema>;
type MeasuresForm = ItemForm["product"]["measures"];

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
    productClass: "",
    form: "",
    content: "",
    unit: "ml",
    depth: "",
    shades: "",
    roles: [],
    traits: [],
    alsoServes: [],
    composition: [],
    periodAfterOpening: "",
    finish: "",
    coverage: "",
    spf: "",
    wattHours: "",
    brushes: "",
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
      shades: shadeText(product.shades),
      roles: product.roles,
      traits: product.traits,
      alsoServes: product.alsoServes,
      composition: product.composition,
      periodAfterOpening: text(product.periodAfterOpening),
      finish: text(product.finish),
      coverage: text(product.coverage),
      spf: text(product.spf),
      wattHours: text(product.wattHours),
      brushes: text(product.brushes),
      packCode: text(product.packCode),
      measures: fromMeasures(product.measures),
    },
    item: {
      openedOn: dateText(item.openedOn),
      printedExpiry: dateText(item.printedExpiry),
      boughtOn: dateText(item.boughtOn),
      madeOn: dateText(item.madeOn),
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

function toMeasures(told: ItemTold["product"]["measures"]): Schemas["MeasuresDraft"] | null {
  return told.outline ? (told as Schemas["MeasuresDraft"]) : null;
}

export function toProduct({ product }: ItemTold): ProductDraft {
  return { ...product, measures: toMeasures(product.measures) } as ProductDraft;
}

/** A new thing as the API takes it: how it is as well as what it is. */
export function toItem(told: ItemTold): ItemDraft {
  const { product, item } = told;
  const size = item.decant.container ? item.decant.size : product.content;
  return {
    ...toDescription(told, null),
    openedOn: item.openedOn,
    left: (item.left ?? size) as number,
    now: item.now ?? item.home,
    cleanliness: item.cleanliness as ItemDraft["cleanliness"],
    askBackOn: null,
  };
}

/** What describes a thing; how it is changes by acts of its own. */
export function toDescription({ item }: ItemTold, before: Item | null): Schemas["ItemDescription"] {
  const { openedOn, left, now, cleanliness, decant, ...described } = item;
  return {
    ...described,
    currency: item.price === null ? null : (item.currency?.toUpperCase() ?? null),
    // Whoever is left as she was is told by id: a name may have been erased.
    onlyForId: before && before.onlyFor === item.onlyFor ? before.onlyForId : null,
    decant: decant.container
      ? {
          container: decant.container as Schemas["DecantDraft"]["container"],
          size: decant.size as number,
          measures: ownMeasures(before),
        }
      : null,
  };
}

/** Of a decant's container, where somebody measured it. */
function ownMeasures(item: Item | null): Schemas["MeasuresDraft"] | null {
  if (!item?.decant || item.decant.measures.estimated) return null;
  const { estimated, ...measured } = item.decant.measures;
  return measured;
}

/** Another of the same: sealed, full, at home. */
export function another(item: Item): ItemDraft {
  const { decant } = item;
  return {
    madeOn: null,
    boughtOn: null,
    openedOn: null,
    printedExpiry: null,
    home: item.home,
    personal: item.personal,
    note: item.note,
    onlyFor: item.onlyFor,
    onlyForId: item.onlyForId,
    favourite: item.favourite,
    rare: item.rare,
    brushSet: item.brushSet,
    decant: decant && {
      container: decant.container,
      size: decant.size,
      measures: ownMeasures(item),
    },
    left: item.size,
    now: item.home,
    cleanliness: "clean",
    batch: "",
    price: null,
    currency: null,
    askBackOn: null,
  };
}

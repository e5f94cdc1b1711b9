import { usePlaces } from "../../api/kit";
import { DateField } from "../../parts/DateField";
import { FIELDS, type Fold, listed } from "../../parts/Folds";
import { fieldsOf, hasFault } from "../../parts/typed";
import { PersonField } from "../../person/PersonField";
import { SelectField, TextField, Tick } from "../../ui/Field";
import { choices, word } from "../../words/codes";
import { placeChoices, placePath } from "../../words/items";
import { CLASSES, CLEANLINESS, FORMS } from "../../words/lists";
import { ItemNames } from "./ItemNames";
import type { ItemFormOf } from "./itemForm";

const UNITS = [
  { value: "ml", word: "ml" },
  { value: "g", word: "g" },
  { value: "piece", word: "pieces" },
];

export function useWhat(form: ItemFormOf, isLine: boolean): Fold {
  const field = fieldsOf(form);
  const product = form.watch("product");
  return {
    title: "What it is",
    told: listed([
      [product.maker, product.name, product.shade].filter(Boolean).join(" "),
      product.productClass && word(product.productClass),
      product.form && word(product.form),
      product.content && `${product.content} ${word(product.unit)}`,
    ]),
    hasFault: hasFault(form, "product", [
      "name",
      "maker",
      "shade",
      "productClass",
      "form",
      "content",
      "unit",
      "brushes",
    ]),
    fields: (
      <div className={FIELDS}>
        <ItemNames form={form} />
        {!isLine && <TextField label="Shade" {...field("product.shade")} />}
        <SelectField
          label="What it is for"
          empty="Choose"
          choices={choices(CLASSES)}
          {...field("product.productClass")}
        />
        <SelectField
          label="Form"
          empty="Choose"
          choices={choices(FORMS)}
          {...field("product.form")}
        />
        <div className="grid grid-cols-[1fr_7rem] items-start gap-2">
          <TextField label="A full pack holds" inputMode="decimal" {...field("product.content")} />
          <SelectField label="Unit" choices={UNITS} {...field("product.unit")} />
        </div>
        {product.productClass === "brush-set" && (
          <TextField
            label="Brushes in it"
            hint="1 to 200"
            inputMode="numeric"
            {...field("product.brushes")}
          />
        )}
      </div>
    ),
  };
}

/** How a new one is; of one that is there it is told by what is done with it. */
export function useNow(form: ItemFormOf, isThere: boolean): Fold[] {
  const field = fieldsOf(form);
  const places = usePlaces();
  const item = form.watch("item");
  const unit = form.watch("product.unit");
  if (isThere) return [];
  return [
    {
      title: "Now",
      told: listed([
        item.left ? `${item.left} ${word(unit)} left` : "full",
        item.openedOn ? `opened ${item.openedOn}` : "sealed",
        item.now && `in ${placePath(item.now, places)}`,
        word(item.cleanliness),
      ]),
      hasFault: hasFault(form, "item", ["left", "openedOn", "now", "cleanliness"]),
      fields: (
        <div className={FIELDS}>
          <TextField
            label="Left in it"
            hint="empty: full"
            inputMode="decimal"
            {...field("item.left")}
          />
          <DateField
            control={form.control}
            name="item.openedOn"
            meant="began"
            label="Opened on"
            hint="empty: sealed"
          />
          <SelectField
            label="Now in"
            empty="where it belongs"
            choices={placeChoices(places)}
            {...field("item.now")}
          />
          <SelectField
            label="Cleanliness"
            choices={choices(CLEANLINESS)}
            {...field("item.cleanliness")}
          />
        </div>
      ),
    },
  ];
}

export function useBelongs(form: ItemFormOf): Fold {
  const field = fieldsOf(form);
  const places = usePlaces();
  const item = form.watch("item");
  const { register } = form;
  return {
    title: "Where and whose",
    told: listed([
      item.home ? placePath(item.home, places) : "no home yet",
      item.onlyFor && `only for ${item.onlyFor}`,
      item.brushSet && `of ${item.brushSet}`,
      item.personal && "my own, never for others",
      item.favourite && "a favourite",
      item.rare && "rare but needed",
    ]),
    hasFault: hasFault(form, "item", ["home", "onlyFor", "brushSet"]),
    fields: (
      <div className="flex flex-col gap-4">
        <div className={FIELDS}>
          <SelectField
            label="Home"
            empty="none yet"
            choices={placeChoices(places)}
            {...field("item.home")}
          />
          <PersonField label="Only for" hint="one person" {...field("item.onlyFor")} />
          <TextField label="Brush set" {...field("item.brushSet")} />
        </div>
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          <Tick label="My own, never for others" {...register("item.personal")} />
          <Tick label="A favourite" {...register("item.favourite")} />
          <Tick label="Rare but needed" {...register("item.rare")} />
        </div>
      </div>
    ),
  };
}

import { Controller } from "react-hook-form";
import { DateField } from "../../parts/DateField";
import { FIELDS, type Fold, listed } from "../../parts/Folds";
import { fieldsOf, hasFault } from "../../parts/typed";
import { SelectField, TextArea, TextField, Ticks } from "../../ui/Field";
import { choices, needWord, roleWord, word } from "../../words/codes";
import { CLASSES, CONTAINERS, COVERAGES, FINISHES, OUTLINES, TRAITS } from "../../words/lists";
import { rolesFor } from "../../words/roles";
import type { ItemFormOf } from "./itemForm";
import { readShades } from "./shadeLines";

export function useLook(form: ItemFormOf, isLine: boolean): Fold {
  const field = fieldsOf(form);
  const product = form.watch("product");
  return {
    title: "Colour and skin",
    told: listed([
      product.colour && `colour ${product.colour}`,
      product.depth && `suits skin depth ${product.depth}`,
      product.shades &&
        `in one pack: ${readShades(product.shades)
          .shades.map(({ name }) => name)
          .join(", ")}`,
      product.finish && `${word(product.finish)} finish`,
      product.coverage && `${word(product.coverage)} coverage`,
      product.spf && `SPF ${product.spf}`,
    ]),
    hasFault: hasFault(form, "product", ["colour", "depth", "shades", "finish", "coverage", "spf"]),
    fields: (
      <div className={FIELDS}>
        {!isLine && (
          <TextField label="Shade colour" hint="like #c49a78" {...field("product.colour")} />
        )}
        {!isLine && (
          <TextField
            label="Suits skin depth"
            hint="1 light to 10 deep"
            inputMode="decimal"
            {...field("product.depth")}
          />
        )}
        <SelectField
          label="Finish"
          empty="not set"
          choices={choices(FINISHES)}
          {...field("product.finish")}
        />
        <SelectField
          label="Coverage"
          empty="not set"
          choices={choices(COVERAGES)}
          {...field("product.coverage")}
        />
        <TextField label="Sun protection factor" inputMode="numeric" {...field("product.spf")} />
        {!isLine && (
          <div className="col-span-full">
            <TextArea
              label="Shades in one pack"
              hint="of a wheel or palette, one a line: name, #colour, skin depth"
              placeholder={"fair, #f2d6c0, 2\ntan, #b98a64, 6"}
              {...field("product.shades")}
            />
          </div>
        )}
      </div>
    ),
  };
}

export function useTraits(form: ItemFormOf): Fold {
  const { traits, alsoServes, productClass, roles } = form.watch("product");
  const offered = rolesFor([productClass, ...alsoServes], roles);
  return {
    title: "Traits",
    told: listed([
      ...traits.map(word),
      roles.length > 0 && `its colour is for ${roles.map(needWord).join("; ")}`,
      alsoServes.length > 0 && `also for ${alsoServes.map(word).join(" and ")}`,
    ]),
    hasFault: hasFault(form, "product", ["traits", "alsoServes", "roles"]),
    fields: (
      <div className="flex flex-col gap-4">
        <Controller
          control={form.control}
          name="product.traits"
          render={({ field: { value, onChange } }) => (
            <Ticks legend="It is" choices={choices(TRAITS)} chosen={value} onChange={onChange} />
          )}
        />
        {offered.length > 0 && (
          <Controller
            control={form.control}
            name="product.roles"
            render={({ field: { value, onChange } }) => (
              <Ticks
                legend="Its colour is for, where colour and name don’t tell"
                choices={offered.map((role) => ({ value: role, word: roleWord(role) }))}
                chosen={value}
                onChange={onChange}
              />
            )}
          />
        )}
        <Controller
          control={form.control}
          name="product.alsoServes"
          render={({ field: { value, onChange } }) => (
            <FurtherUses chosen={value} onChange={onChange} />
          )}
        />
      </div>
    ),
  };
}

export function useDates(form: ItemFormOf): Fold {
  const field = fieldsOf(form);
  const item = form.watch("item");
  const months = form.watch("product.periodAfterOpening");
  return {
    title: "Dates",
    told: listed([
      months && `${months} months after opening`,
      item.printedExpiry && `printed expiry ${item.printedExpiry}`,
      item.madeOn && `made ${item.madeOn}`,
      item.boughtOn && `bought ${item.boughtOn}`,
    ]),
    hasFault:
      hasFault(form, "product", ["periodAfterOpening"]) ||
      hasFault(form, "item", ["printedExpiry", "madeOn", "boughtOn"]),
    fields: (
      <div className={FIELDS}>
        <TextField
          label="Months after opening"
          hint="open-jar sign"
          inputMode="numeric"
          {...field("product.periodAfterOpening")}
        />
        <DateField
          control={form.control}
          name="item.printedExpiry"
          meant="ends"
          label="Printed expiry"
        />
        <DateField control={form.control} name="item.madeOn" meant="began" label="Made on" />
        <DateField control={form.control} name="item.boughtOn" meant="began" label="Bought on" />
      </div>
    ),
  };
}

export function usePack(form: ItemFormOf, isLine: boolean): Fold {
  const field = fieldsOf(form);
  const item = form.watch("item");
  const product = form.watch("product");
  return {
    title: "Pack and price",
    told: listed([
      product.packCode && `pack code ${product.packCode}`,
      item.batch && `batch ${item.batch}`,
      item.price && `${item.price} ${item.currency}`,
      product.wattHours && `battery ${product.wattHours} Wh`,
    ]),
    hasFault:
      hasFault(form, "product", ["packCode", "wattHours"]) ||
      hasFault(form, "item", ["batch", "price", "currency"]),
    fields: (
      <div className={FIELDS}>
        {!isLine && (
          <TextField
            label="Pack code"
            hint="under the barcode"
            inputMode="numeric"
            data-takes-codes=""
            {...field("product.packCode")}
          />
        )}
        <TextField label="Batch" {...field("item.batch")} />
        <TextField label="Price" inputMode="decimal" {...field("item.price")} />
        <TextField label="Currency" hint="like EUR" maxLength={3} {...field("item.currency")} />
        <TextField label="Battery" hint="Wh" inputMode="decimal" {...field("product.wattHours")} />
      </div>
    ),
  };
}

export function useDecant(form: ItemFormOf): Fold {
  const field = fieldsOf(form);
  const { container, size } = form.watch("item.decant");
  const unit = form.watch("product.unit");
  return {
    title: "Container",
    told: container ? `decanted into: ${word(container)}, ${size} ${word(unit)}` : "its own pack",
    hasFault: hasFault(form, "item", ["decant"]),
    fields: (
      <div className={FIELDS}>
        <SelectField
          label="Decanted into"
          empty="its own pack"
          choices={choices(CONTAINERS)}
          {...field("item.decant.container")}
        />
        {container && (
          <TextField
            label={`The ${word(container)} holds`}
            inputMode="decimal"
            {...field("item.decant.size")}
          />
        )}
      </div>
    ),
  };
}

export function useMeasures(form: ItemFormOf): Fold {
  const field = fieldsOf(form);
  const measures = form.watch("product.measures");
  return {
    title: "Outer measures",
    told: measures.outline
      ? `${measures.widthMm} × ${measures.depthMm} × ${measures.heightMm} mm, ${measures.massG} g, of a full pack`
      : "estimated from form and size",
    hasFault: hasFault(form, "product", ["measures"]),
    fields: (
      <div className="grid grid-cols-5 items-start gap-4 max-hand:grid-cols-2">
        <SelectField
          label="From above"
          empty="estimate"
          choices={choices(OUTLINES)}
          {...field("product.measures.outline")}
        />
        <TextField label="Width" hint="mm" {...field("product.measures.widthMm")} />
        <TextField label="Depth" hint="mm" {...field("product.measures.depthMm")} />
        <TextField label="Height" hint="mm" {...field("product.measures.heightMm")} />
        <TextField label="Weighs" hint="g" {...field("product.measures.massG")} />
      </div>
    ),
  };
}

export function useNote(form: ItemFormOf): Fold {
  const field = fieldsOf(form);
  return {
    title: "Note",
    told: form.watch("item.note"),
    hasFault: hasFault(form, "item", ["note"]),
    fields: <TextArea label="Note" {...field("item.note")} />,
  };
}

/** "Cheek and lip": what else it is for, added one by one and taken away by pressing it. */
function FurtherUses({ chosen, onChange }: { chosen: string[]; onChange: (to: string[]) => void }) {
  return (
    <div className="flex max-w-4xl flex-wrap items-end gap-2">
      <div className="w-64 max-hand:w-full">
        <SelectField
          label="Also for"
          hint="as for cheek and lip"
          empty="nothing else"
          choices={choices(CLASSES.filter((one) => !chosen.includes(one)))}
          value=""
          onChange={(event) => onChange([...chosen, event.target.value])}
        />
      </div>
      {chosen.map((one) => (
        <button
          key={one}
          type="button"
          aria-label={`Not for ${word(one)}`}
          onClick={() => onChange(chosen.filter((other) => other !== one))}
          className="min-h-9 rounded border border-line px-3 hover:bg-lit max-hand:min-h-11"
        >
          {word(one)} ×
        </button>
      ))}
    </div>
  );
}

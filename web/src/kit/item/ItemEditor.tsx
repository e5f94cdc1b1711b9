import type { ReactNode } from "react";
import { Controller, type FieldPath, type UseFormReturn } from "react-hook-form";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { useEarlier, usePlaces } from "../../api/kit";
import { Sentence } from "../../parts/Sentence";
import { PersonField } from "../../person/PersonField";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField, TextArea, TextField, Ticks } from "../../ui/Field";
import { choices, word } from "../../words/codes";
import { placeChoices } from "../../words/items";
import {
  CLASSES,
  CLEANLINESS,
  CONTAINERS,
  COVERAGES,
  FINISHES,
  FORMS,
  OUTLINES,
  TRAITS,
} from "../../words/lists";
import type { ItemForm } from "./itemForm";

type EditorProps = {
  title: string;
  form: UseFormReturn<ItemForm>;
  onSave: () => void;
  action: string;
  back: string;
  /** What stands between the product and the rest. */
  children?: ReactNode;
  /** Whether one shade is described, or a whole line. */
  isLine?: boolean;
  /** Whether it is in the kit already: how it is now is said by what is done with it. */
  isThere?: boolean;
};

const UNITS = [
  { value: "ml", word: "millilitres" },
  { value: "g", word: "grams" },
  { value: "piece", word: "pieces" },
];

/** What a thing is, how much of it there is, where it belongs; the rarer facts are folded away. */
export function ItemEditor({
  title,
  form,
  onSave,
  action,
  back,
  children,
  isLine,
  isThere,
}: EditorProps) {
  const { control, formState, register } = form;
  const field = useFields(form);
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        // A fault the server told at a field of its own would hold the next try back.
        form.clearErrors();
        onSave();
      }}
      className="flex flex-col gap-6"
    >
      <Sentence>{title}</Sentence>
      <div className={GRID}>
        <Names form={form} />
        {!isLine && <TextField label="Shade" {...field("product.shade")} />}
        <SelectField
          label="What it is for"
          choices={choices(CLASSES)}
          {...field("product.productClass")}
        />
        <SelectField label="Form" choices={choices(FORMS)} {...field("product.form")} />
        {!isLine && (
          <TextField label="Shade colour" hint="like #c49a78" {...field("product.colour")} />
        )}
        <TextField label="A full pack holds" inputMode="decimal" {...field("product.content")} />
        <SelectField label="Measured in" choices={UNITS} {...field("product.unit")} />
        {!isThere && (
          <TextField
            label="Left in it"
            hint="empty: full"
            inputMode="decimal"
            {...field("item.left")}
          />
        )}
        {!isLine && (
          <TextField
            label="Suits skin depth"
            hint="1 light to 10 deep"
            inputMode="decimal"
            {...field("product.depth")}
          />
        )}
        {!isThere && <TextField label="Opened on" type="date" {...field("item.openedOn")} />}
        <TextField
          label="Months after opening"
          hint="open-jar sign"
          inputMode="numeric"
          {...field("product.periodAfterOpening")}
        />
        <TextField label="Printed expiry" type="date" {...field("item.printedExpiry")} />
        <PlaceField label="Home" empty="none yet" {...field("item.home")} />
        {!isThere && <PlaceField label="Now in" empty="nobody knows" {...field("item.now")} />}
        {!isThere && (
          <SelectField
            label="Cleanliness"
            choices={choices(CLEANLINESS)}
            {...field("item.cleanliness")}
          />
        )}
      </div>
      {children}
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <Tick label="My own, never for others" {...register("item.personal")} />
        <Tick label="A favourite" {...register("item.favourite")} />
        <Tick label="Rare but needed" {...register("item.rare")} />
      </div>
      <Controller
        control={control}
        name="product.traits"
        render={({ field: { value, onChange } }) => (
          <Ticks legend="It is" choices={choices(TRAITS)} chosen={value} onChange={onChange} />
        )}
      />
      <Controller
        control={control}
        name="product.alsoServes"
        render={({ field: { value, onChange } }) => (
          <FurtherUses chosen={value} onChange={onChange} />
        )}
      />
      <More form={form} isLine={isLine} />
      <div className="max-w-4xl">
        <TextArea label="Note" {...field("item.note")} />
      </div>
      <div className="flex gap-2">
        <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
          {action}
        </Button>
        <Link to={back} className={buttonLook("bare")}>
          Cancel
        </Link>
      </div>
    </form>
  );
}

const GRID = "grid max-w-4xl grid-cols-3 gap-4 max-hand:grid-cols-1";

/** A field's registration and its fault. */
function useFields({ register, getFieldState, formState }: UseFormReturn<ItemForm>) {
  return (name: FieldPath<ItemForm>) => ({
    ...register(name),
    fault: getFieldState(name, formState).error?.message,
  });
}

/** Maker and name; a line the kit has already fills in what its shades have in common. */
function Names({ form }: { form: UseFormReturn<ItemForm> }) {
  const field = useFields(form);
  const [name, maker] = form.watch(["product.name", "product.maker"]);
  const lines = useEarlier(name.trim() ? name : maker).data ?? [];
  const fill = (line: Schemas["EarlierLine"]) => {
    const { product } = form.getValues();
    form.setValue("product", {
      ...product,
      maker: line.maker,
      name: line.name,
      productClass: line.productClass,
      form: line.form,
      content: String(line.content),
      unit: line.unit,
      periodAfterOpening: line.periodAfterOpening === null ? "" : String(line.periodAfterOpening),
      finish: line.finish ?? "",
      coverage: line.coverage ?? "",
      spf: line.spf === null ? "" : String(line.spf),
      traits: line.traits,
      composition: line.composition,
    });
  };
  const fresh = lines.filter((line) => line.name !== name || line.maker !== maker).slice(0, 5);
  return (
    <>
      <TextField label="Name" autoComplete="off" {...field("product.name")} />
      <TextField label="Maker" autoComplete="off" {...field("product.maker")} />
      {fresh.length > 0 && (
        <div className="col-span-full -mt-2 flex flex-wrap items-center gap-1.5">
          <span className="text-soft text-sm">As before:</span>
          {fresh.map((line) => (
            <button
              key={`${line.maker} ${line.name}`}
              type="button"
              onClick={() => fill(line)}
              className="min-h-8 rounded-full border border-line px-3 text-sm hover:bg-lit max-hand:min-h-11"
            >
              {line.maker} {line.name}
            </button>
          ))}
        </div>
      )}
    </>
  );
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

type PlaceFieldProps = Omit<React.ComponentProps<typeof SelectField>, "choices">;

function PlaceField(props: PlaceFieldProps) {
  const places = usePlaces();
  return <SelectField {...props} choices={placeChoices(places)} />;
}

function Tick({ label, ...rest }: { label: string } & React.ComponentProps<"input">) {
  return (
    <label className="flex min-h-9 items-center gap-2 max-hand:min-h-11">
      <input type="checkbox" className="size-5 accent-ink" {...rest} />
      {label}
    </label>
  );
}

/** What is known of few things: folded away, but open where something stands in it. */
function More({ form, isLine }: { form: UseFormReturn<ItemForm>; isLine?: boolean | undefined }) {
  const field = useFields(form);
  const faults = form.formState.errors;
  const container = form.watch("item.decant.container");
  return (
    <details open={Boolean(container || faults.product?.measures || faults.item?.decant)}>
      <summary className="min-h-9 py-1.5 font-semibold">More about it</summary>
      <div className={`${GRID} pt-3`}>
        <SelectField
          label="Finish"
          empty="not said"
          choices={choices(FINISHES)}
          {...field("product.finish")}
        />
        <SelectField
          label="Coverage"
          empty="not said"
          choices={choices(COVERAGES)}
          {...field("product.coverage")}
        />
        <TextField label="Sun protection factor" inputMode="numeric" {...field("product.spf")} />
        {!isLine && (
          <TextField
            label="Pack code"
            hint="under the bars"
            inputMode="numeric"
            data-takes-codes=""
            {...field("product.packCode")}
          />
        )}
        <TextField label="Batch" {...field("item.batch")} />
        <TextField label="Bought on" type="date" {...field("item.boughtOn")} />
        <TextField label="Price" inputMode="decimal" {...field("item.price")} />
        <TextField label="Currency" hint="like EUR" maxLength={3} {...field("item.currency")} />
        <TextField label="Made on" type="date" {...field("item.madeOn")} />
        <PersonField label="Only for" hint="one person" {...field("item.onlyFor")} />
        <TextField label="Brush set" {...field("item.brushSet")} />
        <TextField label="Battery" hint="Wh" inputMode="decimal" {...field("product.wattHours")} />
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
      <fieldset className="pt-4">
        <legend className="font-semibold text-sm">
          Outer measures of a full pack{" "}
          <span className="font-normal text-soft">
            left out, they are estimated from form and size
          </span>
        </legend>
        <div className="grid max-w-4xl grid-cols-5 gap-4 pt-1 max-hand:grid-cols-2">
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
      </fieldset>
    </details>
  );
}

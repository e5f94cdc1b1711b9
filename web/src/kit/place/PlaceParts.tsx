import { useState } from "react";
import { Controller } from "react-hook-form";
import { usePlaces } from "../../api/kit";
import { FIELDS, type Fold, Folds, listed } from "../../parts/Folds";
import { fieldsOf, hasFault } from "../../parts/typed";
import { PersonField } from "../../person/PersonField";
import { SelectField, TextArea, TextField, Tick, Ticks } from "../../ui/Field";
import { choices, word } from "../../words/codes";
import { placeChoices, placePath } from "../../words/items";
import { PLACE_KINDS, SECTIONS } from "../../words/lists";
import { PLACE_USES } from "../../words/trailer";
import { BoxDrawing } from "./BoxDrawing";
import type { PlaceFormOf } from "./placeForm";

type PartsProps = { id: string; form: PlaceFormOf };

/** What a place is, how large, whether it has slots, what it is for. */
export function PlaceParts({ id, form }: PartsProps) {
  const [open, setOpen] = useState<number | null>(0);
  const folds = [useWhat(form, id), useMeasures(form), useSlots(form), useFor(form)];
  return <Folds folds={folds} tries={form.formState.submitCount} open={open} onOpen={setOpen} />;
}

function useWhat(form: PlaceFormOf, id: string): Fold {
  const field = fieldsOf(form);
  const places = usePlaces();
  const place = form.watch("place");
  const others = placeChoices(
    places,
    [...places.keys()].filter((one) => one !== id),
  );
  return {
    title: "What it is",
    told: listed([
      place.name,
      word(place.kind),
      place.parent && `in ${placePath(place.parent, places)}`,
      place.home && `belongs in ${placePath(place.home, places)}`,
    ]),
    hasFault: hasFault(form, "place", ["name", "kind", "parent", "home", "reach"]),
    fields: (
      <div className={FIELDS}>
        <TextField label="Name" {...field("place.name")} />
        <SelectField label="Kind" choices={choices(PLACE_KINDS)} {...field("place.kind")} />
        <SelectField
          label="Lies in"
          empty="nothing: it stands on its own"
          choices={others}
          {...field("place.parent")}
        />
        <SelectField
          label="Belongs in"
          empty="nothing in particular"
          choices={others}
          {...field("place.home")}
        />
        <TextField
          label="Order of reach"
          hint="1 is opened first"
          inputMode="numeric"
          {...field("place.reach")}
        />
      </div>
    ),
  };
}

function useMeasures(form: PlaceFormOf): Fold {
  const field = fieldsOf(form);
  const place = form.watch("place");
  const inner = [place.innerWidthMm, place.innerDepthMm, place.innerHeightMm].filter(Boolean);
  return {
    title: "Measures",
    told: listed([
      inner.length > 0 ? `${inner.join(" × ")} mm inside` : "not measured",
      inner.length > 0 && place.estimated && "estimated",
      place.ownMassG !== "0" && place.ownMassG && `weighs ${place.ownMassG} g empty`,
      place.greatestMassG && `may weigh ${place.greatestMassG} g in all`,
    ]),
    hasFault: hasFault(form, "place", [
      "innerWidthMm",
      "innerDepthMm",
      "innerHeightMm",
      "ownMassG",
      "greatestMassG",
    ]),
    fields: (
      <div className="flex flex-col gap-4">
        <div className={FIELDS}>
          <TextField
            label="Inner width"
            hint="mm"
            inputMode="numeric"
            {...field("place.innerWidthMm")}
          />
          <TextField
            label="Inner depth"
            hint="mm"
            inputMode="numeric"
            {...field("place.innerDepthMm")}
          />
          <TextField
            label="Inner height"
            hint="mm"
            inputMode="numeric"
            {...field("place.innerHeightMm")}
          />
          <TextField
            label="Weighs empty"
            hint="g"
            inputMode="numeric"
            {...field("place.ownMassG")}
          />
          <TextField
            label="May weigh in all"
            hint="g"
            inputMode="numeric"
            {...field("place.greatestMassG")}
          />
          <Tick label="Sizes are estimated" {...form.register("place.estimated")} />
        </div>
        <BoxDrawing
          width={millimetres(place.innerWidthMm)}
          depth={millimetres(place.innerDepthMm)}
          height={millimetres(place.innerHeightMm)}
          slots={millimetres(place.slotCount)}
        />
      </div>
    ),
  };
}

/** As far as it is a number already. */
function millimetres(typed: string): number | null {
  const number = Number(typed);
  return typed.trim() && Number.isFinite(number) && number > 0 ? number : null;
}

function useSlots(form: PlaceFormOf): Fold {
  const { register, formState } = form;
  const place = form.watch("place");
  const faults = formState.errors.place;
  // The server speaks of the slots as a whole.
  const whole = (faults as { slots?: { message?: string } } | undefined)?.slots?.message;
  const each = [place.slotWidthMm, place.slotDepthMm, place.slotHeightMm].filter(Boolean);
  return {
    title: "Slots",
    told: place.slotCount
      ? listed([`${place.slotCount} slots`, each.length > 0 && `${each.join(" × ")} mm each`])
      : "none: items lie freely",
    hasFault: Boolean(
      whole ||
        faults?.slotCount ||
        faults?.slotWidthMm ||
        faults?.slotDepthMm ||
        faults?.slotHeightMm,
    ),
    fields: (
      <div className="grid grid-cols-4 items-start gap-4 max-hand:grid-cols-2">
        <TextField
          label="How many"
          hint="empty: none"
          inputMode="numeric"
          fault={faults?.slotCount?.message ?? whole}
          {...register("place.slotCount")}
        />
        <TextField
          label="Width"
          hint="mm"
          fault={faults?.slotWidthMm?.message}
          {...register("place.slotWidthMm")}
        />
        <TextField
          label="Depth"
          hint="mm"
          fault={faults?.slotDepthMm?.message}
          {...register("place.slotDepthMm")}
        />
        <TextField
          label="Height"
          hint="mm"
          fault={faults?.slotHeightMm?.message}
          {...register("place.slotHeightMm")}
        />
      </div>
    ),
  };
}

const TICKS = [
  { name: "portable", label: "Can be carried" },
  { name: "sealed", label: "Closes tightly" },
  { name: "windowed", label: "Has a window" },
  { name: "worn", label: "Is worn" },
] as const;

function useFor(form: PlaceFormOf): Fold {
  const field = fieldsOf(form);
  const place = form.watch("place");
  return {
    title: "What for",
    told: listed([
      place.section && `laid out for ${word(place.section)}`,
      place.allowed.length > 0 && `only for ${place.allowed.map(word).join(", ")}`,
      place.use && `for ${PLACE_USES[place.use as keyof typeof PLACE_USES]}`,
      place.performer && `section of ${place.performer}`,
      ...TICKS.filter(({ name }) => place[name]).map(({ label }) => label.toLowerCase()),
      place.note,
    ]),
    hasFault: hasFault(form, "place", ["section", "allowed", "performer", "use", "note"]),
    fields: (
      <div className="flex flex-col gap-4">
        <div className={FIELDS}>
          <SelectField
            label="Laid out for"
            empty="anything"
            choices={choices(SECTIONS)}
            {...field("place.section")}
          />
          <SelectField
            label="Serves for"
            empty="working from it"
            choices={Object.entries(PLACE_USES).map(([value, word]) => ({ value, word }))}
            {...field("place.use")}
          />
          <PersonField label="Section of" hint="a performer" {...field("place.performer")} />
        </div>
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          {TICKS.map(({ name, label }) => (
            <Tick key={name} label={label} {...form.register(`place.${name}`)} />
          ))}
        </div>
        <Controller
          control={form.control}
          name="place.allowed"
          render={({ field: { value, onChange } }) => (
            <Ticks
              legend="Only for (nothing chosen: for anything)"
              choices={choices(SECTIONS)}
              chosen={value}
              onChange={onChange}
            />
          )}
        />
        <TextArea label="Note" {...field("place.note")} />
      </div>
    ),
  };
}

import { useState } from "react";
import { Controller, useForm } from "react-hook-form";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import { type Place, Problem } from "../../api/client";
import { usePlaceList, usePlaces } from "../../api/kit";
import { Sentence } from "../../parts/Sentence";
import { PersonField } from "../../person/PersonField";
import { Button, buttonLook } from "../../ui/Button";
import { ChangedElsewhere } from "../../ui/ChangedElsewhere";
import { SelectField, TextArea, TextField, Ticks } from "../../ui/Field";
import { numberOrNull, orNull, showFaults } from "../../ui/faults";
import { choices } from "../../words/codes";
import { placePath } from "../../words/items";
import { PLACE_KINDS, SECTIONS } from "../../words/lists";
import { decimal } from "../../words/quantities";

type PlaceForm = {
  place: Record<
    | "parent"
    | "name"
    | "kind"
    | "reach"
    | "innerWidthMm"
    | "innerDepthMm"
    | "innerHeightMm"
    | "ownMassG"
    | "greatestMassG"
    | "section"
    | "home"
    | "slotCount"
    | "slotWidthMm"
    | "slotDepthMm"
    | "slotHeightMm"
    | "performer"
    | "note",
    string
  > & {
    portable: boolean;
    sealed: boolean;
    windowed: boolean;
    worn: boolean;
    allowed: string[];
  };
};

const text = (value: string | number | null | undefined) => (value == null ? "" : String(value));

function fromPlace(place: Partial<Place>): PlaceForm {
  return {
    place: {
      parent: text(place.parent),
      name: text(place.name),
      kind: place.kind ?? "drawer",
      portable: place.portable ?? false,
      reach: text(place.reach ?? 1),
      innerWidthMm: text(place.innerWidthMm),
      innerDepthMm: text(place.innerDepthMm),
      innerHeightMm: text(place.innerHeightMm),
      ownMassG: text(place.ownMassG ?? 0),
      greatestMassG: text(place.greatestMassG),
      section: text(place.section),
      home: text(place.home),
      slotCount: text(place.slots?.count),
      slotWidthMm: text(place.slots?.widthMm),
      slotDepthMm: text(place.slots?.depthMm),
      slotHeightMm: text(place.slots?.heightMm),
      performer: text(place.performer),
      note: text(place.note),
      sealed: place.sealed ?? false,
      windowed: place.windowed ?? false,
      worn: place.worn ?? false,
      allowed: place.allowed ?? [],
    },
  };
}

function toDraft({ place }: PlaceForm, before: Partial<Place>) {
  const name = place.kind === "lent" ? "name" : "performer";
  return {
    parent: orNull(place.parent),
    name: place.name,
    kind: place.kind,
    portable: place.portable,
    reach: numberOrNull(place.reach) ?? 1,
    innerWidthMm: numberOrNull(place.innerWidthMm),
    innerDepthMm: numberOrNull(place.innerDepthMm),
    innerHeightMm: numberOrNull(place.innerHeightMm),
    ownMassG: numberOrNull(place.ownMassG) ?? 0,
    greatestMassG: numberOrNull(place.greatestMassG),
    section: orNull(place.section),
    home: orNull(place.home),
    slots: place.slotCount.trim()
      ? {
          count: decimal(place.slotCount) as number,
          widthMm: numberOrNull(place.slotWidthMm),
          depthMm: numberOrNull(place.slotDepthMm),
          heightMm: numberOrNull(place.slotHeightMm),
        }
      : null,
    sealed: place.sealed,
    windowed: place.windowed,
    worn: place.worn,
    allowed: place.allowed,
    performer: orNull(place.performer),
    thing: before.thing ?? null,
    note: place.note,
    // Whoever is left as she was is told by id: a name may have been erased.
    personId: before.personId && before[name] === place[name] ? before.personId : null,
  };
}

const TICKS = [
  { name: "portable", label: "Can be carried" },
  { name: "sealed", label: "Closes tightly" },
  { name: "windowed", label: "Has a window" },
  { name: "worn", label: "Is worn" },
] as const;

/** A new place, in another one or alone. */
export function PlaceNew() {
  const [search] = useSearchParams();
  const [id] = useState(() => crypto.randomUUID() as string);
  return (
    <Editor id={id} start={{ parent: search.get("in") }} title="A new place." version={null} />
  );
}

/** A place that is there already. */
export function PlaceEdit() {
  const { id = "" } = useParams();
  const { isPending } = usePlaceList();
  const place = usePlaces().get(id);
  if (!place) {
    return (
      <Sentence>
        {isPending ? "Fetching it…" : "There is no such place. Look it up again."}
      </Sentence>
    );
  }
  return <Editor id={id} start={place} title={`Edit ${place.name}.`} version={place.version} />;
}

type EditorProps = { id: string; start: Partial<Place>; title: string; version: number | null };

function Editor({ id, start, title, version }: EditorProps) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const places = usePlaces();
  const [base, setBase] = useState(version);
  const [theirs, setTheirs] = useState<Place | null>(null);
  const form = useForm<PlaceForm>({ defaultValues: fromPlace(start) });
  const { register, formState } = form;
  const faults = formState.errors.place;
  const send = async (typed: PlaceForm, over: number | null) => {
    const place = toDraft(typed, start);
    try {
      await perform(
        over === null
          ? { path: "/api/places", body: { id, place }, done: `Added ${place.name}.` }
          : {
              method: "PUT",
              path: `/api/places/${id}`,
              body: { version: over, place },
              done: `Changed ${place.name}.`,
            },
      );
      navigate(`/kit/places/${id}`, { replace: true });
    } catch (thrown) {
      if (!(thrown instanceof Problem)) return;
      showFaults(thrown, form.setError);
      if (thrown.code === "changed-meanwhile") setTheirs(thrown.current as Place);
    }
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        form.clearErrors();
        return form.handleSubmit((typed) => send(typed, base))(event);
      }}
      className="flex max-w-4xl flex-col gap-6"
    >
      <Sentence>{title}</Sentence>
      {theirs && (
        <ChangedElsewhere
          what="place"
          onKeepMine={form.handleSubmit((typed) => send(typed, theirs.version))}
          onTakeTheirs={() => {
            form.reset(fromPlace(theirs));
            setBase(theirs.version);
            setTheirs(null);
          }}
        />
      )}
      <div className="grid grid-cols-3 gap-4 max-hand:grid-cols-1">
        <TextField label="Name" fault={faults?.name?.message} {...register("place.name")} />
        <SelectField label="Kind" choices={choices(PLACE_KINDS)} {...register("place.kind")} />
        <SelectField
          label="Lies in"
          empty="nothing, it stands alone"
          fault={faults?.parent?.message}
          choices={[...places.keys()]
            .filter((one) => one !== id)
            .map((one) => ({ value: one, word: placePath(one, places) }))}
          {...register("place.parent")}
        />
        <TextField
          label="Inner width"
          hint="mm"
          inputMode="numeric"
          fault={faults?.innerWidthMm?.message}
          {...register("place.innerWidthMm")}
        />
        <TextField
          label="Inner depth"
          hint="mm"
          inputMode="numeric"
          fault={faults?.innerDepthMm?.message}
          {...register("place.innerDepthMm")}
        />
        <TextField
          label="Inner height"
          hint="mm"
          inputMode="numeric"
          fault={faults?.innerHeightMm?.message}
          {...register("place.innerHeightMm")}
        />
        <TextField
          label="Weighs empty"
          hint="g"
          inputMode="numeric"
          fault={faults?.ownMassG?.message}
          {...register("place.ownMassG")}
        />
        <TextField
          label="May weigh in all"
          hint="g"
          inputMode="numeric"
          fault={faults?.greatestMassG?.message}
          {...register("place.greatestMassG")}
        />
        <TextField
          label="Order of reach"
          hint="1 is opened first"
          inputMode="numeric"
          fault={faults?.reach?.message}
          {...register("place.reach")}
        />
        <SelectField
          label="Laid out for"
          empty="anything"
          choices={choices(SECTIONS)}
          {...register("place.section")}
        />
        <SelectField
          label="Belongs in"
          empty="nothing in particular"
          fault={faults?.home?.message}
          choices={[...places.keys()]
            .filter((one) => one !== id)
            .map((one) => ({ value: one, word: placePath(one, places) }))}
          {...register("place.home")}
        />
        <PersonField label="Section of" hint="a performer" {...register("place.performer")} />
      </div>
      <fieldset>
        <legend className="font-semibold text-sm">Slots, where things do not lie freely</legend>
        <div className="grid grid-cols-4 gap-4 pt-1 max-hand:grid-cols-2">
          <TextField
            label="How many"
            inputMode="numeric"
            fault={(formState.errors.place as { slots?: { message?: string } })?.slots?.message}
            {...register("place.slotCount")}
          />
          <TextField label="Width" hint="mm" {...register("place.slotWidthMm")} />
          <TextField label="Depth" hint="mm" {...register("place.slotDepthMm")} />
          <TextField label="Height" hint="mm" {...register("place.slotHeightMm")} />
        </div>
      </fieldset>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        {TICKS.map(({ name, label }) => (
          <label key={name} className="flex min-h-9 items-center gap-2 max-hand:min-h-11">
            <input type="checkbox" className="size-5 accent-ink" {...register(`place.${name}`)} />
            {label}
          </label>
        ))}
      </div>
      <Controller
        control={form.control}
        name="place.allowed"
        render={({ field }) => (
          <Ticks
            legend="Only for (nothing chosen: for anything)"
            choices={choices(SECTIONS)}
            chosen={field.value}
            onChange={field.onChange}
          />
        )}
      />
      <TextArea label="Note" fault={faults?.note?.message} {...register("place.note")} />
      <div className="flex gap-2">
        <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
          {base === null ? "Add the place" : "Save"}
        </Button>
        <Link to={base === null ? "/kit" : `/kit/places/${id}`} className={buttonLook("bare")}>
          Cancel
        </Link>
      </div>
    </form>
  );
}

import { useState } from "react";
import { Controller, useFieldArray, useFormContext } from "react-hook-form";
import type { Place } from "../api/client";
import { type PlaceMap, usePlaces } from "../api/kit";
import { DateField } from "../parts/DateField";
import { type Fold, Folds, listed } from "../parts/Folds";
import { Button } from "../ui/Button";
import { SelectField, TextField, Ticks } from "../ui/Field";
import { CONDITIONS, TRAVELS } from "../words/bookings";
import { choices, word } from "../words/codes";
import { KINDS_OF_WORK } from "../words/lists";
import { type BookingForm, type FaceForm, newGroup, pastedFaces } from "./bookingForm";
import { DayFields } from "./DayFields";
import { FaceFields } from "./FaceFields";
import { PasteNames } from "./PasteNames";
import { useProposal } from "./useProposal";

/** When and where, what it is like there, and the faces: each a sentence that opens. */
export function BookingParts() {
  const { formState } = useFormContext<BookingForm>();
  const [open, setOpen] = useState<number | null>(0);
  const [isPasting, setPasting] = useState(false);
  const { propose, nextFace } = useProposal();
  const when = useWhen((kind) => void propose(kind).catch(() => {}));
  const around = useAround();
  const faces = useFaces(() => setOpen(null));
  const folds = [when, around, ...faces.folds];
  return (
    <div className="flex flex-col gap-3">
      <Folds folds={folds} tries={formState.submitCount} open={open} onOpen={setOpen} />
      <div className="flex flex-wrap gap-2">
        <Button
          onClick={() => {
            faces.add(nextFace());
            setOpen(folds.length);
          }}
        >
          Add a face
        </Button>
        <Button
          onClick={() => {
            faces.add(newGroup());
            setOpen(folds.length);
          }}
        >
          Add a group
        </Button>
        <Button onClick={() => setPasting(true)}>Paste names</Button>
      </div>
      <PasteNames
        open={isPasting}
        onClose={() => setPasting(false)}
        onPaste={(text) => {
          faces.replaceBlank(pastedFaces(text, nextFace()));
          setPasting(false);
          setOpen(null);
        }}
      />
    </div>
  );
}

function useWhen(onKind: (kind: string) => void): Fold {
  const { control, register, watch, formState } = useFormContext<BookingForm>();
  const booking = watch("booking");
  const faults = formState.errors.booking;
  return {
    title: "When and where",
    told: listed([
      booking.title,
      [booking.firstDay, booking.lastDay].filter(Boolean).join(" to "),
      booking.callTime && `call ${booking.callTime}`,
      booking.location,
      booking.colleagues && `with ${booking.colleagues}`,
      booking.kind && word(booking.kind),
      booking.travel && word(booking.travel),
    ]),
    hasFault: Boolean(
      faults?.title ||
        faults?.firstDay ||
        faults?.lastDay ||
        faults?.callTime ||
        faults?.location ||
        faults?.colleagues ||
        faults?.days,
    ),
    fields: (
      <div className="grid grid-cols-[2fr_1fr_1fr_8rem] items-start gap-4 max-hand:grid-cols-1">
        <TextField label="Title" fault={faults?.title?.message} {...register("booking.title")} />
        <DateField control={control} name="booking.firstDay" meant="day" label="First day" />
        <DateField
          control={control}
          name="booking.lastDay"
          meant="day"
          label="Last day"
          hint="empty: one day"
        />
        <TextField
          label="Call time"
          hint="like 5:40"
          autoComplete="off"
          fault={faults?.callTime?.message}
          {...register("booking.callTime")}
        />
        <SelectField
          label="Kind of work"
          empty="not said"
          choices={choices(KINDS_OF_WORK)}
          {...register("booking.kind", { onChange: (event) => onKind(event.target.value) })}
        />
        <SelectField
          label="Travel"
          empty="not said"
          choices={choices(TRAVELS)}
          {...register("booking.travel")}
        />
        <div className="col-span-2 max-hand:col-span-1">
          <TextField
            label="Where"
            fault={faults?.location?.message}
            {...register("booking.location")}
          />
        </div>
        <div className="col-span-2 max-hand:col-span-1">
          <TextField
            label="Who else works"
            hint="artists, hair, assistants"
            fault={faults?.colleagues?.message}
            {...register("booking.colleagues")}
          />
        </div>
        <div className="col-span-4 max-hand:col-span-1">
          <DayFields />
        </div>
      </div>
    ),
  };
}

function useAround(): Fold {
  const { control, watch, formState } = useFormContext<BookingForm>();
  const places = usePlaces();
  const { conditions, bags: chosen } = watch("booking");
  const bags = [...places.values()].filter((place) => place.bag);
  const fault = formState.errors.booking?.bags?.message;
  return {
    title: "Conditions and bags",
    told: listed([
      ...conditions.map(word),
      ...chosen.map((bag) => places.get(bag)?.name),
      chosen.length === 0 && "no bag yet",
    ]),
    hasFault: Boolean(fault),
    fields: (
      <div className="flex flex-col gap-4">
        <Controller
          control={control}
          name="booking.conditions"
          render={({ field }) => (
            <Ticks
              legend="Conditions"
              choices={choices(CONDITIONS)}
              chosen={field.value}
              onChange={field.onChange}
            />
          )}
        />
        {bags.length === 0 && (
          <p className="text-soft">There is no bag yet: add a case or a bag among the places.</p>
        )}
        {bags.length > 0 && (
          <Controller
            control={control}
            name="booking.bags"
            render={({ field }) => (
              <Ticks
                legend="Bags, the first takes what fits nowhere else"
                choices={bags.map((bag) => ({ value: bag.id, word: bagName(bag, places) }))}
                chosen={field.value}
                onChange={field.onChange}
              />
            )}
          />
        )}
        {fault && <p className="text-sm text-stop">{fault}</p>}
      </div>
    ),
  };
}

/** With where it is kept, so that two belts can be told apart. */
function bagName({ name, parent }: Place, places: PlaceMap): string {
  const keptIn = places.get(parent ?? "");
  return keptIn ? `${name} (${keptIn.name})` : name;
}

/** The faces, in order of priority: who is served first when something is short. */
function useFaces(onRemoved: () => void) {
  const { control, watch, formState } = useFormContext<BookingForm>();
  const { fields, append, remove, replace } = useFieldArray({
    control,
    name: "booking.faces",
    keyName: "key",
  });
  const told = watch("booking.faces");
  const faults = formState.errors.booking?.faces;
  const folds = fields.map((field, index): Fold => {
    const face = told[index];
    return {
      key: field.key,
      title: face?.heads === "1" ? `Face ${index + 1}` : "Group",
      told: listed([
        face?.name || "no name yet",
        face && face.heads !== "1" && `${face.heads} people`,
        face?.depth
          ? `depth ${[face.depth, face.depthTo].filter(Boolean).join(" to ")}`
          : "depth not said",
        `${word(face?.skinType ?? "normal")} skin`,
        face && face.hair !== "unknown" && `${word(face.hair)} hair`,
        ...(face?.sensitivities ?? []).map(word),
        ...(face?.services ?? []).map(word),
      ]),
      hasFault: Boolean(faults?.[index]),
      fields: (
        <FaceFields
          index={index}
          onRemove={() => {
            remove(index);
            onRemoved();
          }}
        />
      ),
    };
  });
  /** Faces of which nothing is said yet give way to those that were pasted. */
  const replaceBlank = (faces: FaceForm[]) =>
    replace([...told.filter((face) => face.name.trim() || face.depth.trim()), ...faces]);
  return { folds, add: (face: FaceForm) => append(face), replaceBlank };
}

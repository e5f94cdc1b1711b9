import { useEffect } from "react";
import { Controller, useFormContext } from "react-hook-form";
import { called, usePeople } from "../api/person";
import { DepthField } from "../parts/DepthField";
import { PersonField } from "../person/PersonField";
import { Sensitive } from "../person/Sensitive";
import { Button } from "../ui/Button";
import { SelectField, TextField, Ticks } from "../ui/Field";
import { CONCERNS, EFFECTS, HAIRS, SERVICES, SKIN_TYPES, UNDERTONES } from "../words/bookings";
import { capital, choices, word } from "../words/codes";
import { SENSITIVITIES } from "../words/lists";
import type { BookingForm } from "./bookingForm";

type FaceFieldsProps = { index: number; onRemove: () => void };

/** Whom one face belongs to, what her skin is like, what is done to it. */
export function FaceFields({ index, onRemove }: FaceFieldsProps) {
  const { register, control, formState } = useFormContext<BookingForm>();
  const faults = formState.errors.booking?.faces?.[index];
  const face = `booking.faces.${index}` as const;
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-[2fr_2fr_1fr] items-start gap-4 max-hand:grid-cols-1">
        <FaceName index={index} fault={faults?.name?.message} />
        <DepthField control={control} name={`${face}.depth`} label="Skin depth" />
        <SelectField label="Skin" choices={choices(SKIN_TYPES)} {...register(`${face}.skinType`)} />
      </div>
      <FaceKnown index={index} />
      <FaceTicks index={index} name="services" legend="Services" codes={SERVICES} isPartOfThem />
      <FaceTicks index={index} name="sensitivities" legend="Sensitivities" codes={SENSITIVITIES} />
      <FaceTicks index={index} name="concerns" legend="Skin concerns" codes={CONCERNS} />
      <FaceMore index={index} />
      <Button onClick={onRemove} aria-label={`Leave face ${index + 1} out`} className="self-start">
        Remove this face
      </Button>
    </div>
  );
}

/** What her brows, her base and the amounts follow, and effects: seldom all of it is known. */
function FaceMore({ index }: { index: number }) {
  const { register, watch, formState } = useFormContext<BookingForm>();
  const face = `booking.faces.${index}` as const;
  const kind = watch("booking.kind");
  const faults = formState.errors.booking?.faces?.[index];
  return (
    <details open={Boolean(faults?.looksPerDay) || undefined}>
      <summary className="w-fit cursor-pointer py-1.5 text-soft underline max-hand:min-h-11">
        Hair, undertone, looks and effects
      </summary>
      <div className="flex flex-col gap-4 pt-2">
        <div className="grid grid-cols-3 items-start gap-4 max-hand:grid-cols-1">
          <SelectField
            label="Hair"
            hint="brows follow it"
            choices={HAIRS.map((code) => ({
              value: code,
              word: code === "unknown" ? "not known" : word(code),
            }))}
            {...register(`${face}.hair`)}
          />
          <SelectField
            label="Undertone"
            empty="not known"
            choices={choices(UNDERTONES)}
            {...register(`${face}.undertone`)}
          />
          <TextField
            label="Looks a day"
            inputMode="numeric"
            fault={faults?.looksPerDay?.message}
            {...register(`${face}.looksPerDay`)}
          />
        </div>
        <FaceTicks
          index={index}
          name="services"
          legend={kind === "effects" ? "Effects" : "Effects, if there are any"}
          codes={EFFECTS}
          isPartOfThem
        />
      </div>
    </details>
  );
}

/** Whoever goes by a known name is that person: what is known of her is taken over. */
function FaceName({ index, fault }: { index: number; fault: string | undefined }) {
  const { register, setValue, getValues, watch } = useFormContext<BookingForm>();
  const lines = usePeople().data?.people;
  const face = `booking.faces.${index}` as const;
  const typed = watch(`${face}.name`);
  const person = watch(`${face}.person`);
  // People may come to be known only after the name was typed.
  useEffect(() => {
    // Somebody who was erased stays whom the face was.
    if (!lines || lines.some((line) => line.person.id === person && line.person.erasedOn)) return;
    const known = called(
      typed,
      lines.map((line) => line.person),
    );
    if ((known?.id ?? null) === person) return;
    setValue(`${face}.person`, known?.id ?? null);
    if (!known) return;
    if (known.depth !== null) setValue(`${face}.depth`, String(known.depth));
    const told = getValues(`${face}.sensitivities`);
    setValue(`${face}.sensitivities`, [...new Set([...told, ...known.sensitivities])]);
  }, [typed, person, lines, face, setValue, getValues]);
  return (
    <PersonField
      label="Name"
      {...(person ? { hint: "known" } : {})}
      fault={fault}
      {...register(`${face}.name`)}
    />
  );
}

/** What is known of whoever the face is, below the fields it may differ from. */
function FaceKnown({ index }: { index: number }) {
  const { watch } = useFormContext<BookingForm>();
  const id = watch(`booking.faces.${index}.person`);
  const person = usePeople().data?.people.find((line) => line.person.id === id)?.person;
  if (!person) return null;
  return (
    <p className="text-sm">
      Known of {person.name}: <Sensitive person={person} />
    </p>
  );
}

type FaceTicksProps = {
  index: number;
  name: "services" | "sensitivities" | "concerns";
  legend: string;
  codes: readonly string[];
  /** Others are ticked elsewhere. */
  isPartOfThem?: boolean;
};

function FaceTicks({ index, name, legend, codes, isPartOfThem }: FaceTicksProps) {
  const { control } = useFormContext<BookingForm>();
  return (
    <Controller
      control={control}
      name={`booking.faces.${index}.${name}`}
      render={({ field }) => (
        <Ticks
          legend={legend}
          choices={(isPartOfThem ? codes : [...new Set([...codes, ...field.value])]).map(
            (code) => ({
              value: code,
              word: capital(word(code)),
            }),
          )}
          chosen={field.value}
          onChange={field.onChange}
        />
      )}
    />
  );
}

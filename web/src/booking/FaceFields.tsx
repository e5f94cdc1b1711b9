import { useEffect, useEffectEvent } from "react";
import { Controller, useFormContext } from "react-hook-form";
import { useBookings } from "../api/booking";
import { called, usePeople } from "../api/person";
import { useToday } from "../api/session";
import { PersonField } from "../person/PersonField";
import { Sensitive } from "../person/Sensitive";
import { Button } from "../ui/Button";
import { SelectField, TextField, Ticks } from "../ui/Field";
import { CONCERNS, EFFECTS, HAIRS, SERVICES } from "../words/bookings";
import { capital, word } from "../words/codes";
import { dateText, dateWithWeekday } from "../words/dates";
import { SENSITIVITIES } from "../words/lists";
import type { BookingForm } from "./bookingForm";
import { SkinFields } from "./SkinFields";
import { useBookingDays } from "./useBookingDays";

type FaceFieldsProps = { index: number; onRemove: () => void };

/** Whom one face belongs to, what her skin is like, what is done to it. */
export function FaceFields({ index, onRemove }: FaceFieldsProps) {
  const { register, watch, formState } = useFormContext<BookingForm>();
  const faults = formState.errors.booking?.faces?.[index];
  const face = `booking.faces.${index}` as const;
  const { heads, depthTo } = watch(face);
  const isGroup = heads !== "1" || depthTo !== "";
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-[2fr_1fr_1fr] items-start gap-4 max-hand:grid-cols-1">
        <FaceName index={index} fault={faults?.name?.message} />
        {isGroup && (
          <>
            <TextField
              label="How many"
              inputMode="numeric"
              fault={faults?.heads?.message}
              {...register(`${face}.heads`)}
            />
            <TextField
              label="Deepest of them"
              inputMode="decimal"
              fault={faults?.depthTo?.message}
              {...register(`${face}.depthTo`)}
            />
          </>
        )}
      </div>
      <FaceKnown index={index} />
      <SkinFields index={index} isGroup={isGroup} />
      <FaceTicks index={index} name="services" legend="Services" codes={SERVICES} isPartOfThem />
      <FaceTicks index={index} name="sensitivities" legend="Sensitivities" codes={SENSITIVITIES} />
      <AskedOn index={index} />
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
        Hair, days, looks and effects
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
          <TextField
            label="Looks a day"
            inputMode="numeric"
            fault={faults?.looksPerDay?.message}
            {...register(`${face}.looksPerDay`)}
          />
        </div>
        <DaysPresent index={index} />
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

/** No sensitivity is an answer only when she was asked. */
function AskedOn({ index }: { index: number }) {
  const { watch, setValue } = useFormContext<BookingForm>();
  const today = useToday();
  const face = `booking.faces.${index}` as const;
  const { askedOn, sensitivities } = watch(face);
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 text-sm">
      {askedOn
        ? `Asked on ${dateText(askedOn)}${sensitivities.length === 0 ? ": none known" : ""}.`
        : "Nobody has asked yet."}
      <Button kind="bare" onClick={() => setValue(`${face}.askedOn`, askedOn ? null : today)}>
        {askedOn ? "Not asked after all" : "Asked today"}
      </Button>
    </p>
  );
}

/** More days than these are no row of buttons any more. */
const MOST_DAYS = 31;

/** The days of a booking she is there; none chosen: all of them. */
function DaysPresent({ index }: { index: number }) {
  const { control } = useFormContext<BookingForm>();
  const days = useBookingDays();
  if (days.length < 2 || days.length > MOST_DAYS) return null;
  return (
    <Controller
      control={control}
      name={`booking.faces.${index}.daysPresent`}
      render={({ field }) => (
        <Ticks
          legend="Days there, none chosen: all of them"
          choices={days.map((day) => ({ value: day, word: dateWithWeekday(day) }))}
          chosen={field.value}
          onChange={field.onChange}
        />
      )}
    />
  );
}

/** Whoever goes by a known name is that person: what is known of her is taken over. */
function FaceName({ index, fault }: { index: number; fault: string | undefined }) {
  const { register, setValue, getValues, watch } = useFormContext<BookingForm>();
  const lines = usePeople().data?.people;
  const bookings = useBookings().data;
  const face = `booking.faces.${index}` as const;
  const typed = watch(`${face}.name`);
  const person = watch(`${face}.person`);
  const takeOver = useEffectEvent((who: string) => {
    const last = (bookings ?? [])
      .toReversed()
      .flatMap((booking) => booking.faces)
      .find((one) => one.person === who);
    if (!last) return;
    const now = getValues(face);
    // What was chosen here already stays.
    if (now.hair === "unknown") setValue(`${face}.hair`, last.hair);
    if (!now.undertone) setValue(`${face}.undertone`, last.undertone ?? "");
    if (!now.colour) setValue(`${face}.colour`, last.colour ?? "");
    if (!now.matches) setValue(`${face}.matches`, last.matches ?? "");
    if (now.skinType === "normal") setValue(`${face}.skinType`, last.skinType);
    if (now.concerns.length === 0) setValue(`${face}.concerns`, last.concerns);
    if (!now.askedOn) setValue(`${face}.askedOn`, last.askedOn);
  });
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
    takeOver(known.id);
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

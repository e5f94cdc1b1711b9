import { useEffect, useState } from "react";
import { Controller, FormProvider, useFieldArray, useForm, useFormContext } from "react-hook-form";
import { Link, useNavigate, useParams } from "react-router";
import { useActs } from "../api/acts";
import { useBooking } from "../api/booking";
import { type Booking, Problem } from "../api/client";
import { usePlaces } from "../api/kit";
import { called, usePeople } from "../api/person";
import { useToday } from "../api/session";
import { Sentence } from "../parts/Sentence";
import { PersonField } from "../person/PersonField";
import { Sensitive } from "../person/Sensitive";
import { Button, buttonLook } from "../ui/Button";
import { ChangedElsewhere } from "../ui/ChangedElsewhere";
import { SelectField, TextField, Ticks } from "../ui/Field";
import { showFaults } from "../ui/faults";
import { Without } from "../ui/Without";
import { capital, choices, word } from "../words/codes";
import { CONCERNS, CONDITIONS, SENSITIVITIES, SERVICES, SKIN_TYPES } from "../words/lists";
import { type BookingForm, emptyBooking, fromBooking, newFace, toDraft } from "./bookingForm";

export function BookingNew() {
  const today = useToday();
  const [id] = useState(() => crypto.randomUUID() as string);
  return <Editor id={id} start={emptyBooking(today)} booking={null} />;
}

export function BookingEdit() {
  const { id = "" } = useParams();
  const booking = useBooking(id);
  if (!booking.data) return <Without query={booking} waiting="Fetching it…" />;
  return <Editor id={id} start={fromBooking(booking.data)} booking={booking.data} />;
}

type EditorProps = { id: string; start: BookingForm; booking: Booking | null };

function Editor({ id, start, booking }: EditorProps) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const [base, setBase] = useState(booking?.version ?? null);
  const [theirs, setTheirs] = useState<Booking | null>(null);
  const form = useForm<BookingForm>({ defaultValues: start });
  const faults = form.formState.errors.booking;
  const send = async (typed: BookingForm, over: number | null) => {
    const draft = toDraft(typed);
    try {
      await perform(
        over === null
          ? { path: "/api/bookings", body: { id, booking: draft }, done: `Took ${draft.title}.` }
          : {
              method: "PUT",
              path: `/api/bookings/${id}`,
              body: { version: over, booking: draft },
              done: `Changed ${draft.title}.`,
            },
      );
      navigate(`/bookings/${id}`, { replace: true });
    } catch (thrown) {
      if (!(thrown instanceof Problem)) return;
      showFaults(thrown, form.setError);
      if (thrown.code === "changed-meanwhile") setTheirs(thrown.current as Booking);
    }
  };
  const callOff = async () => {
    await perform({
      path: `/api/bookings/${id}/call-off`,
      done: `${booking?.title ?? "The booking"} is called off.`,
    });
    navigate("/bookings", { replace: true });
  };
  return (
    <FormProvider {...form}>
      <form
        noValidate
        onSubmit={(event) => {
          form.clearErrors();
          return form.handleSubmit((typed) => send(typed, base))(event);
        }}
        className="flex max-w-5xl flex-col gap-6"
      >
        <Sentence>{booking ? `Edit ${booking.title}.` : "A new booking."}</Sentence>
        {theirs && (
          <ChangedElsewhere
            what="booking"
            onKeepMine={form.handleSubmit((typed) => send(typed, theirs.version))}
            onTakeTheirs={() => {
              form.reset(fromBooking(theirs));
              setBase(theirs.version);
              setTheirs(null);
            }}
          />
        )}
        <div className="grid grid-cols-[2fr_1fr_1fr_8rem] gap-4 max-hand:grid-cols-1">
          <TextField
            label="Title"
            fault={faults?.title?.message}
            {...form.register("booking.title")}
          />
          <TextField
            label="First day"
            type="date"
            fault={faults?.firstDay?.message}
            {...form.register("booking.firstDay")}
          />
          <TextField
            label="Last day"
            type="date"
            fault={faults?.lastDay?.message}
            {...form.register("booking.lastDay")}
          />
          <TextField
            label="Call time"
            type="time"
            fault={faults?.callTime?.message}
            {...form.register("booking.callTime")}
          />
        </div>
        <TextField
          label="Where"
          fault={faults?.location?.message}
          {...form.register("booking.location")}
        />
        <Controller
          control={form.control}
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
        <Bags />
        <Faces />
        <div className="flex flex-wrap gap-2">
          <Button kind="solid" type="submit" disabled={form.formState.isSubmitting}>
            {booking ? "Save" : "Save booking"}
          </Button>
          <Link to={booking ? `/bookings/${id}` : "/bookings"} className={buttonLook("bare")}>
            Cancel
          </Link>
          {booking && (
            <Button kind="stop" className="ml-auto" onClick={() => void callOff().catch(() => {})}>
              Call it off
            </Button>
          )}
        </div>
      </form>
    </FormProvider>
  );
}

function Bags() {
  const { control, formState } = useFormContext<BookingForm>();
  const places = usePlaces();
  const bags = [...places.values()].filter((place) => place.portable && !place.parent);
  if (!bags.length) {
    return <p className="text-soft">There is no bag yet: add a case or a bag among the places.</p>;
  }
  return (
    <div>
      <Controller
        control={control}
        name="booking.bags"
        render={({ field }) => (
          <Ticks
            legend="Bags, the first takes what fits nowhere else"
            choices={bags.map((bag) => ({ value: bag.id, word: bag.name }))}
            chosen={field.value}
            onChange={field.onChange}
          />
        )}
      />
      {formState.errors.booking?.bags?.message && (
        <p className="text-sm text-stop">{formState.errors.booking.bags.message}</p>
      )}
    </div>
  );
}

/** The faces, in order of priority: who is served first when something is short. */
function Faces() {
  const { control, register, formState } = useFormContext<BookingForm>();
  const { fields, append, remove } = useFieldArray({
    control,
    name: "booking.faces",
    keyName: "key",
  });
  const faults = formState.errors.booking?.faces;
  return (
    <section className="flex flex-col gap-1">
      <h2 className="border-ink border-b pb-1 font-semibold">Faces</h2>
      {fields.map((field, index) => (
        <fieldset key={field.key} className="flex flex-col gap-3 border-hair border-b py-4">
          <legend className="sr-only">Face {index + 1}</legend>
          <div className="grid grid-cols-[2fr_1fr_1fr_auto] items-end gap-4 max-hand:grid-cols-1">
            <FaceName index={index} fault={faults?.[index]?.name?.message} />
            <TextField
              label="Skin depth"
              hint="1 to 10"
              inputMode="decimal"
              fault={faults?.[index]?.depth?.message}
              {...register(`booking.faces.${index}.depth`)}
            />
            <SelectField
              label="Skin"
              choices={choices(SKIN_TYPES)}
              {...register(`booking.faces.${index}.skinType`)}
            />
            <Button onClick={() => remove(index)} aria-label={`Leave face ${index + 1} out`}>
              Remove
            </Button>
          </div>
          <FaceKnown index={index} />
          <FaceTicks index={index} name="services" legend="Services" codes={SERVICES} />
          <FaceTicks
            index={index}
            name="sensitivities"
            legend="Sensitivities"
            codes={SENSITIVITIES}
          />
          <FaceTicks index={index} name="concerns" legend="Skin concerns" codes={CONCERNS} />
        </fieldset>
      ))}
      <div className="pt-3">
        <Button onClick={() => append(newFace())}>Add a face</Button>
      </div>
    </section>
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
};

function FaceTicks({ index, name, legend, codes }: FaceTicksProps) {
  const { control } = useFormContext<BookingForm>();
  return (
    <Controller
      control={control}
      name={`booking.faces.${index}.${name}`}
      render={({ field }) => (
        <Ticks
          legend={legend}
          choices={[...new Set([...codes, ...field.value])].map((code) => ({
            value: code,
            word: capital(word(code)),
          }))}
          chosen={field.value}
          onChange={field.onChange}
        />
      )}
    />
  );
}

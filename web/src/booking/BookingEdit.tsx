import { useState } from "react";
import { FormProvider } from "react-hook-form";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { useActs } from "../api/acts";
import { useBooking, useBookingCopy } from "../api/booking";
import { type Booking, Problem } from "../api/client";
import { useToday } from "../api/session";
import { FormEnd } from "../parts/FormEnd";
import { useTyped } from "../parts/typed";
import { Button } from "../ui/Button";
import { ChangedElsewhere } from "../ui/ChangedElsewhere";
import { showFaults } from "../ui/faults";
import { Without } from "../ui/Without";
import { BookingParts } from "./BookingParts";
import {
  type BookingForm,
  type BookingTold,
  bookingSchema,
  emptyBooking,
  fromBooking,
  toDraft,
} from "./bookingForm";
import { GrowingSentence } from "./GrowingSentence";

export function BookingNew() {
  const today = useToday();
  const [id] = useState(() => crypto.randomUUID() as string);
  const like = useSearchParams()[0].get("like") || null;
  const copy = useBookingCopy(like);
  if (like === null) return <Editor id={id} start={emptyBooking(today)} booking={null} />;
  if (!copy.data) return <Without query={copy} waiting="Copying it…" />;
  return <Editor id={id} start={fromBooking(copy.data)} booking={null} />;
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
  const form = useTyped(bookingSchema, start);
  const send = async (typed: BookingTold, over: number | null) => {
    const draft = toDraft(typed);
    try {
      await perform(
        over === null
          ? { path: "/api/bookings", body: { id, booking: draft }, done: `Added ${draft.title}.` }
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
        className="flex max-w-4xl flex-col gap-6"
      >
        <GrowingSentence id={id} isNew={booking === null} />
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
        <BookingParts />
        <FormEnd
          action={booking ? "Save" : "Save booking"}
          back={booking ? `/bookings/${id}` : "/bookings"}
          isBusy={form.formState.isSubmitting}
        >
          {booking && (
            <Button kind="stop" className="ml-auto" onClick={() => void callOff().catch(() => {})}>
              Call it off
            </Button>
          )}
        </FormEnd>
      </form>
    </FormProvider>
  );
}

import { useFieldArray, useFormContext } from "react-hook-form";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { dateWithWeekday } from "../words/dates";
import type { BookingForm } from "./bookingForm";
import { useBookingDays } from "./useBookingDays";

/** More are several bookings. */
const MOST_DAYS = 366;

/** Days that differ from the others: their own call, wrap or place. */
export function DayFields() {
  const { control, register, formState } = useFormContext<BookingForm>();
  const { fields, append, remove } = useFieldArray({
    control,
    name: "booking.days",
    keyName: "key",
  });
  const days = useBookingDays();
  const faults = formState.errors.booking?.days;
  const free = days.filter((day) => !fields.some((field) => field.day === day));
  if (days.length < 2 || days.length > MOST_DAYS) return null;
  return (
    <div className="flex flex-col gap-3">
      {fields.map((field, index) => (
        <fieldset
          key={field.key}
          className="grid grid-cols-[8rem_7rem_7rem_1fr_auto] items-end gap-3 max-hand:grid-cols-2"
        >
          <legend className="sr-only">{dateWithWeekday(field.day)}</legend>
          <p aria-hidden="true" className="pb-2 font-semibold">
            {dateWithWeekday(field.day)}
          </p>
          <TextField
            label="Call"
            fault={faults?.[index]?.call?.message}
            {...register(`booking.days.${index}.call`)}
          />
          <TextField
            label="Wrap"
            fault={faults?.[index]?.wrap?.message}
            {...register(`booking.days.${index}.wrap`)}
          />
          <TextField label="Where, if elsewhere" {...register(`booking.days.${index}.place`)} />
          <Button kind="bare" onClick={() => remove(index)}>
            Like the others
          </Button>
        </fieldset>
      ))}
      {free.length > 0 && (
        <label className="flex w-fit items-center gap-2 text-sm">
          A day that differs
          <select
            className="min-h-9 rounded border border-line bg-paper px-2 max-hand:min-h-11"
            value=""
            onChange={(event) => append({ day: event.target.value, call: "", wrap: "", place: "" })}
          >
            <option value="">Choose a day</option>
            {free.map((day) => (
              <option key={day} value={day}>
                {dateWithWeekday(day)}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

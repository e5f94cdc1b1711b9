import { useQuery } from "@tanstack/react-query";
import { useId, useRef } from "react";
import { type Control, type FieldPath, type FieldValues, useController } from "react-hook-form";
import { useToday } from "../api/session";
import { TextField } from "../ui/Field";
import { dateText, nearDate } from "../words/dates";
import { type Meant, readDate } from "./typed";
import { useSettled } from "./useSettled";

type DateFieldProps<T extends FieldValues> = {
  // biome-ignore lint/suspicious/noExplicitAny: what the form hands over does not matter here.
  control: Control<T, unknown, any>;
  name: FieldPath<T>;
  label: string;
  hint?: string;
  meant: Meant;
};

/** A date as people type it; what is understood stands below, and a calendar is one press away. */
export function DateField<T extends FieldValues>({
  control,
  name,
  label,
  hint,
  meant,
}: DateFieldProps<T>) {
  const { field, fieldState } = useController({ control, name });
  const told = useId();
  const text = String(field.value ?? "");
  const read = useRead(text, meant);
  const today = useToday();
  return (
    <div>
      <TextField
        label={label}
        {...(hint ? { hint } : {})}
        autoComplete="off"
        ref={field.ref}
        name={field.name}
        value={text}
        onBlur={field.onBlur}
        onChange={field.onChange}
        fault={fieldState.error?.message}
        {...(read && !fieldState.error ? { "aria-describedby": told } : {})}
        inside={<Calendar date={read ?? ""} onPick={(day) => field.onChange(dateText(day))} />}
      />
      {read && read !== text && dateText(read) !== text && (
        <p id={told} className="pt-1 text-sm">
          {nearDate(read, today)}
        </p>
      )}
    </div>
  );
}

/** The day that what stands in the field means. */
function useRead(text: string, meant: Meant): string | null {
  const settled = useSettled(text);
  const read = useQuery({
    queryKey: ["read-date", settled, meant],
    enabled: settled.trim() !== "",
    queryFn: () => readDate(settled, meant),
  });
  return settled === text && text.trim() ? (read.data ?? null) : null;
}

type CalendarProps = { date: string; onPick: (day: string) => void };

/** The calendar the device has, for whoever would rather point at a day. */
function Calendar({ date, onPick }: CalendarProps) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        aria-label="Choose the day in a calendar"
        onClick={() => field.current?.showPicker()}
        className="absolute inset-y-0 right-0 flex w-9 items-center justify-center text-soft hover:text-ink max-hand:w-11"
      >
        <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
          <path
            d="M2 4.5h12M2 4.5v9h12v-9M5 2v4M11 2v4M5 8h1M8 8h1M11 8h1M5 11h1M8 11h1"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.3"
          />
        </svg>
      </button>
      <input
        ref={field}
        type="date"
        tabIndex={-1}
        aria-hidden="true"
        value={date}
        onChange={(event) => onPick(event.target.value)}
        className="pointer-events-none absolute right-0 bottom-0 h-0 w-0 opacity-0"
      />
    </>
  );
}

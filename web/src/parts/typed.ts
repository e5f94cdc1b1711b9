import { zodResolver } from "@hookform/resolvers/zod";
import type { BaseSyntheticEvent } from "react";
import {
  type DefaultValues,
  type FieldPath,
  type FieldValues,
  type UseFormReturn,
  useForm,
} from "react-hook-form";
import { z } from "zod";
import { ask, Problem, type Schemas } from "../api/client";
import { dateOrder } from "../words/dates";
import { decimal } from "../words/quantities";

/** A month began on its first day and ends on its last; a day of work is no month. */
export type Meant = "began" | "ends" | "day";

/** What was read a moment ago: a form reads all its dates again whenever one field changes. */
const LATELY = new Map<string, { date: string | null; at: number }>();
const LATELY_MS = 60_000;

/** The day that is meant by what was typed; null when it is none. */
export async function readDate(text: string, meant: Meant): Promise<string | null> {
  const asked = String(new URLSearchParams({ text: text.trim(), meant }));
  const key = `${dateOrder()} ${asked}`;
  const known = LATELY.get(key);
  if (known && Date.now() - known.at < LATELY_MS) return known.date;
  const { date } = await ask<Schemas["ReadDate"]>("GET", `/api/read-date?${asked}`);
  if (LATELY.size > 100) LATELY.clear();
  LATELY.set(key, { date, at: Date.now() });
  return date;
}

const NO_DATE = "This is no date. Write one like 17 Apr, 3/26 or last month.";

/** A date as people type it; empty is none. What it means is read by the application. */
export function typedDate(meant: Meant) {
  return z.string().transform(async (text, context): Promise<string | null> => {
    if (!text.trim()) return null;
    try {
      const date = await readDate(text, meant);
      if (!date) context.addIssue({ code: "custom", message: NO_DATE });
      return date;
    } catch (thrown) {
      if (!(thrown instanceof Problem)) throw thrown;
      context.addIssue({ code: "custom", message: thrown.message });
      return null;
    }
  });
}

/** A date that cannot be left out. */
export function neededDate(meant: Meant, otherwise: string) {
  return typedDate(meant).transform((date, context): string => {
    if (date === null) context.addIssue({ code: "custom", message: otherwise });
    return date ?? "";
  });
}

/** A number as people type it; empty is none. */
export function typedNumber() {
  return z.string().transform((text, context): number | null => {
    const value = decimal(text);
    if (value === null && text.trim()) {
      context.addIssue({ code: "custom", message: "Write a number, like 1.5." });
    }
    return value;
  });
}

/** A whole number that cannot be left out. */
export function neededWhole(otherwise: string) {
  return neededNumber(otherwise).refine(Number.isInteger, "Write a whole number.");
}

/** A number that cannot be left out. */
export function neededNumber(otherwise: string) {
  return typedNumber().transform((value, context): number => {
    if (value === null) context.addIssue({ code: "custom", message: otherwise });
    return value ?? 0;
  });
}

const TIME = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm)?$/i;

/** A clock time as people type it, 5.40, 0540, 7 pm; empty is none. */
export function typedTime() {
  return z.string().transform((text, context): string | null => {
    if (!text.trim()) return null;
    const time = clock(text.trim());
    if (!time) context.addIssue({ code: "custom", message: "Write a time, like 5:40." });
    return time;
  });
}

/** "05:40" of "5.40"; null when it is no time. */
export function clock(text: string): string | null {
  const [, hours = "", minutes = "0", half] = TIME.exec(text) ?? [];
  const inHalf = half ? (Number(hours) % 12) + (half.toLowerCase() === "pm" ? 12 : 0) : null;
  const hour = inHalf ?? Number(hours);
  const isTime = hours !== "" && hour < 24 && Number(minutes) < 60;
  if (!isTime || (half && Number(hours) > 12)) return null;
  return `${String(hour).padStart(2, "0")}:${minutes.padStart(2, "0")}`;
}

/** Words or one of a list; empty is none. */
export function typedWord() {
  return z.string().transform((text) => text.trim() || null);
}

/** Words that cannot be left out. */
export function neededWord(otherwise: string) {
  return z.string().refine((text) => text.trim() !== "", otherwise);
}

/** A form that holds text as it was typed and hands over what it means. */
export function useTyped<S extends z.ZodType<FieldValues, FieldValues>>(
  schema: S,
  start: z.input<S>,
) {
  return useForm<z.input<S>, unknown, z.output<S>>({
    resolver: zodResolver(schema),
    defaultValues: start as DefaultValues<z.input<S>>,
  });
}

/** Hands a form over; a refusal is told by the acts themselves. */
export function quietly(submit: (event?: BaseSyntheticEvent) => Promise<void>) {
  return (event: BaseSyntheticEvent) => void submit(event).catch(() => {});
}

type FormOf<T extends FieldValues, Told> = Pick<
  UseFormReturn<T, unknown, Told>,
  "register" | "getFieldState" | "formState"
>;

/** A field's registration and its fault, by its name. */
export function fieldsOf<T extends FieldValues, Told>(form: FormOf<T, Told>) {
  return (name: FieldPath<T>) => ({
    ...form.register(name),
    fault: form.getFieldState(name, form.formState).error?.message,
  });
}

/** Whether any of these fields is wrong. */
export function hasFault<T extends FieldValues, Told>(
  form: FormOf<T, Told>,
  part: string,
  names: string[],
): boolean {
  return names.some((name) => {
    const { error } = form.getFieldState(`${part}.${name}` as FieldPath<T>, form.formState);
    return error !== undefined;
  });
}

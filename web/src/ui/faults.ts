import type { FieldValues, Path, UseFormSetError } from "react-hook-form";
import type { Problem } from "../api/client";
import { decimal } from "../words/quantities";

/** Shows each fault at its field; the first path part is the part of the request, not of the form. */
export function showFaults<T extends FieldValues>(problem: Problem, setError: UseFormSetError<T>) {
  for (const fault of problem.faults) {
    setError(fault.path as Path<T>, { type: "server", message: fault.message });
  }
}

/** Empty fields are absent, not zero. */
export const orNull = (text: string) => (text.trim() === "" ? null : text);
export const numberOrNull = decimal;

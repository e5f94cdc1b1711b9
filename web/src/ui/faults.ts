import type { FieldValues, Path, UseFormSetError } from "react-hook-form";
import type { Problem } from "../api/client";
import { decimal } from "../words/quantities";

/**
 * Shows each fault at its field.
 *
 * @param fieldOf the field that a part of the request was read from, where the two are called differently
 */
export function showFaults<T extends FieldValues>(
  problem: Problem,
  setError: UseFormSetError<T>,
  fieldOf: (path: string) => string = (path) => path,
) {
  for (const fault of problem.faults) {
    setError(fieldOf(fault.path) as Path<T>, { type: "server", message: fault.message });
  }
}

/** Empty fields are absent, not zero. */
export const orNull = (text: string) => (text.trim() === "" ? null : text);
export const numberOrNull = decimal;

import { useRef } from "react";
import { useFormContext } from "react-hook-form";
import { ask, type Schemas } from "../api/client";
import { type BookingForm, newFace } from "./bookingForm";

const same = (one: string[], other: string[]) =>
  one.length === other.length && one.every((code) => other.includes(code));

/**
 * What a kind of work usually asks for is filled in where nobody has chosen anything else yet; what
 * was chosen stays.
 */
export function useProposal() {
  const { getValues, setValue } = useFormContext<BookingForm>();
  const proposed = useRef({ services: newFace().services, conditions: [] as string[] });
  const propose = async (kind: string) => {
    if (!kind) return;
    const { services, conditions } = await ask<Schemas["ProposalView"]>(
      "GET",
      `/api/bookings/proposal?kind=${kind}`,
    );
    const before = proposed.current;
    proposed.current = { services, conditions };
    getValues("booking.faces").forEach((face, index) => {
      if (same(face.services, before.services)) {
        setValue(`booking.faces.${index}.services`, services);
      }
    });
    if (same(getValues("booking.conditions"), before.conditions)) {
      setValue("booking.conditions", conditions);
    }
  };
  return { propose, nextFace: () => ({ ...newFace(), services: proposed.current.services }) };
}

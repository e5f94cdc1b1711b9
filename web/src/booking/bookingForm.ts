import { z } from "zod";
import type { Booking, Schemas } from "../api/client";
import {
  neededDate,
  neededNumber,
  neededWhole,
  neededWord,
  typedDate,
  typedTime,
  typedWord,
} from "../parts/typed";
import { dateText } from "../words/dates";

const face = z.object({
  id: z.string(),
  person: z.string().nullable(),
  name: z.string(),
  depth: neededNumber("Say the skin depth, 1 light to 10 deep."),
  skinType: z.string(),
  concerns: z.array(z.string()),
  sensitivities: z.array(z.string()),
  services: z.array(z.string()),
  undertone: typedWord(),
  hair: z.string(),
  zones: z.array(z.object({ zone: z.string(), skinType: z.string() })),
  askedOn: z.string().nullable(),
  daysPresent: z.array(z.string()),
  looksPerDay: neededWhole("Say how many looks a day."),
});

export const bookingSchema = z.object({
  booking: z.object({
    title: neededWord("Give it a title."),
    firstDay: neededDate("day", "Say the first day."),
    lastDay: typedDate("day"),
    callTime: typedTime(),
    location: z.string(),
    conditions: z.array(z.string()),
    bags: z.array(z.string()),
    faces: z.array(face),
    kind: typedWord(),
    travel: typedWord(),
  }),
});

export type BookingForm = z.input<typeof bookingSchema>;
export type BookingTold = z.output<typeof bookingSchema>;
export type FaceForm = BookingForm["booking"]["faces"][number];

export function newFace(): FaceForm {
  return {
    id: crypto.randomUUID(),
    person: null,
    name: "",
    depth: "",
    skinType: "normal",
    concerns: [],
    sensitivities: [],
    services: ["skin-preparation", "base", "powder"],
    undertone: "",
    hair: "unknown",
    zones: [],
    askedOn: null,
    daysPresent: [],
    looksPerDay: "1",
  };
}

export function emptyBooking(today: string): BookingForm {
  return {
    booking: {
      title: "",
      firstDay: dateText(today),
      lastDay: "",
      callTime: "",
      location: "",
      conditions: [],
      bags: [],
      faces: [newFace()],
      kind: "",
      travel: "",
    },
  };
}

export function fromBooking(booking: Booking): BookingForm {
  return {
    booking: {
      title: booking.title,
      firstDay: dateText(booking.firstDay),
      lastDay: dateText(booking.lastDay),
      callTime: (booking.callTime ?? "").slice(0, 5),
      location: booking.location,
      conditions: booking.conditions,
      bags: booking.bags,
      faces: booking.faces.map((face) => ({
        ...face,
        depth: String(face.depth),
        undertone: face.undertone ?? "",
        looksPerDay: String(face.looksPerDay),
      })),
      kind: booking.kind ?? "",
      travel: booking.travel ?? "",
    },
  };
}

/** Without a last day it is one day. */
export function toDraft({ booking }: BookingTold) {
  const lastDay = booking.lastDay ?? booking.firstDay;
  // What was decided about the list stays as it is.
  return { ...booking, lastDay, choices: null } as Schemas["BookingDraft"];
}

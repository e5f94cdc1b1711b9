import { z } from "zod";
import type { Booking, Schemas } from "../api/client";
import {
  neededDate,
  neededNumber,
  neededWhole,
  neededWord,
  typedDate,
  typedNumber,
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
  colour: typedWord(),
  matches: typedWord(),
  heads: neededWhole("Say how many they are."),
  depthTo: typedNumber(),
});

const day = z.object({
  day: z.string(),
  call: typedTime(),
  wrap: typedTime(),
  place: z.string(),
});

export const bookingSchema = z.object({
  booking: z.object({
    title: neededWord("Give it a title."),
    firstDay: neededDate("day", "Say the first day."),
    lastDay: typedDate("day"),
    callTime: typedTime(),
    location: z.string(),
    colleagues: z.string(),
    conditions: z.array(z.string()),
    bags: z.array(z.string()),
    faces: z.array(face),
    kind: typedWord(),
    travel: typedWord(),
    days: z.array(day),
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
    colour: "",
    matches: "",
    heads: "1",
    depthTo: "",
  };
}

/** People in the background: many alike, little done to each. */
export function newGroup(): FaceForm {
  return {
    ...newFace(),
    name: "Background",
    depth: "2",
    depthTo: "9",
    heads: "20",
    services: ["powder", "hair-tidy"],
  };
}

/** A face a line of what was pasted: a name, and her depth when a number from 1 to 10 ends it. */
export function pastedFaces(text: string, like: FaceForm): FaceForm[] {
  return text
    .split(/[\n;]+/)
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line) => {
      const [, name = line, depth = ""] = /^(.*?)[\s,]+((?:10|[1-9])(?:[.,]5)?)$/.exec(line) ?? [];
      return {
        ...newFace(),
        services: like.services,
        name: name.trim().slice(0, 80),
        depth: depth.replace(",", "."),
      };
    });
}

export function emptyBooking(today: string): BookingForm {
  return {
    booking: {
      title: "",
      firstDay: dateText(today),
      lastDay: "",
      callTime: "",
      location: "",
      colleagues: "",
      conditions: [],
      bags: [],
      faces: [newFace()],
      kind: "",
      travel: "",
      days: [],
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
      colleagues: booking.colleagues,
      conditions: booking.conditions,
      bags: booking.bags,
      faces: booking.faces.map((face) => ({
        ...face,
        depth: String(face.depth),
        undertone: face.undertone ?? "",
        looksPerDay: String(face.looksPerDay),
        colour: face.colour ?? "",
        matches: face.matches ?? "",
        heads: String(face.heads),
        depthTo: face.depthTo === null ? "" : String(face.depthTo),
      })),
      kind: booking.kind ?? "",
      travel: booking.travel ?? "",
      days: booking.days.map(({ day, call, wrap, place }) => ({
        day,
        call: (call ?? "").slice(0, 5),
        wrap: (wrap ?? "").slice(0, 5),
        place,
      })),
    },
  };
}

/** Without a last day it is one day. */
export function toDraft({ booking }: BookingTold) {
  const lastDay = booking.lastDay ?? booking.firstDay;
  // What was decided about the list stays as it is.
  const days = booking.days.filter(
    ({ day, call, wrap, place }) =>
      day >= booking.firstDay && day <= lastDay && (call || wrap || place.trim()),
  );
  // Looks are written on a face's own sheet, and stay as they are.
  const faces = booking.faces.map((face) => ({ ...face, looks: null }));
  return { ...booking, faces, lastDay, days, choices: null } as Schemas["BookingDraft"];
}

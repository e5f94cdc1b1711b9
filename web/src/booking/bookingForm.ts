import type { Booking, Face, Schemas } from "../api/client";

export type FaceForm = Omit<Face, "depth"> & { depth: string };

export type BookingForm = {
  booking: {
    title: string;
    firstDay: string;
    lastDay: string;
    callTime: string;
    location: string;
    conditions: string[];
    bags: string[];
    faces: FaceForm[];
  };
};

export function newFace(): FaceForm {
  return {
    id: crypto.randomUUID(),
    person: null,
    name: "",
    depth: "5",
    skinType: "normal",
    concerns: [],
    sensitivities: [],
    services: ["skin-preparation", "base", "powder"],
  };
}

export function emptyBooking(today: string): BookingForm {
  return {
    booking: {
      title: "",
      firstDay: today,
      lastDay: today,
      callTime: "",
      location: "",
      conditions: [],
      bags: [],
      faces: [newFace()],
    },
  };
}

export function fromBooking(booking: Booking): BookingForm {
  return {
    booking: {
      title: booking.title,
      firstDay: booking.firstDay,
      lastDay: booking.lastDay,
      callTime: (booking.callTime ?? "").slice(0, 5),
      location: booking.location,
      conditions: booking.conditions,
      bags: booking.bags,
      faces: booking.faces.map((face) => ({ ...face, depth: String(face.depth) })),
    },
  };
}

export function toDraft({ booking }: BookingForm) {
  return {
    ...booking,
    firstDay: booking.firstDay || null,
    lastDay: booking.lastDay || booking.firstDay || null,
    callTime: booking.callTime || null,
    faces: booking.faces.map((face) => ({ ...face, depth: Number(face.depth) })),
  } as Schemas["BookingDraft"];
}

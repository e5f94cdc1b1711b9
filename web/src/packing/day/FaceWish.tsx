import { useState } from "react";
import type { ChairsTold, SatFace } from "../../api/road";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { short, timeFault, told24 } from "./times";

type FaceWishProps = {
  booking: string;
  day: string;
  face: SatFace;
  told: ChairsTold;
  artists: string[];
  onKeep: (chairs: ChairsTold, done: string) => void;
};

/** What is told of one face: how long, by when, from when, with whom. */
export function FaceWish({ booking, day, face, told, artists, onKeep }: FaceWishProps) {
  const wish = told.faces[face.face];
  const [minutes, setMinutes] = useState(wish?.minutes ? String(wish.minutes) : "");
  const [readyBy, setReadyBy] = useState(short(wish?.readyBy));
  const [notBefore, setNotBefore] = useState(short(wish?.notBefore));
  const [artist, setArtist] = useState(wish?.artist ?? "");
  const [isLead, setLead] = useState(wish?.lead ?? false);
  const name = face.name || "A face";
  return (
    <section aria-label={name} className="flex flex-col gap-3">
      <h2 className="border-line border-b pb-1 font-semibold">{name}</h2>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="In the chair"
          hint={`minutes, ${face.usualMinutes} usually`}
          inputMode="numeric"
          placeholder={String(face.minutes)}
          value={minutes}
          onChange={(event) => setMinutes(event.target.value)}
        />
        <SelectField
          label="With"
          value={artist}
          choices={[
            { value: "", word: "whoever is free" },
            ...artists.map((one) => ({ value: one, word: one })),
          ]}
          onChange={(event) => setArtist(event.target.value)}
        />
        <TextField
          label="Ready by"
          placeholder="any time"
          value={readyBy}
          fault={timeFault(readyBy)}
          onChange={(event) => setReadyBy(event.target.value)}
        />
        <TextField
          label="Not before"
          placeholder="any time"
          value={notBefore}
          fault={timeFault(notBefore)}
          onChange={(event) => setNotBefore(event.target.value)}
        />
      </div>
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          checked={isLead}
          onChange={(event) => setLead(event.target.checked)}
          className="size-5"
        />
        A lead: ready half an hour early, neither first nor last
      </label>
      <Button
        disabled={[readyBy, notBefore].some(timeFault)}
        onClick={() =>
          onKeep(
            {
              ...told,
              faces: {
                ...told.faces,
                [face.face]: {
                  minutes: Number(minutes) || null,
                  readyBy: told24(readyBy),
                  notBefore: told24(notBefore),
                  artist: artist || null,
                  lead: isLead,
                },
              },
            },
            `Kept the times of ${name}.`,
          )
        }
      >
        Keep her times
      </Button>
      <a
        href={`/api/bookings/${booking}/chairs/arrivals.ics?day=${day}&face=${face.face}`}
        download="gerula-arrival.ics"
        className={`${buttonLook("bare")} self-start`}
      >
        Her time for her own calendar
      </a>
    </section>
  );
}

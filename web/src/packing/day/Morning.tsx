import { useState } from "react";
import type { ChairDay, ChairsTold } from "../../api/road";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { short, timeFault, told24 } from "./times";

type MorningProps = {
  told: ChairsTold;
  day: ChairDay;
  onKeep: (chairs: ChairsTold, done: string) => void;
};

/** By when all are to be ready, who works, and how long lies between two faces. */
export function Morning({ told, day, onKeep }: MorningProps) {
  const [readyBy, setReadyBy] = useState(short(told.readyBy));
  const [turnover, setTurnover] = useState(String(told.turnoverMinutes));
  const [artists, setArtists] = useState(
    (told.artists.length > 0
      ? told.artists
      : day.artists.map((one) => ({ ...one, breaks: [] }))
    ).map(({ name, from, until, breaks }) => ({
      name,
      from: short(from),
      until: short(until),
      breaks,
    })),
  );
  const change = (at: number, part: Partial<(typeof artists)[number]>) =>
    setArtists(artists.map((one, i) => (i === at ? { ...one, ...part } : one)));
  const nameOf = (id: string) => day.faces.find((one) => one.face === id)?.name || "a face";
  const isWrong = [readyBy, ...artists.flatMap((one) => [one.from, one.until])].some(timeFault);
  return (
    <section aria-label="The morning" className="flex flex-col gap-3">
      <h2 className="border-line border-b pb-1 font-semibold">The morning</h2>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Everybody ready by"
          placeholder="09:30"
          value={readyBy}
          fault={timeFault(readyBy)}
          onChange={(event) => setReadyBy(event.target.value)}
        />
        <TextField
          label="Between two faces"
          hint="minutes"
          inputMode="numeric"
          value={turnover}
          onChange={(event) => setTurnover(event.target.value)}
        />
      </div>
      {day.turnover && day.turnover.minutes !== Number(turnover) && (
        <p className="flex flex-wrap items-center gap-3 text-soft">
          Cleaning what both {nameOf(day.turnover.from)} and {nameOf(day.turnover.to)} are made up
          with takes {day.turnover.minutes} min.
          <Button onClick={() => setTurnover(String(day.turnover?.minutes ?? turnover))}>
            Reckon with {day.turnover.minutes}
          </Button>
        </p>
      )}
      {artists.map((artist, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a row is where it stands; names may be the same while one types.
        <div key={at} className="grid grid-cols-[1fr_7rem_7rem] items-end gap-3">
          <TextField
            label={at === 0 ? "Artist" : `Artist ${at + 1}`}
            value={artist.name}
            maxLength={60}
            onChange={(event) => change(at, { name: event.target.value })}
          />
          <TextField
            label="from"
            value={artist.from}
            fault={timeFault(artist.from)}
            onChange={(event) => change(at, { from: event.target.value })}
          />
          <TextField
            label="until"
            value={artist.until}
            fault={timeFault(artist.until)}
            onChange={(event) => change(at, { until: event.target.value })}
          />
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        <Button
          kind="solid"
          disabled={isWrong}
          onClick={() =>
            onKeep(
              {
                ...told,
                artists: artists
                  .filter((one) => one.name.trim())
                  .map((one) => ({
                    ...one,
                    from: told24(one.from) ?? one.from,
                    until: told24(one.until) ?? one.until,
                  })),
                turnoverMinutes: Number(turnover) || 0,
                readyBy: told24(readyBy),
              },
              "Kept the morning.",
            )
          }
        >
          Keep and seat them
        </Button>
        <Button
          onClick={() =>
            setArtists([
              ...artists,
              {
                name: "",
                from: artists[0]?.from ?? "06:00",
                until: artists[0]?.until ?? "20:00",
                breaks: [],
              },
            ])
          }
        >
          One artist more
        </Button>
      </div>
    </section>
  );
}

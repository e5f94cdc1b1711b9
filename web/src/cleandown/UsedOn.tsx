import { useState } from "react";
import { useActs } from "../api/acts";
import { useBookings } from "../api/booking";
import { useUsable } from "../api/cleaning";
import type { Booking, Item, Schemas } from "../api/client";
import { useToday } from "../api/session";
import { Button } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { shortName } from "../words/items";
import { HOWS } from "../words/lists";

type How = Schemas["ThingUsed"]["how"];

const ALL_WAYS = Object.keys(HOWS) as How[];

/** Bookings one is at: they have begun and are not over, or their bags are out. */
function underWay(bookings: Booking[], today: string): Booking[] {
  return bookings.filter(
    (one) =>
      one.stage === "away" ||
      (one.stage === "planned" && one.firstDay <= today && today <= one.lastDay),
  );
}

/** On which face it is used, and how: what touched whom is known from then on. */
export function UsedOn({ item, onDone }: { item: Item; onDone: () => void }) {
  const { perform } = useActs();
  const today = useToday();
  const bookings = underWay(useBookings().data ?? [], today);
  const [face, setFace] = useState("");
  const [told, setTold] = useState<How | null>(null);
  const faces = bookings.flatMap((booking) => booking.faces.map((one) => ({ booking, one })));
  const chosen = faces.find(({ one }) => one.id === face) ?? (faces.length === 1 ? faces[0] : null);
  const usable = useUsable(chosen?.booking.id ?? null, chosen?.one.id ?? null).data?.find(
    (one) => one.item.id === item.id,
  );
  if (faces.length === 0) return null;
  const ways = usable?.ways ?? ALL_WAYS;
  const how = told && ways.includes(told) ? told : (ways[0] ?? "direct");
  const use = async () => {
    if (!chosen) return;
    await perform({
      path: `/api/bookings/${chosen.booking.id}/faces/${chosen.one.id}/use`,
      body: { things: [{ id: crypto.randomUUID(), item: item.id, how }] },
      done: `${shortName(item)} was used on ${chosen.one.name}.`,
    });
    onDone();
  };
  return (
    <fieldset className="flex flex-col gap-3 border-hair border-b pb-4">
      <legend className="sr-only">On whom</legend>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="On whom"
          empty="choose"
          choices={faces.map(({ booking, one }) => ({
            value: one.id,
            word: bookings.length > 1 ? `${one.name}, ${booking.title}` : one.name,
          }))}
          value={chosen?.one.id ?? ""}
          onChange={(event) => setFace(event.target.value)}
        />
        <SelectField
          label="How"
          choices={ways.map((value) => ({ value, word: HOWS[value] }))}
          value={how}
          onChange={(event) => setTold(event.target.value as How)}
        />
      </div>
      {usable?.because && <p className="text-stop">{usable.because}</p>}
      <Button
        disabled={!chosen || Boolean(usable?.because)}
        onClick={() => void use().catch(() => {})}
      >
        {chosen ? `Used on ${chosen.one.name}` : "Used on a face"}
      </Button>
    </fieldset>
  );
}

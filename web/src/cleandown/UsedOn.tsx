import { useState } from "react";
import { useActs } from "../api/acts";
import { useBookings } from "../api/booking";
import type { Booking, Item, Schemas } from "../api/client";
import { useToday } from "../api/session";
import { Button } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { shortName } from "../words/items";
import { HOWS } from "../words/lists";

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
  const [how, setHow] = useState<Schemas["ThingUsed"]["how"]>("palette");
  const faces = bookings.flatMap((booking) => booking.faces.map((one) => ({ booking, one })));
  if (faces.length === 0) return null;
  const chosen = faces.find(({ one }) => one.id === face) ?? (faces.length === 1 ? faces[0] : null);
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
          choices={Object.entries(HOWS).map(([value, word]) => ({ value, word }))}
          value={how}
          onChange={(event) => setHow(event.target.value as typeof how)}
        />
      </div>
      <Button disabled={!chosen} onClick={() => void use().catch(() => {})}>
        {chosen ? `Used on ${chosen.one.name}` : "Used on a face"}
      </Button>
    </fieldset>
  );
}

import { useBookings } from "../api/booking";
import type { Face } from "../api/client";
import type { Look } from "../api/look";
import type { PackingList } from "../api/packing";
import { Button } from "../ui/Button";
import { capital } from "../words/codes";
import { lookTitle } from "../words/looks";
import { LookText } from "./LookText";
import { useRecording } from "./useRecording";

type EarlierLooksProps = { booking: PackingList["booking"]; face: Face };

/** More lie too far back. */
const MOST = 5;

/** What was done to her on other bookings, and on this one: to be asked for again. */
export function EarlierLooks({ booking, face }: EarlierLooksProps) {
  const bookings = useBookings().data ?? [];
  const record = useRecording(booking.id, face.id);
  const earlier = bookings
    .filter((other) => other.firstDay <= booking.firstDay)
    .toReversed()
    .flatMap((other) =>
      other.faces
        .filter((one) => one.id === face.id || (face.person !== null && one.person === face.person))
        .flatMap((one) =>
          one.looks
            .filter((look) => look.purpose === "done" || other.id !== booking.id)
            .map((look) => ({ other, look })),
        ),
    )
    .slice(0, MOST);
  if (earlier.length === 0) return null;
  const again = (look: Look, purpose: Look["purpose"], from: string) =>
    void record(
      { ...look, purpose, day: null, from: from.slice(0, 120) },
      "The list asks for it from now on.",
    ).catch(() => {});
  return (
    <section aria-label="Earlier looks">
      <h2 className="border-line border-b pb-1 font-semibold">Earlier looks</h2>
      {earlier.map(({ other, look }) => (
        <details key={`${other.id} ${look.day} ${look.purpose}`} className="border-hair border-b">
          <summary className="min-h-9 cursor-pointer py-1.5 max-hand:min-h-11">
            {other.title}: {capital(lookTitle(look))}
          </summary>
          <LookText look={look} />
          <div className="flex flex-wrap gap-2 py-2">
            <Button onClick={() => again(look, "exactly", other.title)}>Exactly this again</Button>
            <Button onClick={() => again(look, "as-a-guide", other.title)}>As a guide</Button>
          </div>
        </details>
      ))}
    </section>
  );
}

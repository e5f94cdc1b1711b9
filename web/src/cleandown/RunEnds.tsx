import { Link } from "react-router";
import { useActs } from "../api/acts";
import { useRunEnds } from "../api/cleaning";
import { useToday } from "../api/session";
import { Button } from "../ui/Button";
import { nearDate } from "../words/dates";
import { shortName } from "../words/items";

/** What was kept for one face: given to her, discarded, or kept for another time. */
export function RunEnds() {
  const ends = useRunEnds().data ?? [];
  const today = useToday();
  const { perform } = useActs();
  if (ends.length === 0) return null;
  const end = (outcome: "give-away" | "discard", item: string, done: string) =>
    perform({ path: "/api/treatments/end", body: { outcome, items: [item] }, done }).catch(
      () => {},
    );
  const keep = (item: string, name: string) =>
    perform({ path: `/api/items/${item}/keep`, done: `Kept ${name}.` }).catch(() => {});
  return (
    <section aria-label="Kept for one face">
      <h2 className="border-line border-b pb-1 font-semibold">Her last booking is over</h2>
      <ul>
        {ends.map(({ item, whom, person, endedOn }) => {
          const name = shortName(item);
          return (
            <li key={item.id} className="flex flex-col gap-2 border-hair border-b py-2">
              <span>
                <Link to={`/kit/items/${item.id}`} className="underline">
                  {name}
                </Link>
                <span className="text-soft">
                  , kept for{" "}
                  <Link to={`/people/${person}`} className="underline">
                    {whom || "one person"}
                  </Link>
                  , last {nearDate(endedOn, today)}
                </span>
              </span>
              <span className="flex flex-wrap gap-2">
                <Button onClick={() => void end("give-away", item.id, `Gave ${name} away.`)}>
                  Give it to her
                </Button>
                <Button onClick={() => void end("discard", item.id, `Discarded ${name}.`)}>
                  Discard
                </Button>
                <Button kind="bare" onClick={() => void keep(item.id, name)}>
                  Keep it for her
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

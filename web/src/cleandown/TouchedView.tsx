import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { ask, type Schemas } from "../api/client";
import { usePlaces } from "../api/kit";
import { usePerson } from "../api/person";
import { useToday, useZone } from "../api/session";
import { Dot } from "../parts/Dot";
import { Counted, Sentence } from "../parts/Sentence";
import { Without } from "../ui/Without";
import { shortWord } from "../words/cleaning";
import { count, word } from "../words/codes";
import { moment, shortDate } from "../words/dates";
import { placeTail, shortName } from "../words/items";
import { HOWS } from "../words/lists";
import { Since, useSince } from "./Since";

/** What touched somebody since a day, where it is now, and what was done to it since. */
export function TouchedView() {
  const { id = "" } = useParams();
  const [since, setSince] = useSince();
  const zone = useZone();
  const today = useToday();
  const places = usePlaces();
  const person = usePerson(id).data?.person;
  const query = useQuery({
    queryKey: ["touched", id, since],
    queryFn: () =>
      ask<Schemas["TouchedView"]>("GET", `/api/people/${id}/touched?since=${since}T00:00:00Z`),
  });
  if (!query.data) return <Without query={query} waiting="Looking it up…" />;
  const { things } = query.data;
  const open = things.filter((one) => !one.treatedAt).length;
  return (
    <div className="flex max-w-4xl flex-col gap-6">
      <Sentence>
        {count(things.length, "use")} on {person?.name ?? "her"} since {shortDate(since, today)}.{" "}
        {open > 0 && (
          <>
            <Counted to="#things" state="soon">
              {count(open, "item")}
            </Counted>{" "}
            not treated since.
          </>
        )}
      </Sentence>
      <Since day={since} onDay={setSince} />
      <ul id="things" aria-label="What touched her">
        {things.map((one) => (
          <li
            key={`${one.item.id}${one.at}${one.how}`}
            className="flex flex-wrap items-center justify-between gap-x-4 border-hair border-b py-2"
          >
            <span className="flex min-w-0 items-center gap-2">
              <Dot product={one.item.product} />
              <Link
                to={`/kit/items/${one.item.id}/reach?since=${since}`}
                className="hover:underline"
              >
                {shortName(one.item)}
              </Link>
              <span className="text-soft text-sm">
                {HOWS[one.how]}, {moment(one.at, zone)}
              </span>
            </span>
            <span className="text-soft text-sm">
              {one.treatedAt ? (
                `${one.steps.map(shortWord).join(", ")} ${moment(one.treatedAt, zone)}`
              ) : (
                <span className="text-soon">{word(one.is)}, not treated since</span>
              )}
              , {placeTail(one.now, places)}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

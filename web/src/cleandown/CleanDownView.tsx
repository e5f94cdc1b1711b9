import { Link } from "react-router";
import { useCleanDown } from "../api/cleaning";
import { useToday } from "../api/session";
import { Counted, Sentence } from "../parts/Sentence";
import { Without } from "../ui/Without";
import { aboutMinutes, actWords, idsOf, thingsOf, toClean, type Work } from "../words/cleaning";
import { capital, count, lower } from "../words/codes";
import { plusDays } from "../words/dates";
import { shortName } from "../words/items";
import { ClientCard } from "./ClientCard";
import { Deciding } from "./Deciding";
import { Pouches } from "./Pouches";
import { RunEnds } from "./RunEnds";
import { Working } from "./Working";

/** The days of a record one prints without saying which. */
const RECORD_DAYS = 30;

function RecordLinks() {
  const today = useToday();
  const asked = `from=${plusDays(today, -RECORD_DAYS)}&until=${today}`;
  return (
    <p className="flex flex-wrap gap-x-4 text-soft">
      What was recorded in {RECORD_DAYS} days:
      <a className="underline" href={`/api/cleaning-record?${asked}`}>
        print
      </a>
      <a className="underline" href={`/api/cleaning-record/csv?${asked}`}>
        as a table
      </a>
      <ClientCard />
    </p>
  );
}

/** "Four items and three bags". */
function openWords(work: Work): string {
  const bags = work.bags.filter(({ until }) => until === null).length;
  const items = toClean(work) - bags;
  const words = [items > 0 && count(items, "item"), bags > 0 && count(bags, "bag")].filter(Boolean);
  return words.join(" and ");
}

/** After the job: everything that is not clean, in the order that takes least time. */
export function CleanDownView() {
  const query = useCleanDown();
  const work = query.data;
  if (!work) return <Without query={query} waiting="Looking what is to be cleaned…" />;
  const open = toClean(work);
  const [first] = work.acts;
  const things = thingsOf(work);
  const named = (ids: string[]) => [...things.values()].filter(({ id }) => ids.includes(id));
  const stopped = work.items.filter((item) => work.stopped.includes(item.id));
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {open === 0 ? (
          work.drying.length > 0 ? (
            `All is cleaned; ${count(work.drying.length, "item")} still dry.`
          ) : (
            "Everything in the kit is clean."
          )
        ) : (
          <>
            {capital(openWords(work))} to clean: <b>{aboutMinutes(work.handSeconds)} of work</b>
            {work.seconds > work.handSeconds + 60 &&
              `, all clean after ${aboutMinutes(work.seconds)}`}
            {work.alcoholMl > 0 && `, ${work.alcoholMl} ml of alcohol`}
            {work.wipes > 0 && `, ${count(work.wipes, "wipe")}`}
            {work.supplies.wipes < work.wipes && (
              <b className="text-soon"> (you have {work.supplies.wipes})</b>
            )}
            {work.detergentMl > 0 && `, ${work.detergentMl} ml of detergent`}
            {work.supplies.detergentMl < work.detergentMl && (
              <b className="text-soon"> (you have {work.supplies.detergentMl})</b>
            )}
            {work.laidFlat > 0 && `, room to lay ${count(work.laidFlat, "item")} flat`}.
            {first && ` First ${lower(actWords(first.steps, named(idsOf(first)), work.moment))}.`}
          </>
        )}{" "}
        {stopped.length > 0 && (
          <>
            <Counted to="#stopped" state="stop">
              {capital(count(stopped.length, "item"))}
            </Counted>{" "}
            must not be used until you decide.
          </>
        )}
      </Sentence>
      <Working work={work} toldAt={query.dataUpdatedAt} booking={null} face={null} whom="her">
        <Pouches />
        <RunEnds />
        <RecordLinks />
        {stopped.length > 0 && (
          <section id="stopped" aria-label="To decide">
            <h2 className="border-line border-b pb-1 font-semibold text-stop">To decide</h2>
            <ul>
              {stopped.map((item) => (
                <li key={item.id} className="border-hair border-b pb-3">
                  <Link className="block py-2 underline" to={`/kit/items/${item.id}`}>
                    {shortName(item)}
                  </Link>
                  <Deciding
                    item={item}
                    verdicts={
                      work.quarantined.includes(item.id) ? ["release", "discard"] : ["discard"]
                    }
                  />
                </li>
              ))}
            </ul>
          </section>
        )}
      </Working>
    </div>
  );
}

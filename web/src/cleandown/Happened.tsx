import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useActs } from "../api/acts";
import { ask, type Schemas } from "../api/client";
import { ThingButton } from "../parts/ThingButton";
import { toggled } from "../parts/toggled";
import { Button } from "../ui/Button";
import { Sheet } from "../ui/Sheet";
import { cautionWords, INCIDENTS, type Incident, type Work } from "../words/cleaning";
import { capital, count } from "../words/codes";
import { shortName } from "../words/items";
import { wayWords } from "../words/treatment";

type HappenedProps = { work: Pick<Work, "items">; booking: string | null; face: string | null };

/** Reports what happened: to what, and what; what becomes of it is told before. */
export function Happened({ work, booking, face }: HappenedProps) {
  const [open, setOpen] = useState(false);
  if (work.items.length === 0) return null;
  return (
    <>
      <Button className="max-hand:min-h-12 max-hand:flex-1" onClick={() => setOpen(true)}>
        Something happened
      </Button>
      {open && (
        <Report items={work.items} booking={booking} face={face} onDone={() => setOpen(false)} />
      )}
    </>
  );
}

type ReportProps = {
  items: Work["items"];
  booking: string | null;
  face: string | null;
  onDone: () => void;
};

function Report({ items, booking, face, onDone }: ReportProps) {
  const { perform } = useActs();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    // Of one alone nobody has to say which.
    new Set(items.length === 1 ? items.map((item) => item.id) : []),
  );
  const [incident, setIncident] = useState<Incident | null>(null);
  const ids = [...chosen];
  const tried = useQuery({
    queryKey: ["try-incident", incident, ids.toSorted().join()],
    enabled: incident !== null && ids.length > 0,
    queryFn: () =>
      ask<Schemas["WouldBe"][]>("POST", "/api/incidents/try", { incident, items: ids }),
  });
  const report = () =>
    perform({
      path: "/api/incidents",
      body: { incident, items: ids, booking, face },
      done: `Reported: ${INCIDENTS[incident as Incident]}, ${count(ids.length, "item")}.`,
    })
      .then(onDone)
      .catch(() => {});
  const cautions = new Set(tried.data?.flatMap(({ treatment }) => treatment?.cautions ?? []));
  return (
    <Sheet title="What happened?" open onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <div className="flex flex-wrap gap-1.5">
          {(Object.entries(INCIDENTS) as [Incident, string][]).map(([code, words]) => (
            <button
              key={code}
              type="button"
              aria-pressed={incident === code}
              onClick={() => setIncident(code)}
              className="min-h-9 rounded border border-line px-2.5 hover:bg-lit aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper max-hand:min-h-11"
            >
              {words}
            </button>
          ))}
        </div>
        <fieldset className="flex flex-wrap gap-1.5">
          <legend className="mb-1 text-soft">To what?</legend>
          {items.map((item) => (
            <ThingButton
              key={item.id}
              item={item}
              isChosen={chosen.has(item.id)}
              onChoose={() => setChosen(toggled(chosen, item.id))}
            />
          ))}
        </fieldset>
        {tried.data && (
          <ul aria-label="What becomes of it" className="flex flex-col gap-1">
            {tried.data.map(({ item, treatment }) => {
              const thing = items.find((one) => one.id === item);
              return (
                <li key={item}>
                  {thing && shortName(thing)}:{" "}
                  <b>{treatment ? wayWords(treatment) : "set apart until you decide"}</b>
                </li>
              );
            })}
          </ul>
        )}
        {[...cautions].map((caution) => (
          <p key={caution} className="text-soon">
            {cautionWords(caution)}
          </p>
        ))}
        <Button
          kind="solid"
          disabled={incident === null || ids.length === 0}
          onClick={() => void report()}
        >
          {ids.length > 0
            ? `Report it for ${count(ids.length, "item")}`
            : capital("choose to what")}
        </Button>
      </div>
    </Sheet>
  );
}

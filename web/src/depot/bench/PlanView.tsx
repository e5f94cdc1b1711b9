import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { useActs } from "../../api/acts";
import { type Chosen, type Plan, type Session, useEmpties } from "../../api/depot";
import { usePlaces } from "../../api/kit";
import { Sentence } from "../../parts/Sentence";
import { Button, buttonLook } from "../../ui/Button";
import { Chip } from "../../ui/Chip";
import { SelectField, TextField } from "../../ui/Field";
import { capital, count } from "../../words/codes";
import { volume } from "../../words/depot";
import { placePath } from "../../words/items";
import { decimal, mass, minutes } from "../../words/quantities";
import { PlanRowEditor } from "./PlanRowEditor";
import { PlanShelves } from "./PlanShelves";
import { TakeMore } from "./TakeMore";

type PlanViewProps = { session: Session; plan: Plan };

/** The bench before the work: packs above, what they go into below, both to one scale. */
export function PlanView({ session, plan }: PlanViewProps) {
  const empties = useEmpties().data;
  const { perform } = useActs();
  const navigate = useNavigate();
  const [picked, setPicked] = useState<string | null>(null);
  const rows = inOrderOfWork(plan);
  const row = rows.find((one) => one.item.id === picked) ?? null;
  const path = `/api/bench/sessions/${session.id}`;
  const save = (changed: Partial<Draft>, done: string) =>
    perform({
      method: "PUT",
      path,
      body: { ...draftOf(session, plan), version: session.version, ...changed },
      done,
      becomes: ["bench-session", session.id],
    }).catch(() => {});
  const change = (chosen: Chosen, done: string) =>
    save(
      {
        chosen: plan.rows.map((one) => (one.item.id === chosen.item ? chosen : one.chosen)),
      },
      done,
    );
  const begin = async () => {
    await perform({ path: `${path}/begin`, done: "Session started." });
  };
  const giveUp = async () => {
    await perform({
      path: `${path}/give-up`,
      done: "Removed the session.",
      gone: ["bench-session", session.id],
    });
    navigate("/bench");
  };
  return (
    <div className="flex flex-col gap-5">
      <PlanSentence plan={plan} />
      <Facts plan={plan} />
      <div className="flex flex-wrap items-end gap-3">
        <Months
          session={session}
          onChange={(wantedMonths) =>
            void save({ wantedMonths }, `Planned for ${wantedMonths} months.`)
          }
        />
        <BackStock
          session={session}
          onChange={(backStock) => void save({ backStock }, "Saved where packs go afterwards.")}
        />
        <Button
          kind="solid"
          disabled={plan.labels === 0}
          onClick={() => void begin().catch(() => {})}
        >
          {plan.labels === 0
            ? "Nothing to start with"
            : `Start with ${count(plan.labels, "container")}`}
        </Button>
        <Button kind="bare" onClick={() => void giveUp().catch(() => {})}>
          Clear the bench
        </Button>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)_22rem] items-start gap-8 max-hand:grid-cols-1">
        <PlanShelves
          rows={rows}
          empties={empties?.kinds ?? []}
          picked={picked}
          onPick={setPicked}
        />
        <div className="flex flex-col gap-6 max-hand:contents">
          {row ? (
            <div className="max-hand:order-first">
              <PlanRowEditor
                key={row.item.id}
                row={row}
                empties={empties?.kinds ?? []}
                onChange={(chosen, done) => void change(chosen, done)}
                onLeave={() => {
                  setPicked(null);
                  void save(
                    {
                      chosen: plan.rows
                        .filter((one) => one.item.id !== row.item.id)
                        .map((one) => one.chosen),
                    },
                    "Removed from the bench.",
                  );
                }}
              />
            </div>
          ) : (
            <p className="text-soft max-hand:hidden">
              Choose a pack to say what it goes into, how much, or that it stays. The rest is
              planned around your choices.
            </p>
          )}
          <EmptiesNeeded plan={plan} />
        </div>
      </div>
      <TakeMore
        taken={plan.rows.map((one) => one.item.id)}
        onTake={(chosen) =>
          void save(
            { chosen: [...plan.rows.map((one) => one.chosen), chosen] },
            "Put another pack on the bench.",
          )
        }
      />
    </div>
  );
}

type Draft = { wantedMonths: number; backStock: string | null; chosen: Chosen[] };

function draftOf(session: Session, plan: Plan): Draft {
  return {
    wantedMonths: session.wantedMonths,
    backStock: session.backStock,
    chosen: plan.rows.map((row) => row.chosen),
  };
}

/** What is filled in the order of work, then what stays. */
function inOrderOfWork(plan: Plan) {
  const turn = new Map(plan.order.map((id, index) => [id, index]));
  return plan.rows.toSorted(
    (one, other) => (turn.get(one.item.id) ?? 999) - (turn.get(other.item.id) ?? 999),
  );
}

function PlanSentence({ plan }: { plan: Plan }) {
  const filled = plan.rows.filter((row) => row.pieces.length > 0).length;
  const lighter = plan.before.massG - plan.after.massG;
  const smaller = plan.before.volumeMl - plan.after.volumeMl;
  if (filled === 0) {
    return (
      <Sentence>
        {capital(count(plan.rows.length, "pack"))} on the bench, but nothing to fill: no suitable
        empties are in stock.
      </Sentence>
    );
  }
  return (
    <Sentence>
      {capital(count(filled, "pack"))} into {count(plan.labels, "container")}, about{" "}
      <b>{minutes(plan.minutes.total)}</b>. That saves <b>{mass(Math.round(lighter))}</b> and{" "}
      <b>{volume(Math.max(0, smaller))}</b>.
    </Sentence>
  );
}

/** The whole case before and after, and what the minutes are made of. */
function Facts({ plan }: { plan: Plan }) {
  const { minutes: parts } = plan;
  return (
    <p className="flex flex-wrap items-center gap-x-5 gap-y-1 text-soft">
      {plan.cases.map((one) => (
        <span key={one.place}>
          {one.name}: {mass(Math.round(one.before.massG))} → {mass(Math.round(one.after.massG))},
          its items {volume(one.before.volumeMl)} → {volume(one.after.volumeMl)}
        </span>
      ))}
      {parts.total > 0 && (
        <Chip word="because">
          <ul>
            <li>Setting up and clearing up {minutes(parts.setUp)}.</li>
            <li>Filling {minutes(parts.filling)}, at your own pace where it is known.</li>
            <li>
              {capital(count(plan.labels, "label"))} {minutes(parts.labels)}.
            </li>
          </ul>
        </Chip>
      )}
    </p>
  );
}

function Months({ session, onChange }: { session: Session; onChange: (months: number) => void }) {
  const [told, setTold] = useState(String(session.wantedMonths));
  const set = () => {
    const months = decimal(told);
    if (months !== null && months > 0 && months !== session.wantedMonths) onChange(months);
  };
  return (
    <div className="w-40">
      <TextField
        label="Should last"
        hint="months"
        inputMode="decimal"
        value={told}
        onChange={(event) => setTold(event.target.value)}
        onBlur={set}
        onKeyDown={(event) => event.key === "Enter" && set()}
      />
    </div>
  );
}

type BackStockProps = { session: Session; onChange: (place: string | null) => void };

function BackStock({ session, onChange }: BackStockProps) {
  const places = usePlaces();
  const stores = [...places.values()].filter((place) => !place.portable && place.kind !== "lent");
  return (
    <div className="w-64">
      <SelectField
        label="Packs go afterwards to"
        empty="where they are"
        value={session.backStock ?? ""}
        choices={stores.map((place) => ({ value: place.id, word: placePath(place.id, places) }))}
        onChange={(event) => onChange(event.target.value || null)}
      />
    </div>
  );
}

function EmptiesNeeded({ plan }: { plan: Plan }) {
  return (
    <section aria-label="Empties">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Empties and labels
        <span className="font-normal text-soft">{count(plan.labels, "label")}</span>
      </h2>
      <ul>
        {plan.empties.map((one) => (
          <li key={one.empty} className="flex flex-wrap gap-x-3 border-hair border-b py-1.5">
            <span className="min-w-0 flex-1">{one.name}</span>
            <span className="text-soft">
              {one.needed} of {one.stock}
            </span>
            {one.missing > 0 && (
              <span className="w-full text-soon text-sm">{one.missing} more could be used</span>
            )}
          </li>
        ))}
      </ul>
      <Link to="/bench/empties" className={`${buttonLook("bare")} mt-1`}>
        Count the empties
      </Link>
    </section>
  );
}

import { useEffect, useState } from "react";
import { Link } from "react-router";
import type { Chosen, Empty, PlanRow } from "../../api/depot";
import { Button } from "../../ui/Button";
import { Chip } from "../../ui/Chip";
import { TextField } from "../../ui/Field";
import { cautionWords, reasonChip, reasonTold } from "../../words/depot";
import { fullName } from "../../words/items";
import { amount, decimal, leftOf, mass } from "../../words/quantities";

type EditorProps = {
  row: PlanRow;
  empties: Empty[];
  onChange: (chosen: Chosen, done: string) => void;
  onLeave: () => void;
};

/** What one pack goes into, and why; everything can be changed. */
export function PlanRowEditor({ row, empties, onChange, onLeave }: EditorProps) {
  const { item, chosen } = row;
  const name = fullName(item);
  const piece = row.pieces[0];
  const unit = item.product.unit;
  const isOwn = chosen.stays || chosen.empty !== null || chosen.usePerMonth !== null;
  return (
    <section
      aria-label={name}
      className="flex flex-col gap-3 rounded-md border-2 border-ink bg-paper p-4"
    >
      <h2 className="font-semibold font-voice text-xl leading-tight">
        <Link to={`/kit/items/${item.id}`} className="hover:underline">
          {name}
        </Link>
      </h2>
      <p className="text-soft">
        {leftOf(item)} in a pack of {mass(item.massG)}.
      </p>
      {row.fault && (
        <p role="alert" className="text-stop">
          {row.fault}
        </p>
      )}
      <p className="flex flex-wrap gap-1.5">
        {(piece?.reasons ?? row.stays).map((code) => (
          <Chip key={String(code)} word={reasonChip(String(code))}>
            {reasonTold(String(code))}
          </Chip>
        ))}
      </p>
      {row.cautions.map((caution) => (
        <p key={caution} className="border-soon border-l-4 pl-2.5 text-sm">
          {cautionWords(caution)} Local rules and licensed practice come first.
        </p>
      ))}
      <Kinds row={row} empties={empties} onChange={onChange} />
      <div className="grid grid-cols-2 gap-3">
        <Figure
          label="In each"
          hint={unit}
          value={piece?.amount ?? null}
          disabled={!piece}
          onSet={(told) =>
            piece &&
            onChange(
              { ...chosen, stays: false, empty: piece.empty, count: piece.count, amount: told },
              told === null ? "The amount is suggested again." : `Fill in ${amount(told, unit)}.`,
            )
          }
        />
        <Figure
          label="How many"
          hint="1 to 4"
          value={piece?.count ?? null}
          disabled={!piece}
          onSet={(told) =>
            piece &&
            onChange(
              { ...chosen, stays: false, empty: piece.empty, count: told, amount: null },
              `Into ${told ?? 1}.`,
            )
          }
        />
        <Figure
          label="Used in a month"
          hint={unit}
          value={row.usePerMonth}
          onSet={(told) => onChange({ ...chosen, usePerMonth: told }, "Saved the monthly use.")}
        />
        <p className="self-end pb-2 text-soft text-sm">
          {row.useBasis === "learnt" && "from the recorded use"}
          {row.useBasis === "assumed" && "assumed: a pack a year, no use recorded yet"}
          {row.useBasis === "told" && "as you said"}
        </p>
      </div>
      <div className="flex flex-wrap gap-2">
        {!chosen.stays && (
          <Button
            onClick={() => onChange({ ...chosen, stays: true }, `${name} stays in its pack.`)}
          >
            Stays in its pack
          </Button>
        )}
        {isOwn && (
          <Button
            onClick={() =>
              onChange(
                {
                  item: item.id,
                  stays: false,
                  empty: null,
                  count: null,
                  amount: null,
                  usePerMonth: null,
                },
                "It is suggested again.",
              )
            }
          >
            Suggest again
          </Button>
        )}
        <Button kind="bare" onClick={onLeave}>
          Remove from the bench
        </Button>
      </div>
    </section>
  );
}

const VERDICTS = { fits: "fits", caution: "with care", no: "does not suit" };
const RANK = { fits: 0, caution: 1, no: 2 };

/** Every kind of empties and how it suits, the best first. */
function Kinds({ row, empties, onChange }: Omit<EditorProps, "onLeave">) {
  const kinds = new Map(empties.map((kind) => [kind.id, kind.empty]));
  const piece = row.pieces[0];
  const never = row.fits.some((fit) =>
    fit.reasons.some((code) => String(code) === "never-decanted" || String(code) === "sterile"),
  );
  if (never) return null;
  const fits = row.fits.toSorted(
    (one, other) =>
      RANK[one.verdict] - RANK[other.verdict] ||
      Number(kinds.get(other.empty)?.stock ?? 0) - Number(kinds.get(one.empty)?.stock ?? 0),
  );
  return (
    <fieldset>
      <legend className="mb-1 font-semibold text-sm">Goes into</legend>
      <ul className="max-h-60 overflow-y-auto border-hair border-y">
        {fits.map((fit) => {
          const kind = kinds.get(fit.empty);
          if (!kind) return null;
          return (
            <li key={fit.empty}>
              <button
                type="button"
                aria-pressed={piece?.empty === fit.empty}
                onClick={() =>
                  onChange(
                    { ...row.chosen, stays: false, empty: fit.empty, count: 1, amount: null },
                    `Goes into ${kind.name}.`,
                  )
                }
                className="flex min-h-9 w-full items-baseline gap-2 border-hair border-b px-1.5 py-1 text-left hover:bg-lit aria-pressed:bg-lit aria-pressed:font-semibold max-hand:min-h-11"
              >
                <span className="min-w-0 flex-1">{kind.name}</span>
                <span
                  data-verdict={fit.verdict}
                  className="text-soft text-sm data-[verdict=no]:text-stop data-[verdict=caution]:text-soon"
                >
                  {fit.verdict === "fits"
                    ? VERDICTS.fits
                    : `${VERDICTS[fit.verdict]}: ${reasonChip(String(fit.reasons[0]))}`}
                </span>
                <span className="w-8 text-right text-soft">{kind.stock}</span>
              </button>
            </li>
          );
        })}
      </ul>
    </fieldset>
  );
}

type FigureProps = {
  label: string;
  hint: string;
  value: number | null;
  disabled?: boolean;
  onSet: (told: number | null) => void;
};

/** A number that is set when one leaves the field. */
function Figure({ label, hint, value, disabled = false, onSet }: FigureProps) {
  const written = value === null ? "" : String(value);
  const [told, setTold] = useState(written);
  // What is proposed anew stands in the field, which keeps the focus.
  useEffect(() => setTold(written), [written]);
  const set = () => {
    const number = decimal(told);
    if (number !== value && (number === null || number >= 0)) onSet(number);
  };
  return (
    <TextField
      label={label}
      hint={hint}
      inputMode="decimal"
      value={told}
      disabled={disabled}
      onChange={(event) => setTold(event.target.value)}
      onBlur={set}
      onKeyDown={(event) => event.key === "Enter" && set()}
    />
  );
}

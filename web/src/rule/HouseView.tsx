import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { z } from "zod";
import { useActs } from "../api/acts";
import { ask, Problem, type Schemas } from "../api/client";
import { useItemsOf } from "../api/dates";
import { useHouse } from "../api/house";
import { Sentence } from "../parts/Sentence";
import { fieldsOf, neededNumber, neededWhole, typedNumber, useTyped } from "../parts/typed";
import { TimeZone } from "../signin/TimeZone";
import { Button } from "../ui/Button";
import { ChangedElsewhere } from "../ui/ChangedElsewhere";
import { TextField } from "../ui/Field";
import { showFaults } from "../ui/faults";
import { Without } from "../ui/Without";
import { capital, count, word } from "../words/codes";
import { fullName } from "../words/items";
import { Matters } from "./Matters";

type House = Schemas["HouseView"];

/** The two columns of limits, as they are called on the screen. */
const LIMITS = { usual: "usual", cautious: "stricter" } as const;

/** How palettes travel, as it is called on the screen. */
const PALETTES = { "keep-whole": "come whole", "lift-pans": "lend single pans" } as const;

/** The school one works by, and what a change of it would do today. */
export function HouseView() {
  const house = useHouse();
  if (!house.data) return <Without query={house} waiting="Reading the rules…" />;
  return <Rules key={house.data.version} house={house.data} />;
}

const RULES = z.object({
  dateLimits: z.enum(["usual", "cautious"]),
  own: z.record(z.string(), typedNumber()),
  eyeMarginDays: neededWhole("Say how many days."),
  reservePercent: neededWhole("Say how many percent."),
  deliveryDays: neededWhole("Say how many days."),
  shadeLimit: neededNumber("Say how far a base may be off."),
  load: z.object({
    usablePercent: neededWhole("Say how many percent."),
    wornGrams: neededWhole("Say how many grams."),
    carriedGrams: neededWhole("Say how many grams."),
  }),
  practices: z.object({
    palettes: z.enum(["keep-whole", "lift-pans"]),
    powder: z.string(),
    pencil: z.string(),
    softTwistUp: z.string(),
    felt: z.string(),
    bullet: z.string(),
    sponge: z.string(),
    brushes: z.string(),
    washing: z.string(),
    wands: z.string(),
    sunFilter: z.string(),
    preparation: z.string(),
    touchUp: z.string(),
    dips: z.string(),
    refill: z.string(),
    range: z.string(),
    hand: z.string(),
    sprayPercent: neededWhole("Say how strong it is."),
  }),
});

type Draft = z.input<typeof RULES>;

function Rules({ house }: { house: House }) {
  const { perform } = useActs();
  const form = useTyped(RULES, draftOf(house));
  const [problem, setProblem] = useState<Problem | null>(null);
  const draft = form.watch();
  const { data: meant } = RULES.safeParse(draft);
  const field = fieldsOf(form);
  const isChanged = JSON.stringify(draft) !== JSON.stringify(draftOf(house));
  const save = (version = house.version) =>
    form.handleSubmit(async (typed) => {
      const rules = rulesOf(typed);
      try {
        await perform({
          method: "PUT",
          path: "/api/house",
          body: { version, rules },
          done: "Saved the house rules.",
        });
      } catch (thrown) {
        if (!(thrown instanceof Problem)) throw thrown;
        setProblem(thrown);
        showFaults(thrown, form.setError, (path) => fieldOf(path, rules.ownLimits));
      }
    })();
  const current = problem?.current as House | null | undefined;
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        You use the <b>{LIMITS[house.dateLimits]}</b> shelf-life limits
        {ownCount(house) > 0 && `, with ${count(ownCount(house), "limit")} of your own`}.{" "}
        {isChanged && meant ? (
          <Effect rules={rulesOf(meant)} />
        ) : (
          "Change one and see what it would do."
        )}
      </Sentence>
      {current && (
        <ChangedElsewhere
          what="set of rules"
          onKeepMine={() => void save(current.version)}
          onTakeTheirs={() => {
            form.reset(draftOf(current));
            setProblem(null);
          }}
        />
      )}
      <div className="flex flex-wrap gap-x-10 gap-y-4">
        <OneOf
          legend="Shelf-life limits after opening"
          options={LIMITS}
          chosen={draft.dateLimits}
          onChoose={(school) => form.setValue("dateLimits", school)}
        />
        <OneOf
          legend="Palettes"
          options={PALETTES}
          chosen={draft.practices.palettes}
          onChoose={(practice) => form.setValue("practices.palettes", practice)}
        />
      </div>
      {draft.practices.palettes === "lift-pans" && (
        <p className="max-w-3xl text-soft">
          Where only some pans of a palette are needed and you have an empty palette that weighs
          less, the list has them travel in that one. When they come home they go back into their
          slots.
        </p>
      )}
      <div className="grid max-w-6xl grid-cols-5 items-start gap-4 max-hand:grid-cols-1">
        <TextField
          label="Replace eye products"
          hint="days early"
          inputMode="numeric"
          {...field("eyeMarginDays")}
        />
        <TextField
          label="Reserve"
          hint="% of what is used up"
          inputMode="numeric"
          {...field("reservePercent")}
        />
        <TextField
          label="An order takes"
          hint="days"
          inputMode="numeric"
          {...field("deliveryDays")}
        />
        <TextField
          label="A base may be off"
          hint="CIEDE2000"
          inputMode="decimal"
          {...field("shadeLimit")}
        />
        <TextField
          label="Alcohol you spray"
          hint="% by volume"
          inputMode="numeric"
          {...field("practices.sprayPercent")}
        />
        <TextField
          label="A compartment may be full"
          hint="% of its volume"
          inputMode="numeric"
          {...field("load.usablePercent")}
        />
        <TextField
          label="A worn bag may weigh"
          hint="g, with all in it"
          inputMode="numeric"
          {...field("load.wornGrams")}
        />
        <TextField
          label="A carried bag may weigh"
          hint="g, on a long way"
          inputMode="numeric"
          {...field("load.carriedGrams")}
        />
      </div>
      <Matters
        sprayPercent={meant?.practices.sprayPercent ?? null}
        held={draft.practices}
        onHold={(practice, way) => form.setValue(`practices.${practice}`, way)}
      />
      <TimeZone />
      <Limits
        house={house}
        draft={draft}
        fault={(dateClass) => form.getFieldState(`own.${dateClass}`, form.formState).error?.message}
        onChange={(dateClass, months) => form.setValue(`own.${dateClass}`, months)}
      />
      {isChanged && (
        <div className="sticky bottom-0 z-10 flex flex-wrap gap-2 bg-sheet py-3 max-hand:bottom-(--foot)">
          <Button kind="solid" onClick={() => void save()}>
            Save
          </Button>
          <Button kind="bare" onClick={() => form.reset(draftOf(house))}>
            Cancel
          </Button>
        </div>
      )}
    </div>
  );
}

type OneOfProps<Option extends string> = {
  legend: string;
  options: Record<Option, string>;
  chosen: Option;
  onChoose: (option: Option) => void;
};

/** Where artists disagree: what there is to choose from, side by side. */
function OneOf<Option extends string>({ legend, options, chosen, onChoose }: OneOfProps<Option>) {
  return (
    <fieldset className="flex flex-wrap items-end gap-3">
      <legend className="mb-1 font-semibold text-sm">{legend}</legend>
      {(Object.keys(options) as Option[]).map((option) => (
        <button
          key={option}
          type="button"
          aria-pressed={chosen === option}
          onClick={() => onChoose(option)}
          className="min-h-11 rounded border border-line px-4 hover:bg-lit aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
        >
          {options[option]}
        </button>
      ))}
    </fieldset>
  );
}

function ownCount(house: House): number {
  return house.limits.filter((limit) => limit.ownMonths !== null).length;
}

function draftOf(house: House): Draft {
  return {
    dateLimits: house.dateLimits,
    own: Object.fromEntries(
      house.limits
        .filter((limit) => limit.ownMonths !== null)
        .map((limit) => [limit.dateClass, String(limit.ownMonths)]),
    ),
    eyeMarginDays: String(house.eyeMarginDays),
    reservePercent: String(house.reservePercent),
    deliveryDays: String(house.deliveryDays),
    shadeLimit: String(house.shadeLimit),
    load: {
      usablePercent: String(house.load.usablePercent),
      wornGrams: String(house.load.wornGrams),
      carriedGrams: String(house.load.carriedGrams),
    },
    practices: { ...house.practices, sprayPercent: String(house.practices.sprayPercent) },
  };
}

function rulesOf({ own, ...rules }: z.output<typeof RULES>) {
  const ownLimits = Object.entries(own).flatMap(([dateClass, months]) =>
    months === null ? [] : [{ dateClass, months }],
  );
  return { ...rules, ownLimits };
}

const OWN_LIMIT = /^rules\.ownLimits\[(\d+)\]/;

/** Where a part of the rules was written. */
function fieldOf(path: string, ownLimits: { dateClass: string }[]): string {
  const [, at] = OWN_LIMIT.exec(path) ?? [];
  return at ? `own.${ownLimits[Number(at)]?.dateClass}` : path.replace("rules.", "");
}

/** What would be past, or good again, today. */
function Effect({ rules }: { rules: ReturnType<typeof rulesOf> }) {
  const effect = useQuery({
    queryKey: ["house-try", rules],
    retry: false,
    queryFn: () => ask<Schemas["Effect"]>("POST", "/api/house/try", { rules }),
  });
  const gone = effect.data?.gone ?? [];
  const back = effect.data?.backAgain ?? [];
  const items = useItemsOf(gone.slice(0, 6));
  if (effect.error) return <span className="text-stop">{effect.error.message}</span>;
  if (!effect.data) return null;
  if (gone.length + back.length === 0)
    return <>With these rules nothing more is out of date today.</>;
  return (
    <>
      {gone.length > 0 && (
        <>
          These rules would put <b className="text-stop">{count(gone.length, "item")}</b> out of
          date today
          {items.length > 0 && (
            <>
              :{" "}
              {items.map((item, index) => (
                <span key={item.id}>
                  {index > 0 && ", "}
                  <Link to={`/kit/items/${item.id}`} className="underline decoration-1">
                    {fullName(item)}
                  </Link>
                </span>
              ))}
              {gone.length > items.length && " and more"}
            </>
          )}
          .{" "}
        </>
      )}
      {back.length > 0 && `${capital(count(back.length, "item"))} would be in date again.`}
    </>
  );
}

const PERIOD = /^P(\d+)([MD])$/;

function period(told: string): string {
  const [, many, unit] = PERIOD.exec(told) ?? [];
  return many ? `${many} ${unit === "M" ? "months" : "days"}` : "no limit";
}

type LimitsProps = {
  house: House;
  draft: Draft;
  fault: (dateClass: string) => string | undefined;
  onChange: (dateClass: string, months: string) => void;
};

/** The two schools side by side, and one's own, which is written one at a time. */
function Limits({ house, draft, fault, onChange }: LimitsProps) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <section aria-label="Limits by class" className="max-w-3xl">
      <div className="grid grid-cols-[1fr_7rem_7rem_8rem] gap-x-4 border-ink border-b pb-1 font-semibold max-hand:grid-cols-[1fr_5rem_6rem]">
        <span>Kept after opening</span>
        <span className="max-hand:hidden">stricter</span>
        <span>usual</span>
        <span>your own</span>
      </div>
      <ul>
        {house.limits.map((limit) => {
          const own = draft.own[limit.dateClass] ?? "";
          const holds = own.trim() ? "own" : draft.dateLimits;
          return (
            <li
              key={limit.dateClass}
              className="grid grid-cols-[1fr_7rem_7rem_8rem] items-center gap-x-4 border-hair border-b py-0.5 max-hand:grid-cols-[1fr_5rem_6rem]"
            >
              <span>{capital(word(limit.dateClass))}</span>
              <span
                className={`max-hand:hidden ${holds === "cautious" ? "font-semibold" : "text-soft"}`}
              >
                {period(limit.cautious)}
              </span>
              <span className={holds === "usual" ? "font-semibold" : "text-soft"}>
                {period(limit.usual)}
              </span>
              <OwnLimit
                name={word(limit.dateClass)}
                own={own}
                isOpen={open === limit.dateClass}
                onOpen={() => setOpen(limit.dateClass)}
                onDone={() => setOpen(null)}
                fault={fault(limit.dateClass)}
                onChange={(months) => onChange(limit.dateClass, months)}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}

type OwnLimitProps = {
  name: string;
  own: string;
  fault: string | undefined;
  isOpen: boolean;
  onOpen: () => void;
  onDone: () => void;
  onChange: (months: string) => void;
};

/** A limit of one's own: a word until it is pressed, then a field. */
function OwnLimit({ name, own, fault, isOpen, onOpen, onDone, onChange }: OwnLimitProps) {
  if (!isOpen && !fault) {
    return (
      <button
        type="button"
        aria-label={`Change your own limit of ${name}`}
        onClick={onOpen}
        className={`min-h-9 text-left underline decoration-line max-hand:min-h-11 ${own.trim() ? "font-semibold" : "text-soft"}`}
      >
        {own.trim() ? `${own} months` : "set"}
      </button>
    );
  }
  return (
    <TextField
      label={`Own limit of ${name}, months`}
      isBare
      fault={fault}
      autoFocus
      inputMode="numeric"
      placeholder="months"
      value={own}
      onChange={(event) => onChange(event.target.value)}
      onBlur={onDone}
      onKeyDown={(event) => event.key === "Enter" && onDone()}
    />
  );
}

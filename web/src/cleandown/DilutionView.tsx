import { useQuery } from "@tanstack/react-query";
import { z } from "zod";
import { ask, Problem, type Schemas } from "../api/client";
import { Sentence } from "../parts/Sentence";
import { fieldsOf, neededNumber, useTyped } from "../parts/typed";
import { TextField } from "../ui/Field";
import { decimal } from "../words/quantities";

type Answer = Schemas["DilutionAnswer"];

const WANTED = z.object({
  stockPercent: neededNumber("Say how strong it is."),
  targetPercent: neededNumber("Say how strong it should be."),
  finalMl: neededNumber("Say how much you want."),
});

const DRAWN_PX = 220;

/** How much of a strong alcohol and how much water make so much of a weaker one. */
export function DilutionView() {
  const form = useTyped(WANTED, { stockPercent: "99", targetPercent: "70", finalMl: "500" });
  const typed = form.watch();
  const asked = {
    stockPercent: decimal(typed.stockPercent),
    targetPercent: decimal(typed.targetPercent),
    finalMl: decimal(typed.finalMl),
  };
  const answer = useQuery({
    queryKey: ["dilution", asked],
    retry: false,
    queryFn: () => ask<Answer>("POST", "/api/calc/dilution", asked),
  });
  const faults = answer.error instanceof Problem ? answer.error.faults : [];
  const written = fieldsOf(form);
  const field = (name: keyof typeof typed) => ({
    ...written(name),
    fault: faults.find((one) => one.path === name)?.message,
  });
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {answer.data ? (
          <>
            <b>{answer.data.stockMl} ml</b> of {typed.stockPercent} % and{" "}
            <b>{answer.data.waterMl} ml</b> of water make {typed.finalMl} ml of{" "}
            {typed.targetPercent} %.
          </>
        ) : (
          "Say how strong it is, how strong it should be, and how much you want."
        )}
      </Sentence>
      <div className="grid grid-cols-[minmax(0,20rem)_minmax(0,1fr)] gap-10 max-hand:grid-cols-1">
        <div className="flex flex-col gap-4">
          <TextField
            label="The bottle says"
            hint="% by volume"
            inputMode="decimal"
            {...field("stockPercent")}
          />
          <TextField
            label="Wanted"
            hint="% by volume"
            inputMode="decimal"
            {...field("targetPercent")}
          />
          <TextField label="In all" hint="ml" inputMode="decimal" {...field("finalMl")} />
        </div>
        {answer.data && (
          <Measured answer={answer.data} stock={typed.stockPercent} total={asked.finalMl ?? 1} />
        )}
      </div>
    </div>
  );
}

type MeasuredProps = { answer: Answer; stock: string; total: number };

/** A measuring cylinder with alcohol below and water above, and what there is to know. */
function Measured({ answer, stock, total }: MeasuredProps) {
  const alcohol = (answer.stockMl / total) * DRAWN_PX;
  const water = (answer.waterMl / total) * DRAWN_PX;
  return (
    <div className="flex gap-6 max-hand:flex-col">
      <svg
        width="150"
        height={DRAWN_PX + 24}
        viewBox={`0 0 150 ${DRAWN_PX + 24}`}
        role="img"
        aria-label={`${answer.stockMl} ml alcohol, then water up to ${total} ml`}
      >
        <rect x="8" y="12" width="60" height={water} fill="var(--lit)" />
        <rect
          x="8"
          y={12 + water}
          width="60"
          height={alcohol}
          fill="var(--proposed)"
          opacity="0.35"
        />
        <rect
          x="8"
          y="4"
          width="60"
          height={DRAWN_PX + 9}
          rx="4"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
        />
        <path d={`M68 ${12 + water}h10`} stroke="var(--ink)" strokeWidth="2" />
        <path d="M68 12h10" stroke="var(--ink)" strokeWidth="2" />
        <text x="82" y={17 + water} fill="var(--ink)" fontSize="14">
          {answer.stockMl} ml
        </text>
        <text x="82" y="17" fill="var(--ink)" fontSize="14">
          {total} ml
        </text>
      </svg>
      <div className="flex max-w-[34rem] flex-col gap-3">
        <p>
          First the alcohol up to the lower mark, then boiled, cooled or distilled water up to the
          upper one.
        </p>
        <p className={answer.inEffectiveRange ? "" : "font-semibold text-stop"}>
          {answer.inEffectiveRange
            ? "It lies between 60 and 90 %, where alcohol disinfects best."
            : "Below 60 or above 90 % alcohol disinfects less well: don’t rely on it."}
        </p>
        <p className="text-soft">
          The rule “70 parts and 30 parts of water” would give {answer.popularRulePercent} % from{" "}
          {stock} %: it only holds for pure alcohol.
        </p>
        <p className="border-soon border-l-4 pl-3">
          Alcohol is flammable: keep flames and hot tools away, air the room, and label the bottle
          with its strength and the date. Local rules and licensed practice come first.
        </p>
      </div>
    </div>
  );
}

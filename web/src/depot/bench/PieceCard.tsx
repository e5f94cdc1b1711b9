import { useState } from "react";
import { z } from "zod";
import { useActs } from "../../api/acts";
import { type Piece, type Session, useEmpties } from "../../api/depot";
import { usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { DateField } from "../../parts/DateField";
import { neededNumber, quietly, typedDate, typedWord, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { dateText, nearDate } from "../../words/dates";
import { cautionWords, handlingWords, stopwatch } from "../../words/depot";
import { fullName, placeChoices, shortName } from "../../words/items";
import { amount, leftOf, minutes } from "../../words/quantities";
import { ContainerStanding, PackStanding, standing } from "../Vessel";
import { Mishap } from "./Mishap";
import { useClock } from "./useClock";

type CardProps = { session: Session; piece: Piece; onDone: () => void };

const DRAWN_PX = 120;

/** One container to fill: from what, into what, how much, how, and what to be careful of. */
export function PieceCard({ session, piece, onDone }: CardProps) {
  const { perform } = useActs();
  const [asking, setAsking] = useState<"change" | "mishap" | null>(null);
  const [filling, setFilling] = useState<Filling>({
    amount: piece.amount,
    place: null,
    openedOn: null,
  });
  const isWorking = piece.state === "working";
  const path = `/api/bench/sessions/${session.id}/pieces/${piece.id}`;
  const { source } = piece;
  const today = useToday();
  const openedOn = source.sealed ? (filling.openedOn ?? today) : null;
  const fill = async () => {
    await perform({
      path: `${path}/fill`,
      body: {
        newItem: crypto.randomUUID(),
        amount: filling.amount,
        place: filling.place,
        slot: null,
        openedOn,
      },
      done: `Filled ${piece.emptyName} with ${shortName(source)}.`,
    });
    onDone();
  };
  const leaveOut = async () => {
    await perform({ path: `${path}/leave-out`, done: `Left ${shortName(source)} out.` });
    onDone();
  };
  return (
    <article className="flex flex-col gap-3 rounded-md border-2 border-ink bg-paper p-4">
      <FromTo piece={piece} />
      <h2 className="font-semibold font-voice text-2xl leading-tight">{fullName(source)}</h2>
      <p className="text-lg">
        {handlingWords(piece.handling)}: <b>{amount(filling.amount, source.product.unit)}</b> into
        the <b>{piece.emptyName}</b>.
      </p>
      {piece.cautions.map((caution) => (
        <p key={caution} className="border-soon border-l-4 pl-3">
          {cautionWords(caution)}{" "}
          <span className="text-soft">Local rules and licensed practice come first.</span>
        </p>
      ))}
      {source.sealed && (
        <p className="border-proposed border-l-4 pl-3">
          The pack is sealed: its time begins {nearDate(openedOn ?? today, today)}.{" "}
          <button type="button" className="underline" onClick={() => setAsking("change")}>
            another day
          </button>
        </p>
      )}
      <Clock piece={piece} now={session.now} />
      <div className="grid grid-cols-3 gap-2">
        <Button className="min-h-11" onClick={() => setAsking("change")}>
          Change
        </Button>
        <Button className="min-h-11" onClick={() => setAsking("mishap")}>
          Spill or break
        </Button>
        <Button className="min-h-11" onClick={() => void leaveOut().catch(() => {})}>
          Skip
        </Button>
      </div>
      <div className="max-hand:fixed max-hand:inset-x-0 max-hand:bottom-(--foot) max-hand:z-10 max-hand:border-hair max-hand:border-t max-hand:bg-paper max-hand:px-4 max-hand:pt-3 max-hand:pb-4">
        {isWorking ? (
          <Button kind="solid" size="thumb" onClick={() => void fill().catch(() => {})}>
            Filled and labelled
          </Button>
        ) : (
          <Button
            kind="solid"
            size="thumb"
            onClick={() => void perform({ path: `${path}/pick-up` }).catch(() => {})}
          >
            Start
          </Button>
        )}
      </div>
      <Otherwise
        piece={piece}
        filling={filling}
        open={asking === "change"}
        onChange={setFilling}
        onClose={() => setAsking(null)}
      />
      <Mishap
        piece={piece}
        path={path}
        open={asking === "mishap"}
        onClose={() => setAsking(null)}
      />
    </article>
  );
}

/** The pack and its container side by side, to one scale. */
function FromTo({ piece }: { piece: Piece }) {
  const empties = useEmpties().data;
  const empty = empties?.kinds.find((kind) => kind.id === piece.empty)?.empty;
  if (!empty) return null;
  const scale = Math.min(
    1.6,
    DRAWN_PX / Math.max(standing(piece.source).height, empty.outerHeightMm),
  );
  return (
    <div
      style={{ height: DRAWN_PX + 8 }}
      className="flex items-end justify-center gap-6 border-ink border-b-[3px]"
    >
      <PackStanding item={piece.source} scale={scale} />
      <span aria-hidden="true" className="pb-3 font-voice text-3xl text-soft">
        →
      </span>
      <ContainerStanding
        empty={empty}
        scale={scale}
        fill={Math.min(1, piece.amountMl / empty.sizeMl)}
        colour={piece.source.product.colour}
      />
    </div>
  );
}

function Clock({ piece, now }: { piece: Piece; now: string }) {
  const seconds = useClock(piece, now);
  return (
    <p className="flex items-baseline gap-3">
      <span role="timer" className="font-voice text-4xl tabular-nums">
        {stopwatch(seconds)}
      </span>
      <span className="text-soft">usually {minutes(piece.usualMinutes)}</span>
      {piece.mishap && <span className="text-stop">{piece.mishap.replaceAll("-", " ")}</span>}
    </p>
  );
}

const otherwise = z.object({
  amount: neededNumber("Say what went in."),
  place: typedWord(),
  openedOn: typedDate("began"),
});

type Filling = z.output<typeof otherwise>;

type OtherwiseProps = {
  piece: Piece;
  filling: Filling;
  open: boolean;
  onChange: (filling: Filling) => void;
  onClose: () => void;
};

/** Another amount, another place, the day a sealed pack was opened. */
function Otherwise({ piece, filling, open, onChange, onClose }: OtherwiseProps) {
  const places = usePlaces();
  const today = useToday();
  const { source } = piece;
  const { control, register, handleSubmit, formState } = useTyped(otherwise, {
    amount: String(filling.amount),
    place: filling.place ?? "",
    openedOn: dateText(filling.openedOn ?? today),
  });
  const take = handleSubmit((told) => {
    onChange(told);
    onClose();
  });
  return (
    <Sheet title={`Fill ${piece.emptyName} otherwise`} open={open} onOpenChange={onClose}>
      <form className="flex flex-col gap-4" noValidate onSubmit={quietly(take)}>
        <TextField
          label="What went in"
          hint={`${source.product.unit}, ${leftOf(source)} left in the pack`}
          inputMode="decimal"
          fault={formState.errors.amount?.message}
          {...register("amount")}
        />
        <SelectField
          label="It belongs in"
          empty="where the pack belongs"
          choices={placeChoices(places)}
          {...register("place")}
        />
        {source.sealed && (
          <DateField
            control={control}
            name="openedOn"
            meant="began"
            label="The pack was opened on"
          />
        )}
        <Button kind="solid" type="submit">
          Use these
        </Button>
      </form>
    </Sheet>
  );
}

import { useState } from "react";
import { Link, useParams } from "react-router";
import { useActs } from "../../api/acts";
import type { Item, Schemas } from "../../api/client";
import { usePalette, usePalettes } from "../../api/depot";
import { usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { Marks } from "../../parts/Marks";
import { Sentence } from "../../parts/Sentence";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { Without } from "../../ui/Without";
import { capital, count, word } from "../../words/codes";
import { inDate } from "../../words/dates";
import { fullName, placePath, shortName } from "../../words/items";
import { leftOf } from "../../words/quantities";
import { RefillIt } from "../lineage/RefillIt";
import { LiftOut } from "./LiftOut";
import { PaletteDrawn } from "./PaletteDrawn";
import { PanUp } from "./PanUp";

type Palette = Schemas["PaletteView"];
type Slot = Schemas["SlotView"];

/** A palette or tray as it is: each slot where it lies, with the shade in it and its name. */
export function PaletteView() {
  const { id = "" } = useParams();
  const palette = usePalette(id);
  const places = usePlaces();
  const { perform } = useActs();
  const [picked, setPicked] = useState<number | null>(null);
  const [moving, setMoving] = useState<Item | null>(null);
  if (!palette.data) return <Without query={palette} waiting="Opening…" />;
  const { data } = palette;
  const slot = data.slots.find((one) => one.number === picked) ?? null;
  const put = (item: Item, number: number) => {
    setMoving(null);
    void perform({
      path: `/api/palettes/${id}/put`,
      body: { item: item.id, slot: number },
      done: `${shortName(item)} lies in slot ${number}.`,
    }).catch(() => {});
  };
  const pick = (number: number) => {
    if (moving) put(moving, number);
    setPicked(number);
  };
  const hasLashes = data.slots.some(({ item }) => item?.product.form === "lashes");
  return (
    <div className="flex flex-col gap-5">
      <PaletteSentence palette={data} />
      <div className="flex flex-wrap gap-2">
        {hasLashes && (
          <Button
            onClick={() =>
              void perform({
                path: `/api/palettes/${id}/sort`,
                done: `Laid ${data.name} in order, natural to full.`,
              }).catch(() => {})
            }
          >
            Lay them in order, natural to full
          </Button>
        )}
        <Link to={`/kit/places/${id}`} className={buttonLook()}>
          Where it lies
        </Link>
        <Link to={`/kit/labels?inside=${id}`} className={buttonLook()}>
          Labels
        </Link>
      </div>
      {moving && (
        <p className="text-proposed">
          Where does {shortName(moving)} go? Choose a slot, or{" "}
          <button type="button" className="underline" onClick={() => setMoving(null)}>
            cancel
          </button>
          .
        </p>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)_20rem] items-start gap-8 max-hand:grid-cols-1">
        <PaletteDrawn palette={data} picked={picked} onPick={pick} />
        {slot ? (
          <SlotCard
            palette={data}
            slot={slot}
            where={(place) => placePath(place, places)}
            onMove={(item) => setMoving(item)}
          />
        ) : (
          <p className="text-soft">Choose a slot to pan up, move, lift out or fill again.</p>
        )}
      </div>
    </div>
  );
}

function PaletteSentence({ palette }: { palette: Palette }) {
  const filled = palette.slots.filter((slot) => slot.item).length;
  const away = palette.slots.filter((slot) => slot.belongs).length;
  const free = palette.slots.length - filled - away;
  return (
    <Sentence>
      {palette.name}: {filled} of {palette.slots.length} slots filled
      {free > 0 && `, ${count(free, "", "").trim()} free`}
      {away > 0 && `, ${count(away, "", "").trim()} lifted out`}.
    </Sentence>
  );
}

const FULL_WORDS: Record<string, string> = {
  sheer: "natural",
  light: "a little fuller",
  medium: "full",
  full: "the fullest",
};

/** Into the next free slot of another palette. */
function ToAnother({ item, from }: { item: Item; from: string }) {
  const { perform } = useActs();
  const others = (usePalettes().data ?? []).filter(
    (one) => one.place !== from && one.nextFree !== null,
  );
  if (others.length === 0) return null;
  const move = async (place: string) => {
    const there = others.find((one) => one.place === place);
    if (!there) return;
    await perform({
      path: `/api/palettes/${place}/put`,
      body: { item: item.id, slot: there.nextFree },
      done: `${shortName(item)} lies in slot ${there.nextFree} of ${there.name}.`,
    });
  };
  return (
    <SelectField
      label="Into another"
      empty="Choose a palette"
      value=""
      choices={others.map((one) => ({
        value: one.place,
        word: `${one.name}, ${one.free} free`,
      }))}
      onChange={(event) => void move(event.target.value).catch(() => {})}
    />
  );
}

type SlotCardProps = {
  palette: Palette;
  slot: Slot;
  where: (place: string | null) => string;
  onMove: (item: Item) => void;
};

/** What lies in a slot, and what can be done with it. */
function SlotCard({ palette, slot, where, onMove }: SlotCardProps) {
  const { perform } = useActs();
  const today = useToday();
  const [asking, setAsking] = useState<"lift" | "refill" | "pan" | null>(null);
  const { item, belongs } = slot;
  const close = () => setAsking(null);
  return (
    <section className="flex flex-col gap-3 rounded-md border-2 border-ink bg-paper p-4">
      <h2 className="font-semibold font-voice text-xl leading-tight">
        {item ? (
          <Link to={`/kit/items/${item.id}`} className="hover:underline">
            {fullName(item)}
          </Link>
        ) : (
          `Slot ${slot.number} is free`
        )}
      </h2>
      {item && (
        <>
          <p className="flex items-center justify-between gap-3 text-soft">
            {leftOf(item)} <Marks item={item} />
          </p>
          <p className="text-soft">
            {item.useBy.lastDay && `${capital(inDate(item.useBy.lastDay, today))}.`}
          </p>
          {item.product.form === "lashes" && (
            <p>
              {capital(FULL_WORDS[item.product.coverage ?? ""] ?? "level not set")}, style{" "}
              {item.product.shade || "without a reference"}.
            </p>
          )}
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => onMove(item)}>Move it</Button>
            <Button onClick={() => setAsking("lift")}>Lift it out</Button>
            {item.decant && <Button onClick={() => setAsking("refill")}>Fill it again</Button>}
          </div>
          <ToAnother item={item} from={palette.place} />
          <LiftOut item={item} open={asking === "lift"} onClose={close} />
          <RefillIt item={item} open={asking === "refill"} onClose={close} />
        </>
      )}
      {!item && belongs && (
        <>
          <p>
            {fullName(belongs)} belongs here and is in <b>{where(belongs.now)}</b>.
          </p>
          <Button
            onClick={() =>
              void perform({
                path: "/api/kit/put-away",
                body: { items: [belongs.id], places: [] },
                done: `${shortName(belongs)} is back in its slot.`,
              }).catch(() => {})
            }
          >
            Back into its slot
          </Button>
        </>
      )}
      {!item && (
        <>
          <Button onClick={() => setAsking("pan")}>Pan something up</Button>
          <PanUp
            place={palette.place}
            placeName={`${palette.name}, ${word(palette.kind)}`}
            slot={slot.number}
            open={asking === "pan"}
            onClose={close}
          />
        </>
      )}
    </section>
  );
}

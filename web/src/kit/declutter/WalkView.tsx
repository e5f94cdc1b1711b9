import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { useActs } from "../../api/acts";
import { ask, type Item, type Schemas } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { Marks } from "../../parts/Marks";
import { Sentence } from "../../parts/Sentence";
import { Swatch } from "../../parts/Swatch";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { Without } from "../../ui/Without";
import { capital, count } from "../../words/codes";
import { inDate, nearDate } from "../../words/dates";
import { fullName, placePath, shortName } from "../../words/items";
import { leftOf, mass, money } from "../../words/quantities";
import { Discard } from "../item/ItemDoing";

type Advice = Schemas["AdviceView"];

const REASONS: Record<Advice["reasons"][number], string> = {
  "past-its-date": "out of date",
  "has-changed": "reported spoiled",
  "used-up": "used up",
  "not-used-in-a-year": "not used in a year",
  "has-duplicates": "not used, and others do the same",
  "more-shades-than-carried": "more shades of its range than your house carries",
  "rare-but-needed": "rare but needed",
  favourite: "a favourite",
  "in-use": "in use",
  "known-for-short": "no reason to part with it yet",
};

const ADVICE: Record<Advice["advice"], string> = {
  keep: "Keep it",
  retire: "Retire it to the store",
  discard: "Discard it",
};

/** Through a place once a season, one thing at a time, with the facts to decide on. */
export function WalkView() {
  const { id = "" } = useParams();
  const places = usePlaces();
  const walk = useQuery({
    queryKey: ["walk", id],
    queryFn: () => ask<Schemas["WalkView"]>("GET", `/api/places/${id}/walk`),
  });
  const [later, setLater] = useState<string[]>([]);
  if (!walk.data) return <Without query={walk} waiting="Looking at what lies here…" />;
  const left = walk.data.left.toSorted(
    (one, other) => later.indexOf(one.item.id) - later.indexOf(other.item.id),
  );
  const current = left[0];
  const name = places.get(id)?.name ?? "this place";
  if (!current) {
    return (
      <div className="flex flex-col gap-4">
        <Sentence>
          Gone through {name}: {count(walk.data.kept, "item")} kept this season.
        </Sentence>
        <div>
          <Link to={`/kit/places/${id}`} className={buttonLook("solid")}>
            Open {name}
          </Link>
        </div>
      </div>
    );
  }
  return (
    <div className="flex flex-col gap-5 max-hand:pb-40">
      <Sentence>
        {capital(name)}:{" "}
        {walk.data.kept === 0
          ? count(walk.data.total, "item")
          : `${walk.data.total - walk.data.kept} of ${walk.data.total} items`}{" "}
        to look at.
      </Sentence>
      <Decide
        key={current.item.id}
        advised={current}
        onLater={() => setLater([...later, current.item.id])}
      />
      {left.length > 1 && (
        <p className="text-soft">
          Then{" "}
          {left
            .slice(1, 4)
            .map((one) => shortName(one.item))
            .join(", ")}
          {left.length > 4 && " and more"}.
        </p>
      )}
    </div>
  );
}

function Decide({ advised, onLater }: { advised: Advice; onLater: () => void }) {
  const { perform } = useActs();
  const places = usePlaces();
  const { item, advice } = advised;
  const stores = [...places.values()].filter((place) => !place.portable && place.kind !== "lent");
  const [to, setTo] = useState(stores.find((place) => place.kind === "store")?.id ?? "");
  const [discarding, setDiscarding] = useState(false);
  const keep = () =>
    void perform({ path: `/api/items/${item.id}/keep`, done: `Kept ${shortName(item)}.` }).catch(
      () => {},
    );
  const retire = () =>
    void perform({
      path: `/api/items/${item.id}/retire`,
      body: { to },
      done: `Retired ${shortName(item)} to ${placePath(to, places)}.`,
    }).catch(() => {});
  const kind = (act: Advice["advice"]) => (act === advice ? "solid" : "outlined");
  return (
    <article className="flex max-w-3xl flex-col gap-3 rounded-md border-2 border-ink bg-paper p-4">
      <div className="flex items-center gap-4">
        <Swatch item={item} size="large" />
        <div className="min-w-0">
          <h2 className="font-semibold font-voice text-2xl leading-tight">
            <Link to={`/kit/items/${item.id}`} className="hover:underline">
              {fullName(item)}
            </Link>
          </h2>
          <p className="flex flex-wrap items-center gap-x-3 text-soft">
            <Marks item={item} /> {leftOf(item)}, {mass(item.massG)}
          </p>
        </div>
      </div>
      <Facts advised={advised} />
      <p>
        <b>{ADVICE[advice]}</b>: {advised.reasons.map((reason) => REASONS[reason]).join(", ")}.
      </p>
      <div className="flex flex-wrap items-end gap-2 max-hand:fixed max-hand:inset-x-0 max-hand:bottom-(--foot) max-hand:z-10 max-hand:grid max-hand:grid-cols-2 max-hand:border-hair max-hand:border-t max-hand:bg-paper max-hand:px-4 max-hand:pt-3 max-hand:pb-4">
        <Button kind={kind("keep")} className="min-h-11" onClick={keep}>
          Keep it
        </Button>
        <Button kind={kind("retire")} className="min-h-11" disabled={!to} onClick={retire}>
          Retire it
        </Button>
        <Button kind={kind("discard")} className="min-h-11" onClick={() => setDiscarding(true)}>
          Discard it
        </Button>
        <Button kind="bare" className="min-h-11" onClick={onLater}>
          Later
        </Button>
      </div>
      <div className="max-w-72">
        <SelectField
          label="Retired items go to"
          empty="Choose a place"
          value={to}
          choices={stores.map((place) => ({ value: place.id, word: placePath(place.id, places) }))}
          onChange={(event) => setTo(event.target.value)}
        />
      </div>
      <Discard item={item} open={discarding} onDone={() => setDiscarding(false)} />
    </article>
  );
}

function Facts({ advised }: { advised: Advice }) {
  const today = useToday();
  const places = usePlaces();
  const { item, wear, duplicates } = advised;
  const told = [
    wear.lastUsed ? `last used ${nearDate(wear.lastUsed, today)}` : "no use recorded",
    `${wear.usesInAYear === 1 ? "one use" : `${wear.usesInAYear} uses`} in a year`,
    item.useBy.lastDay ? inDate(item.useBy.lastDay, today) : "no use-by date",
    wear.costPerUse !== null && wear.currency && wear.uses > 0
      ? `${money(wear.costPerUse, wear.currency)} a use`
      : null,
    placePath(item.now, places),
  ].filter(Boolean);
  return (
    <>
      <ul className="text-soft">
        {told.map((text) => (
          <li key={String(text)}>{text}</li>
        ))}
      </ul>
      {duplicates.length > 0 && (
        <p>
          The same job and finish:{" "}
          {duplicates.slice(0, 4).map((other, index) => (
            <Duplicate key={other.id} item={other} isFirst={index === 0} />
          ))}
          .
        </p>
      )}
    </>
  );
}

function Duplicate({ item, isFirst }: { item: Item; isFirst: boolean }) {
  const places = usePlaces();
  return (
    <>
      {!isFirst && ", "}
      <Link to={`/kit/items/${item.id}`} className="underline">
        {shortName(item)}
      </Link>{" "}
      <span className="text-soft">
        ({leftOf(item)}, {placePath(item.now, places)})
      </span>
    </>
  );
}

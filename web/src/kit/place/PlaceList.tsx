import { useMemo } from "react";
import { Link } from "react-router";
import type { Place } from "../../api/client";
import { usePlaceList } from "../../api/kit";
import { buttonLook } from "../../ui/Button";
import { word } from "../../words/codes";

const ELSEWHERE = ["lent", "repairer", "lost", "unknown"];

/** The tree of places, each with how many things lie in it and in what lies in it. */
export function PlaceList({ chosen }: { chosen: string }) {
  const { places } = usePlaceList();
  const inside = useMemo(() => childrenOf(places), [places]);
  const things = useMemo(() => countAll(places), [places]);
  const branch = (place: Place) => (
    <li key={place.id}>
      <div className="flex items-baseline gap-2 border-hair border-b py-1 max-hand:min-h-11">
        <Link
          to={`/kit/places/${place.id}`}
          aria-current={chosen === place.id}
          className="truncate hover:underline"
        >
          {place.name}
        </Link>
        {ELSEWHERE.includes(place.kind) && (
          <span className="text-soft text-sm">{word(place.kind)}</span>
        )}
        {place.home && place.home !== place.parent && (
          <span className="text-soon text-sm">out of place</span>
        )}
        <Link
          to={`/kit?place=${place.id}`}
          aria-label={`${things.get(place.id) ?? 0} items in ${place.name}`}
          className="ml-auto min-w-6 text-right text-soft hover:underline"
        >
          {things.get(place.id) ?? 0}
        </Link>
      </div>
      <ul className="pl-4 text-[0.9rem]">{(inside.get(place.id) ?? []).map(branch)}</ul>
    </li>
  );
  return (
    <section aria-label="Places">
      <div className="flex items-end justify-between border-ink border-b pb-3">
        <h2 className="font-semibold">Places</h2>
        <Link to="/kit/places/new" className={buttonLook()}>
          Add a place
        </Link>
      </div>
      <ul>{(inside.get("") ?? []).map(branch)}</ul>
    </section>
  );
}

function childrenOf(places: Place[]): Map<string, Place[]> {
  const inside = new Map<string, Place[]>();
  for (const place of places) {
    const key = place.parent ?? "";
    inside.set(key, [...(inside.get(key) ?? []), place]);
  }
  return inside;
}

/** Places come outer before inner: read backwards, each adds what it holds to the one around it. */
function countAll(places: Place[]): Map<string, number> {
  const things = new Map(places.map((place) => [place.id, place.things]));
  for (const place of places.toReversed()) {
    if (place.parent) {
      things.set(place.parent, (things.get(place.parent) ?? 0) + (things.get(place.id) ?? 0));
    }
  }
  return things;
}

import { useActs } from "../../api/acts";
import type { TrailerStation } from "../../api/trailer";
import { Button } from "../../ui/Button";
import { count } from "../../words/codes";
import { PLACE_USES } from "../../words/trailer";
import { Thing } from "./DayLists";
import type { InsideProps } from "./TrailerView";

/** The trailer from left to right: what stands at each place, and what is still to be set up there. */
export function Stations(parts: InsideProps) {
  const { trailer } = parts;
  if (trailer.stations.length === 0) {
    return <p className="text-soft">Nothing on the list is set up in the trailer.</p>;
  }
  return (
    <section aria-label="What stands where" id="stations">
      <h2 className="border-line border-b pb-1 font-semibold">What stands where</h2>
      <ol className="flex items-stretch overflow-x-auto max-hand:flex-col">
        {trailer.stations.map((station, index) => (
          <Station key={station.place} number={index + 1} station={station} {...parts} />
        ))}
      </ol>
    </section>
  );
}

type StationProps = InsideProps & { number: number; station: TrailerStation };

function Station({ number, station, trailer, items }: StationProps) {
  const { perform } = useActs();
  const there = new Set(station.liesThere);
  const missing = station.standsThere.filter((id) => !there.has(id));
  const backStock = station.use === "back-stock";
  const besides = station.liesThere.filter((id) => !station.standsThere.includes(id));
  const setUp = () =>
    void perform({
      path: "/api/kit/move",
      body: { items: missing, to: station.place },
      done: `${count(missing.length, "item")} set up in ${station.name}.`,
    }).catch(() => {});
  return (
    <li className="flex min-w-56 flex-1 flex-col gap-2 border-hair border-r px-3 py-2 max-hand:border-r-0 max-hand:border-b max-hand:px-0">
      <h3 className="font-semibold">
        <span className="text-soft">{number}. </span>
        {station.name}
      </h3>
      <p className="text-soft text-sm">
        {station.use && `For ${PLACE_USES[station.use]}. `}
        {station.standsThere.length > 0 &&
          `${station.standsThere.length - missing.length} of ${station.standsThere.length} in place.`}
        {besides.length > 0 &&
          ` ${backStock ? `${count(besides.length, "item")} in stock` : `${besides.length} besides`}.`}
      </p>
      {trailer.hasLeft && missing.length > 0 && (
        <Button className="max-hand:min-h-14" onClick={setUp}>
          {missing.length === 1 ? "It is in place" : `All ${missing.length} are in place`}
        </Button>
      )}
      <Some title="To set up" ids={missing} items={items} />
      <Some
        title="In place"
        ids={station.standsThere.filter((id) => there.has(id))}
        items={items}
      />
      {backStock && <Some title="In stock" ids={besides} items={items} />}
    </li>
  );
}

type SomeProps = { title: string; ids: string[]; items: InsideProps["items"] };

function Some({ title, ids, items }: SomeProps) {
  if (ids.length === 0) return null;
  return (
    <div>
      <h4 className="text-soft text-sm">{title}</h4>
      <ul>
        {ids.map((id) => (
          <li key={id} className="flex items-center gap-2 py-0.5">
            <Thing id={id} items={items} />
          </li>
        ))}
      </ul>
    </div>
  );
}

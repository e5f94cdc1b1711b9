import { useActs } from "../../api/acts";
import { Button } from "../../ui/Button";
import { count } from "../../words/codes";
import { Thing } from "./DayLists";
import type { InsideProps } from "./TrailerView";

/** Out of the trailer again, bag by bag: what was set up last is packed first. */
export function MovingOut({ trailer, items }: InsideProps) {
  const { perform } = useActs();
  const aboard = new Set(trailer.aboard);
  const out = trailer.plan.movingOut.filter((one) => aboard.has(one.item) && one.bag !== null);
  if (out.length === 0) return null;
  const byBag = Map.groupBy(out, (one) => one.bag ?? "");
  return (
    <section aria-label="Moving out" id="out">
      <h2 className="border-line border-b pb-1 font-semibold">Moving out</h2>
      <ol>
        {[...byBag].map(([bag, carried]) => (
          <li
            key={bag}
            className="flex items-start gap-4 border-hair border-b py-2 max-hand:flex-col"
          >
            <details className="min-w-0 flex-1">
              <summary className="min-h-6 cursor-pointer max-hand:min-h-11">
                {trailer.bags[bag]}: <b>{carried.length}</b>
              </summary>
              <ol className="columns-2 gap-6 pt-1 max-hand:columns-1">
                {carried.map((one) => (
                  <li key={one.item} className="flex items-center gap-2 py-0.5">
                    <Thing id={one.item} items={items} />
                  </li>
                ))}
              </ol>
            </details>
            <Button
              className="max-hand:min-h-14"
              onClick={() =>
                void perform({
                  path: "/api/kit/move",
                  body: { items: carried.map((one) => one.item), to: bag },
                  done: `${count(carried.length, "item")} in ${trailer.bags[bag]}.`,
                }).catch(() => {})
              }
            >
              {carried.length === 1 ? "It is in the bag" : `All ${carried.length} are in the bag`}
            </Button>
          </li>
        ))}
      </ol>
    </section>
  );
}

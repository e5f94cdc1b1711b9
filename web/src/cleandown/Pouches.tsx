import { Link } from "react-router";
import { useActs } from "../api/acts";
import { type Pouch, usePouches } from "../api/cleaning";
import { Button } from "../ui/Button";
import { count, word } from "../words/codes";

/** Pouches that are not ready: what goes into them from stock, and what is nowhere. */
export function Pouches() {
  const pouches = usePouches().data?.pouches.filter(({ full }) => !full) ?? [];
  const { perform } = useActs();
  if (pouches.length === 0) return null;
  const refillable = pouches.filter(isRefillable);
  const refill = (some: Pouch[]) =>
    perform({
      path: "/api/pouches/refill",
      body: { places: some.map(({ place }) => place) },
      done: some.length === 1 ? `Refilled ${some[0]?.name}.` : "Refilled the pouches.",
    }).catch(() => {});
  return (
    <section aria-label="Ready pouches">
      <h2 className="border-line border-b pb-1 font-semibold">To refill</h2>
      <ul>
        {pouches.map((pouch) => (
          <li key={pouch.place} className="border-hair border-b py-2">
            <div className="flex flex-wrap items-center justify-between gap-2">
              <Link to={`/kit/places/${pouch.place}`} className="underline">
                {pouch.name}
              </Link>
              {isRefillable(pouch) && (
                <Button onClick={() => void refill([pouch])}>Put in {partsWords(pouch)}</Button>
              )}
            </div>
            <Nowhere pouch={pouch} />
          </li>
        ))}
      </ul>
      {refillable.length > 1 && (
        <Button className="mt-3" onClick={() => void refill(refillable)}>
          All of it
        </Button>
      )}
    </section>
  );
}

const isRefillable = (pouch: Pouch) => pouch.lines.some(({ from }) => from.length > 0);

/** "15 wands, 4 puffs". */
function partsWords(pouch: Pouch): string {
  return pouch.lines
    .filter(({ from }) => from.length > 0)
    .map(({ productClass, from }) => {
      const pieces = from.reduce((sum, one) => sum + one.pieces, 0);
      return count(pieces, word(productClass));
    })
    .join(", ");
}

function Nowhere({ pouch }: { pouch: Pouch }) {
  const missing = pouch.lines.filter((line) => line.missing > 0);
  if (missing.length === 0) return null;
  return (
    <p className="text-soon text-sm">
      {missing.map((line) => count(line.missing, word(line.productClass))).join(", ")} in no stock:{" "}
      <Link to="/restock#buying" className="underline">
        to be bought
      </Link>
    </p>
  );
}

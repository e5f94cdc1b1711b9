import { useActs } from "../../api/acts";
import type { LoadPlan } from "../../api/load";
import { DecantIt } from "../../parts/DecantIt";
import { Button } from "../../ui/Button";
import { count, word } from "../../words/codes";
import { shortName } from "../../words/items";
import { OBSTACLES } from "../../words/load";
import { amount, mass } from "../../words/quantities";

/** What does not fit, and three ways out with their price. */
export function Staying({ booking, plan }: { booking: string; plan: LoadPlan }) {
  const { perform } = useActs();
  if (plan.left.length === 0) return null;
  const quiet = (act: Promise<unknown>) => void act.catch(() => {});
  return (
    <section aria-label="Without a place" id="staying">
      <h2 className="border-line border-b pb-1 font-semibold">Without a place</h2>
      <ul>
        {plan.left.map(({ item, required, because, ways }) => {
          const piece = plan.pieces.find((one) => one.item.id === item);
          if (!piece) return null;
          const name = shortName(piece.item);
          return (
            <li key={item} className="flex flex-col gap-1.5 border-hair border-b py-2">
              <span>
                {name}
                <span className={required ? "text-stop" : "text-soft"}>
                  {" "}
                  {piece.packed
                    ? "in the bag already, where it does not fit by its measures"
                    : because
                      ? OBSTACLES[because]
                      : "new on the list, plan the bags again"}
                  {!required && ", can stay"}
                </span>
              </span>
              <span className="flex flex-wrap gap-2">
                <Button
                  onClick={() =>
                    quiet(
                      perform({
                        path: `/api/bookings/${booking}/decide-item`,
                        body: { item, choice: "leave-out" },
                        done: `${name} stays at home.`,
                      }),
                    )
                  }
                >
                  Leave it: {used(ways.usesInAYear)}
                  {ways.alike > 0 && `, ${ways.alike} alike`}
                </Button>
                {ways.decant && (
                  <DecantIt item={item} name={name}>
                    Decant into {amount(ways.decant.sizeMl, "ml")} {word(ways.decant.container)}:{" "}
                    {mass(Math.max(0, ways.decant.savedG))} and {ways.decant.savedMl} ml less
                  </DecantIt>
                )}
                {ways.bag && (
                  <Button
                    onClick={() =>
                      quiet(
                        perform({
                          path: `/api/bookings/${booking}/load/take-bag`,
                          body: { place: ways.bag?.place },
                          done: `${ways.bag?.name} comes along.`,
                        }),
                      )
                    }
                  >
                    Take {ways.bag.name}: {mass(ways.bag.ownMassG)} more
                  </Button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function used(times: number): string {
  return times === 0 ? "not used in a year" : `used ${count(times, "time")} in a year`;
}

import { useState } from "react";
import { useActs } from "../../api/acts";
import type { LoadPlan } from "../../api/load";
import { Button } from "../../ui/Button";
import { More } from "../../ui/More";
import { capital, count } from "../../words/codes";
import { OBSTACLES } from "../../words/load";
import { mass } from "../../words/quantities";

type Part = LoadPlan["portable"][number];

const SHOWN = 4;

type PartsProps = { booking: string; plan: LoadPlan };

/** Pouches that unclip and tops that lift off: each goes into another bag with all it holds. */
export function PortableParts({ booking, plan }: PartsProps) {
  if (plan.portable.length === 0 || plan.bags.length < 2) return null;
  // What can go somewhere, or is not where it belongs, first.
  const sorted = [...plan.portable].sort(
    (one, other) => Number(isOpen(other)) - Number(isOpen(one)),
  );
  return (
    <section aria-label="Parts that come off">
      <h2 className="border-line border-b pb-1 font-semibold">Parts that come off whole</h2>
      <More
        shown={SHOWN}
        items={sorted.map((part) => (
          <PartRow key={part.place} booking={booking} plan={plan} part={part} />
        ))}
      />
      <p className="pt-2 text-soft text-sm">
        Outside, a part is taken to be as large as inside. Where it is tight, try it by hand.
      </p>
    </section>
  );
}

/** The same, out of the way until it is asked for. */
export function PortablePartsFolded(props: PartsProps) {
  const [isShown, setShown] = useState(false);
  const { portable, bags } = props.plan;
  if (isShown) return <PortableParts {...props} />;
  if (portable.length === 0 || bags.length < 2) return null;
  return (
    <button type="button" className="min-h-11 self-start underline" onClick={() => setShown(true)}>
      {capital(count(portable.length, "part"))} come off whole
    </button>
  );
}

const isOpen = (part: Part) => part.home !== null || part.ways.some((way) => way.obstacle === null);

type RowProps = { booking: string; plan: LoadPlan; part: Part };

function PartRow({ booking, plan, part }: RowProps) {
  const { perform } = useActs();
  const bag = plan.bags.find((one) => one.place === part.bag);
  const carry = (into: string | null, done: string) =>
    void perform({
      path: `/api/bookings/${booking}/load/carry`,
      body: { part: part.place, into },
      done,
    }).catch(() => {});
  const blocked = part.ways.filter((way) => way.obstacle !== null);
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1.5 border-hair border-b py-2">
      <span>
        {capital(part.name)}{" "}
        <span className="text-soft">
          {mass(part.massG)}
          {plan.bags.length > 2 && `, now in ${bag?.name}`}
        </span>
      </span>
      <span className="flex flex-wrap gap-2 empty:hidden">
        {part.home && (
          <Button
            onClick={() => carry(null, `${capital(part.name)} is back in ${part.home?.name}.`)}
          >
            Back into {part.home.name}
          </Button>
        )}
        {part.ways.map(
          (way) =>
            way.obstacle === null && (
              <Button
                key={way.bag}
                onClick={() => carry(way.into, `${capital(part.name)} is in ${way.name} now.`)}
              >
                Into {way.name}
              </Button>
            ),
        )}
      </span>
      {blocked.map((way) => (
        <span key={way.bag} className="basis-full text-soft text-sm">
          Not into {way.name}: {way.obstacle && OBSTACLES[way.obstacle]}
        </span>
      ))}
    </li>
  );
}

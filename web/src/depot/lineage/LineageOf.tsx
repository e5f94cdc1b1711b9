import { useState } from "react";
import { Link } from "react-router";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useLineage } from "../../api/depot";
import { usePlaces } from "../../api/kit";
import { Button, buttonLook } from "../../ui/Button";
import { word } from "../../words/codes";
import { placePath, shortName } from "../../words/items";
import { leftOf } from "../../words/quantities";
import { RefillIt } from "./RefillIt";

/** What a thing was filled from, and what was filled from it. */
export function LineageOf({ item }: { item: Item }) {
  const lineage = useLineage(item.id).data;
  const { perform } = useActs();
  const [refilling, setRefilling] = useState(false);
  if (!lineage) return null;
  const isAlone = lineage.sources.length === 0 && lineage.children.length === 0;
  const isHere = item.discardedOn === null;
  if (isAlone && !item.decant) return null;
  return (
    <section aria-label="Filled from and into">
      <h2 className="border-ink border-b pb-1 font-semibold">Filled from and into</h2>
      <Kin title="from" items={lineage.ancestors} direct={lineage.sources} />
      <Kin title="into" items={lineage.descendants} direct={lineage.children} />
      {isAlone && <p className="py-1.5 text-soft">What it was filled from was not recorded.</p>}
      <div className="flex flex-wrap gap-2 pt-2">
        {item.decant && isHere && (
          <>
            <Button onClick={() => setRefilling(true)}>Fill it again</Button>
            <Button
              onClick={() =>
                void perform({
                  path: `/api/items/${item.id}/wash-out`,
                  done: `Washed ${shortName(item)} out; its container is an empty again.`,
                }).catch(() => {})
              }
            >
              Wash it out
            </Button>
            <RefillIt item={item} open={refilling} onClose={() => setRefilling(false)} />
          </>
        )}
        {!isAlone && (
          <Link to={`/bench/recall?item=${item.id}`} className={buttonLook()}>
            Recall it
          </Link>
        )}
      </div>
    </section>
  );
}

type KinProps = { title: "from" | "into"; items: Item[]; direct: Item[] };

function Kin({ title, items, direct }: KinProps) {
  const places = usePlaces();
  const near = new Set(direct.map((item) => item.id));
  return (
    <ul>
      {items.map((item) => (
        <li key={item.id} className="flex flex-wrap gap-x-3 border-hair border-b py-1.5">
          <span className="w-16 text-soft">
            {title}
            {!near.has(item.id) && " …"}
          </span>
          <Link to={`/kit/items/${item.id}`} className="hover:underline">
            {item.decant ? word(item.decant.container) : "pack"}, {leftOf(item)}
          </Link>
          <span className="text-soft">
            {item.discardedOn ? "discarded" : placePath(item.now, places)}
            {item.batch && `, batch ${item.batch}`}
          </span>
        </li>
      ))}
    </ul>
  );
}

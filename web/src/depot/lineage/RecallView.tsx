import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { useRecall } from "../../api/depot";
import { useFound, usePlaces } from "../../api/kit";
import { Marks } from "../../parts/Marks";
import { Sentence } from "../../parts/Sentence";
import { Swatch } from "../../parts/Swatch";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { capital, count, word } from "../../words/codes";
import { fullName, placePath } from "../../words/items";
import { leftOf } from "../../words/quantities";

/** A pack or a batch is recalled: everything that holds something of it, and where it is now. */
export function RecallView() {
  const [search, setSearch] = useSearchParams();
  const recall = useRecall(search.toString()).data;
  const { perform } = useActs();
  const all = recall ? [...recall.recalled, ...recall.holding] : [];
  const here = all.filter((item) => item.discardedOn === null);
  const takeOut = (discard: boolean) =>
    void perform({
      path: "/api/recall",
      body: { items: recall?.recalled.map((item) => item.id) ?? [], discard },
      done: discard
        ? `Discarded ${count(here.length, "item")}.`
        : `Marked ${count(here.length, "item")} contaminated: nothing of it goes onto a face.`,
    }).catch(() => {});
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {recall ? (
          <>
            {capital(count(recall.recalled.length, "pack"))} recalled,{" "}
            {count(recall.holding.length, "container")}{" "}
            {recall.holding.length === 1 ? "holds" : "hold"} something of it.{" "}
            {capital(count(here.length, "item"))} still in the kit.
          </>
        ) : (
          "Which pack or batch is recalled, or was contaminated?"
        )}
      </Sentence>
      {recall && recall.recalled.length > 0 && (
        <>
          {here.length > 0 && (
            <div className="flex flex-wrap gap-2">
              <Button kind="stop" onClick={() => takeOut(false)}>
                Take {here.length === 1 ? "it" : `all ${here.length}`} out of use
              </Button>
              <Button kind="stop" onClick={() => takeOut(true)}>
                Discard {here.length === 1 ? "it" : `all ${here.length}`}
              </Button>
            </div>
          )}
          <Found title="Recalled" items={recall.recalled} />
          <Found title="Holds something of it" items={recall.holding} />
        </>
      )}
      <Ask onAsk={(params) => setSearch(params)} />
    </div>
  );
}

function Found({ title, items }: { title: string; items: Item[] }) {
  const places = usePlaces();
  if (items.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="border-ink border-b pb-1 font-semibold">{title}</h2>
      <ul>
        {items.map((item) => (
          <li
            key={item.id}
            className="flex flex-wrap items-center gap-x-4 border-hair border-b py-2"
          >
            <Swatch item={item} size="small" />
            <Link to={`/kit/items/${item.id}`} className="font-semibold hover:underline">
              {fullName(item)}
            </Link>
            <span className="text-soft">
              {item.decant ? word(item.decant.container) : "pack"}, {leftOf(item)}
              {item.batch && `, batch ${item.batch}`}
            </span>
            <b className="ml-auto">
              {item.discardedOn ? "discarded" : placePath(item.now, places)}
            </b>
            <Marks item={item} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** By a thing, or by the batch of its product. */
function Ask({ onAsk }: { onAsk: (params: Record<string, string>) => void }) {
  const [typed, setTyped] = useState("");
  const found = (useFound(typed).data?.items ?? []).slice(0, 8);
  return (
    <section className="flex max-w-2xl flex-col gap-2">
      <TextField
        label="Find the pack"
        hint="a name, a batch, a code"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <ul>
        {found.map((item) => (
          <li
            key={item.id}
            className="flex flex-wrap items-center gap-x-4 border-hair border-b py-1.5"
          >
            <span className="min-w-0 flex-1">
              {fullName(item)} <span className="text-soft">{leftOf(item)}</span>
            </span>
            <button
              type="button"
              className="min-h-9 px-2 underline max-hand:min-h-11"
              onClick={() => onAsk({ item: item.id })}
            >
              this pack
            </button>
            {item.batch && (
              <button
                type="button"
                className="min-h-9 px-2 underline max-hand:min-h-11"
                onClick={() => onAsk({ product: item.product.id, batch: item.batch })}
              >
                all of batch {item.batch}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

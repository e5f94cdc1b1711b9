import { useState } from "react";
import { useFound } from "../api/kit";
import type { PackingList } from "../api/packing";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { fullName, shortName } from "../words/items";
import type { PackingWords } from "../words/packing";
import { leftOf } from "../words/quantities";
import { useDeciding } from "./useDeciding";
import { WhyNot } from "./WhyNot";

type ByHandProps = { list: PackingList; words: PackingWords };

/** What the artist adds herself, and what she said stays at home. */
export function ByHand({ list, words }: ByHandProps) {
  const { item: decide } = useDeciding(list.booking.id);
  const [typed, setTyped] = useState("");
  const [asked, setAsked] = useState<string | null>(null);
  const on = new Set(list.lines.map((line) => line.item.id));
  const found = useFound(typed).data?.items ?? [];
  const leftOut = list.booking.choices.leftOut;
  return (
    <section aria-label="By hand" className="flex flex-col gap-2">
      <TextField
        label="Add an item"
        hint="anything you own"
        value={typed}
        autoComplete="off"
        onChange={(event) => setTyped(event.target.value)}
      />
      {typed.trim() && (
        <ul>
          {found
            .filter((item) => !on.has(item.id) && item.discardedOn === null)
            .slice(0, 6)
            .map((item) => (
              <li key={item.id} className="border-hair border-b">
                <div className="flex items-center gap-3">
                  <button
                    type="button"
                    className="min-h-9 min-w-0 flex-1 py-1 text-left hover:bg-lit max-hand:min-h-11"
                    onClick={() => {
                      decide(item.id, "add", `Added ${shortName(item)}.`);
                      setTyped("");
                    }}
                  >
                    {fullName(item)} <span className="text-soft">{leftOf(item)}</span>
                  </button>
                  <Button
                    kind="bare"
                    aria-label={`Why not ${shortName(item)}?`}
                    onClick={() => setAsked(asked === item.id ? null : item.id)}
                  >
                    Why not?
                  </Button>
                </div>
                {asked === item.id && (
                  <WhyNot booking={list.booking.id} item={item.id} words={words} />
                )}
              </li>
            ))}
        </ul>
      )}
      {leftOut.length > 0 && (
        <ul aria-label="Stays at home">
          {leftOut.map((id) => {
            const item = words.items.get(id);
            const name = item ? shortName(item) : "An item";
            return (
              <li key={id} className="flex items-center justify-between gap-3 border-hair border-b">
                <span>{name} stays at home: you said so.</span>
                <Button
                  kind="bare"
                  aria-label={`Take ${name} after all`}
                  onClick={() => decide(id, "as-worked-out", `${name} may go along again.`)}
                >
                  Take it after all
                </Button>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}

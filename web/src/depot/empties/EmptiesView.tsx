import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Schemas } from "../../api/client";
import { type Empty, useEmpties } from "../../api/depot";
import { Sentence } from "../../parts/Sentence";
import { Button } from "../../ui/Button";
import { capital, count } from "../../words/codes";
import { ContainerStanding } from "../Vessel";
import { EmptyEditor } from "./EmptyEditor";

const SHELF_PX = 96;

/** Empties on their shelf, to one scale, with how many there are. */
export function EmptiesView() {
  const empties = useEmpties().data;
  const [editing, setEditing] = useState<Empty | "new" | null>(null);
  if (!empties) return <p className="text-soft">Looking at the shelf…</p>;
  const all = empties.kinds.reduce((sum, kind) => sum + kind.empty.stock, 0);
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {all === 0
          ? "No empties are in stock. Say how many there are of each kind, and plans are made with them."
          : `${capital(count(all, "empty", "empties"))} of ${count(empties.kinds.length, "kind")} in stock.`}
      </Sentence>
      <div>
        <Button kind={all === 0 ? "solid" : "outlined"} onClick={() => setEditing("new")}>
          Add a kind of your own
        </Button>
      </div>
      {empties.kinds.length > 0 && (
        <Shelf title="In stock">
          {empties.kinds.map((kind) => (
            <Kind
              key={kind.id}
              kind={kind}
              onEdit={() => setEditing(kind)}
              tallest={tallest(empties)}
            />
          ))}
        </Shelf>
      )}
      <Shelf title="Usual kinds you have none of">
        {empties.usual.map((usual) => (
          <UsualKind key={usual.name} usual={usual} tallest={tallest(empties)} />
        ))}
      </Shelf>
      {editing && (
        <EmptyEditor kind={editing === "new" ? null : editing} onClose={() => setEditing(null)} />
      )}
    </div>
  );
}

function tallest(empties: Schemas["EmptyList"]): number {
  return Math.max(
    ...empties.kinds.map((kind) => kind.empty.outerHeightMm),
    ...empties.usual.map((usual) => usual.outerHeightMm),
    40,
  );
}

function Shelf({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section aria-label={title}>
      <h2 className="font-semibold">{title}</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-y-5">{children}</ul>
    </section>
  );
}

type StandingProps = { empty: Schemas["EmptyDraft"]; tallest: number; children: React.ReactNode };

function Stands({ empty, tallest: most, children }: StandingProps) {
  return (
    <li className="flex flex-col">
      <span
        style={{ height: SHELF_PX + 12 }}
        className="flex items-end justify-center border-ink border-b-2"
      >
        <ContainerStanding empty={empty} scale={SHELF_PX / most} />
      </span>
      <span className="flex flex-col items-start gap-1 px-1.5 pt-1.5">{children}</span>
    </li>
  );
}

type KindProps = { kind: Empty; onEdit: () => void; tallest: number };

function Kind({ kind, onEdit, tallest: most }: KindProps) {
  const { perform } = useActs();
  const { empty } = kind;
  const set = (stock: number) =>
    void perform({
      path: `/api/empties/${kind.id}/count`,
      body: { stock },
      done: `${empty.name}: ${stock} in stock.`,
    }).catch(() => {});
  return (
    <Stands empty={empty} tallest={most}>
      <button type="button" onClick={onEdit} className="text-left leading-tight hover:underline">
        {empty.name}
      </button>
      <span className="flex items-center">
        <Step label={`One ${empty.name} less`} onClick={() => set(Math.max(0, empty.stock - 1))}>
          −
        </Step>
        <b className={`w-9 text-center ${empty.stock === 0 ? "text-stop" : ""}`}>{empty.stock}</b>
        <Step label={`One ${empty.name} more`} onClick={() => set(empty.stock + 1)}>
          +
        </Step>
      </span>
    </Stands>
  );
}

type StepProps = { label: string; onClick: () => void; children: string };

function Step({ label, onClick, children }: StepProps) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      className="flex size-9 items-center justify-center rounded border border-line hover:bg-lit max-hand:size-11"
    >
      {children}
    </button>
  );
}

function UsualKind({ usual, tallest: most }: { usual: Schemas["EmptyDraft"]; tallest: number }) {
  const { perform } = useActs();
  return (
    <Stands empty={usual} tallest={most}>
      <span className="text-soft leading-tight">{usual.name}</span>
      <button
        type="button"
        aria-label={`I have one: ${usual.name}`}
        className="min-h-9 underline max-hand:min-h-11"
        onClick={() =>
          void perform({
            path: "/api/empties",
            body: { id: crypto.randomUUID(), empty: { ...usual, stock: 1 } },
            done: `${usual.name}: one in stock.`,
          }).catch(() => {})
        }
      >
        I have one
      </button>
    </Stands>
  );
}

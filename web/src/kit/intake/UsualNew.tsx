import { useState } from "react";
import { flushSync } from "react-dom";
import { useNavigate, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import type { Schemas } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { type Usual, useUsual } from "../../api/usual";
import { Sentence } from "../../parts/Sentence";
import { Button } from "../../ui/Button";
import { SelectField, Ticks as TicksField } from "../../ui/Field";
import { Without } from "../../ui/Without";
import { capital, choices, count, word } from "../../words/codes";
import { placeChoices, placePath } from "../../words/items";
import { KINDS_OF_WORK } from "../../words/lists";
import { FillingCase } from "./FillingCase";
import { allThings, said, type Ticks, toggled } from "./ticked";
import { UsualKind } from "./UsualKind";

/** What one owns, ticked off a list of what artists usually own: good enough for a first packing list. */
export function UsualNew() {
  const [search, setSearch] = useSearchParams();
  const work = search.getAll("work");
  const usual = useUsual(work);
  const [ticks, setTicks] = useKept<Ticks>("gerula.ticked", {});
  const all = usual.data?.kinds ?? [];
  const shown = all.filter((kind) => ticks[kind.code]).length;
  const things = allThings(ticks);
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        Tick what you own, roughly: makers and exact shades can follow later.{" "}
        {things > 0
          ? `${capital(count(shown, "kind"))} ticked, ${count(things, "item")}.`
          : "A foundation asks for its depths, a blush for its shades."}
      </Sentence>
      <TicksField
        legend="The work you do"
        choices={choices(KINDS_OF_WORK)}
        chosen={work}
        onChange={(chosen) => setSearch({ work: chosen }, { replace: true })}
      />
      {usual.data ? (
        <div className="grid grid-cols-[minmax(0,1fr)_24rem] items-start gap-8 max-hand:grid-cols-1">
          <Kinds kinds={all} ticks={ticks} onTick={setTicks} />
          <div className="sticky top-4 flex max-h-[calc(100dvh-2rem)] flex-col gap-3 max-hand:top-auto max-hand:bottom-[calc(var(--foot)+8px)]">
            <AddThem ticks={ticks} onDone={() => setTicks({})} />
            <div className="min-h-0 overflow-y-auto max-hand:hidden">
              <FillingCase kinds={all} ticks={ticks} />
            </div>
          </div>
        </div>
      ) : (
        <Without query={usual} waiting="Laying out the usual kit…" />
      )}
    </div>
  );
}

type KindsProps = { kinds: Usual[]; ticks: Ticks; onTick: (ticks: Ticks) => void };

/** In the order of the work. */
function Kinds({ kinds, ticks, onTick }: KindsProps) {
  const sections = [...new Set(kinds.map((kind) => kind.section))];
  return (
    <div className="flex min-w-0 flex-col gap-5">
      {sections.map((section) => (
        <section key={section} aria-label={capital(word(section))}>
          <h2 className="border-ink border-b pb-1 font-semibold">{capital(word(section))}</h2>
          <ul>
            {kinds
              .filter((kind) => kind.section === section)
              .map((kind) => (
                <UsualKind
                  key={kind.code}
                  kind={kind}
                  tick={ticks[kind.code]}
                  onToggle={() => onTick(toggled(ticks, kind.code))}
                  onSay={(change) => onTick(said(ticks, kind.code, change))}
                />
              ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

function AddThem({ ticks, onDone }: { ticks: Ticks; onDone: () => void }) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const places = usePlaces();
  const [into, setInto] = useState("");
  const [isBusy, setBusy] = useState(false);
  const things = allThings(ticks);
  const add = async () => {
    setBusy(true);
    try {
      const added = await perform<Schemas["UsualAdded"]>({
        path: "/api/kit/usual",
        body: {
          into: into || null,
          ticked: Object.entries(ticks).map(([code, tick]) => ({ code, ...tick })),
        },
        done: (answer) =>
          `Added ${count(answer.added, "item")}${into ? ` to ${placePath(into, places)}` : " in a new case"}.`,
      });
      onDone();
      navigate(`/kit/places/${added.place}`);
    } catch {
      // The message says why; what was ticked stays.
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="flex flex-col gap-2 rounded-lg bg-sheet max-hand:border max-hand:border-line max-hand:p-2">
      {things > 0 && (
        <SelectField
          label="Where it lies"
          empty="a new case, a tray for each part of the work"
          choices={placeChoices(places)}
          value={into}
          onChange={(event) => setInto(event.target.value)}
        />
      )}
      <Button kind="solid" disabled={things === 0 || isBusy} onClick={() => void add()}>
        {things === 0 ? "Add what you tick" : `Add ${count(things, "item")}`}
      </Button>
    </div>
  );
}

/** Kept while the window is open: half a list ticked is half an hour of work. */
function useKept<T>(name: string, first: T): [T, (value: T) => void] {
  const [value, setValue] = useState<T>(() => {
    const kept = sessionStorage.getItem(name);
    return kept ? (JSON.parse(kept) as T) : first;
  });
  const keep = (next: T) => {
    sessionStorage.setItem(name, JSON.stringify(next));
    // Drawn at once: the next press builds on this one, however fast it comes.
    flushSync(() => setValue(next));
  };
  return [value, keep];
}

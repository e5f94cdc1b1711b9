import { useEffect, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import { usePlaces } from "../../api/kit";
import { type LineShown, type TypedLine, useLines } from "../../api/lines";
import { Counted, Sentence } from "../../parts/Sentence";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { capital, count } from "../../words/codes";
import { placeChoices, placePath } from "../../words/items";
import { LineGloss } from "./LineGloss";
import { LinesTable } from "./LinesTable";
import { lineName } from "./lineFields";

/** Read while one types, but not for every letter. */
const PAUSE_MS = 150;

type Added = { id: string; text: string; things: number };

/** One line, one thing: one stands at a drawer and types what is in it. */
export function LinesNew() {
  const [search, setSearch] = useSearchParams();
  const places = usePlaces();
  const place = search.get("place");
  const [many, setMany] = useState<string[]>([]);
  const [added, setAdded] = useState<Added[]>([]);
  const where = place ? placePath(place, places) : null;
  const things = added.reduce((sum, one) => sum + one.things, 0);
  return (
    <div className="flex max-w-5xl flex-col gap-6">
      <Sentence>
        {where ? (
          <>
            You are standing at <Counted to={`/kit/places/${place}`}>{where}</Counted>. Type one
            item per line.
          </>
        ) : (
          "Choose where you are standing, then type one item per line."
        )}
        {things > 0 && ` ${capital(count(things, "item"))} added so far.`}
      </Sentence>
      <div className="max-w-md">
        <SelectField
          label="You are at"
          empty="no place yet"
          value={place ?? ""}
          choices={placeChoices(places)}
          onChange={(event) =>
            setSearch(event.target.value ? { place: event.target.value } : {}, { replace: true })
          }
        />
      </div>
      {many.length > 0 ? (
        <LinesTable
          lines={many}
          place={place}
          onDone={(text, id, count) => {
            setMany([]);
            if (id) setAdded((before) => [{ id, text, things: count }, ...before]);
          }}
        />
      ) : (
        <OneLine
          place={place}
          added={added}
          onMany={setMany}
          onAdded={(one) => setAdded((before) => [one, ...before])}
          onUndone={(id) => setAdded((before) => before.filter((one) => one.id !== id))}
        />
      )}
    </div>
  );
}

type OneLineProps = {
  place: string | null;
  added: Added[];
  onMany: (lines: string[]) => void;
  onAdded: (one: Added) => void;
  onUndone: (id: string) => void;
};

function OneLine({ place, added, onMany, onAdded, onUndone }: OneLineProps) {
  const { perform, undo } = useActs();
  const places = usePlaces();
  const field = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState("");
  const [corrections, setCorrections] = useState<Record<string, string>>({});
  const [isBusy, setBusy] = useState(false);
  const typed = useSettled<TypedLine>({ line, corrections });
  const read = useLines(typed.line.trim() ? [typed] : []);
  const shown = line.trim() ? read.data?.[0] : undefined;

  const add = async () => {
    if (!line.trim() || isBusy) return;
    setBusy(true);
    const id = crypto.randomUUID();
    const name = shown ? lineName(shown) : line.trim();
    const where = place ? ` to ${placePath(place, places)}` : "";
    try {
      const { added: things } = await perform<{ added: number }>({
        id,
        path: "/api/kit/lines",
        body: { place, lines: [{ line, corrections }] },
        done: `Added ${name}${where}.`,
      });
      onAdded({ id, text: name, things });
      setLine("");
      setCorrections({});
    } catch {
      // The message says why; what was typed stays.
    } finally {
      setBusy(false);
      field.current?.focus();
    }
  };
  const takeBack = () => {
    const [last] = added;
    if (!last) return;
    undo(last.id);
    onUndone(last.id);
  };
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
      onKeyDown={(event) => {
        if (event.altKey && /^[1-9]$/.test(event.key)) {
          event.currentTarget.querySelector<HTMLElement>(`[data-part="${event.key}"]`)?.click();
          event.preventDefault();
        }
        if ((event.ctrlKey || event.metaKey) && event.key === "z" && !line) {
          event.preventDefault();
          takeBack();
        }
      }}
    >
      <div className="flex flex-col gap-1">
        <label htmlFor="one-line" className="font-semibold text-sm">
          Item{" "}
          <span className="font-normal text-soft">
            maker, name, shade, size, when it was opened, how full, how many
          </span>
        </label>
        <input
          id="one-line"
          ref={field}
          // biome-ignore lint/a11y/noAutofocus: one comes here to type, again and again.
          autoFocus
          value={line}
          maxLength={500}
          autoComplete="off"
          autoCapitalize="none"
          enterKeyHint="done"
          placeholder="Tarnwell Soft base 3 ivory 30 ml opened 3/26 half x2"
          className="min-h-14 w-full rounded border-2 border-ink bg-paper px-3 font-voice text-xl"
          onChange={(event) => setLine(event.target.value)}
          onPaste={(event) => {
            const lines = event.clipboardData
              .getData("text")
              .split(/\r?\n/)
              .map((one) => one.trim())
              .filter(Boolean);
            if (lines.length < 2) return;
            event.preventDefault();
            onMany(lines);
          }}
        />
      </div>
      {shown ? (
        <>
          <LineGloss
            line={shown}
            onCorrect={(column, told) => {
              setCorrections((before) => ({ ...before, [column]: told, ...without(column) }));
              field.current?.focus();
            }}
          />
          <Faults line={shown} />
        </>
      ) : (
        <p className="max-w-[62ch] text-soft">
          Write it as you would say it. Several shades fit into one line: “Soft base 1-6, 8, 9”.
          Enter adds it, Ctrl-Z undoes the last one. Paste a list to check all its lines first.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-2 max-hand:sticky max-hand:bottom-[calc(var(--foot)+8px)]">
        <Button type="submit" kind="solid" size="usual" disabled={!line.trim() || isBusy}>
          {shown ? `Add ${lineName(shown)}` : "Add"}
        </Button>
        <Link to={place ? `/kit/new?place=${place}` : "/kit/new"} className={buttonLook("bare")}>
          Use the full form
        </Link>
      </div>
      <AddedHere added={added} onUndo={(id) => [undo(id), onUndone(id)]} />
    </form>
  );
}

/** Another size brings its own unit. */
function without(column: string): Record<string, string> {
  return column === "size" ? { unit: "" } : {};
}

function Faults({ line }: { line: LineShown }) {
  if (line.faults.length === 0) return null;
  return (
    <ul className="text-stop">
      {line.faults.map((fault) => (
        <li key={`${fault.path} ${fault.message}`}>{fault.message}</li>
      ))}
    </ul>
  );
}

type AddedHereProps = { added: Added[]; onUndo: (id: string) => void };

function AddedHere({ added, onUndo }: AddedHereProps) {
  if (added.length === 0) return null;
  return (
    <section>
      <h2 className="border-ink border-b pb-1 font-semibold">Added just now</h2>
      <ol>
        {added.map((one) => (
          <li
            key={one.id}
            className="flex min-h-10 items-center gap-3 border-hair border-b py-1 max-hand:min-h-11"
          >
            <span className="min-w-0 flex-1 break-words">{one.text}</span>
            <Button onClick={() => onUndo(one.id)}>Undo</Button>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** A value once it has stood still for a moment. */
function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  const told = JSON.stringify(value);
  useEffect(() => {
    const wait = setTimeout(() => setSettled(JSON.parse(told) as T), PAUSE_MS);
    return () => clearTimeout(wait);
  }, [told]);
  return settled;
}

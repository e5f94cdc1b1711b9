import { useRef, useState } from "react";
import { Link } from "react-router";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { type LineShown, type TypedLine, useLines } from "../../api/lines";
import { useSettled } from "../../parts/useSettled";
import { useScans } from "../../scan/scans";
import { Button, buttonLook } from "../../ui/Button";
import { placePath } from "../../words/items";
import { LineGloss } from "./LineGloss";
import { lineName } from "./lineFields";

/** What was added a moment ago. */
export type Added = { id: string; text: string; things: number };

const SCANNED =
  "Scan a pack: what the kit knows of it fills the line. Scan a place to add items there.";

type OneLineProps = {
  place: string | null;
  /** A picture of what is named. */
  picture?: string;
  onPlace: (place: string) => void;
  added: Added[];
  /** Fifty lines pasted at once; without it only the first counts. */
  onMany?: (lines: string[]) => void;
  onAdded: (one: Added) => void;
  onUndone: (id: string) => void;
};

/** The field that understands the trade: what it reads stands below, part by part. */
export function OneLine({
  place,
  picture,
  onPlace,
  added,
  onMany,
  onAdded,
  onUndone,
}: OneLineProps) {
  const { perform, undo } = useActs();
  const places = usePlaces();
  const field = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState("");
  const [corrections, setCorrections] = useState<Record<string, string>>({});
  const [refused, setRefused] = useState<Sent[]>([]);
  const typed = useSettled<TypedLine>({ line, corrections });
  const packCode = corrections["pack-code"];
  useScans((scan) => {
    const [like] = scan.items;
    if (scan.kind === "place" && scan.place) onPlace(scan.place);
    else if (like) fill(lineOf(like), {});
    else if (scan.packCode) fill(line, { ...corrections, "pack-code": scan.packCode });
    else return false;
    return true;
  }, SCANNED);
  const fill = (text: string, told: Record<string, string>) => {
    setLine(text);
    setCorrections(told);
    field.current?.focus();
  };
  const read = useLines(typed.line.trim() ? [typed] : []);
  const shown = line.trim() ? read.data?.[0] : undefined;

  const add = async () => {
    if (!line.trim()) return;
    const id = crypto.randomUUID();
    const sent = { id, line, corrections };
    const name = shown?.line === line ? lineName(shown) : line.trim();
    const where = place ? ` to ${placePath(place, places)}` : "";
    // At once: the next line is typed while this one is on its way.
    fill("", {});
    await perform<{ added: number }>({
      id,
      path: "/api/kit/lines",
      body: { place, picture: picture ?? null, lines: [{ line, corrections }] },
      done: ({ added: things }) => {
        // It may be the second try, from the message.
        setRefused((before) => before.filter((one) => one.id !== id));
        onAdded({ id, text: name, things });
        return `Added ${name}${where}.`;
      },
    }).catch(() => {
      // The message says why; nothing that was typed is lost.
      setRefused((before) => [...before, sent]);
    });
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
            if (lines.length < 2 || !onMany) return;
            event.preventDefault();
            onMany(lines);
          }}
        />
      </div>
      {packCode && (
        <p>
          Pack code {packCode} is new: it is kept with the item.{" "}
          <button
            type="button"
            className="underline"
            onClick={() => setCorrections(({ "pack-code": _, ...others }) => others)}
          >
            remove
          </button>
        </p>
      )}
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
      <Refused
        lines={refused}
        onAgain={(one) => {
          // What stands in the field waits in its stead.
          const written = line.trim() ? [{ id: crypto.randomUUID(), line, corrections }] : [];
          setRefused((before) => [...before.filter((other) => other !== one), ...written]);
          fill(one.line, one.corrections);
        }}
      />
      <div className="flex flex-wrap items-center gap-2 max-hand:sticky max-hand:bottom-[calc(var(--foot)+8px)]">
        <Button type="submit" kind="solid" size="usual" disabled={!line.trim()}>
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

/** As one would type it, to be changed where this one differs. */
function lineOf({ product }: Item): string {
  const unit = product.unit === "piece" ? "pcs" : product.unit;
  return [product.maker, product.name, product.shade, `${product.content} ${unit}`]
    .filter(Boolean)
    .join(" ");
}

/** Another size brings its own unit. */
function without(column: string): Record<string, string> {
  return column === "size" ? { unit: "" } : {};
}

type Sent = { id: string; line: string; corrections: Record<string, string> };

type RefusedProps = { lines: Sent[]; onAgain: (one: Sent) => void };

/** Lines that were not added: one press puts each back into the field. */
function Refused({ lines, onAgain }: RefusedProps) {
  if (lines.length === 0) return null;
  return (
    <ul aria-label="Not added">
      {lines.map((one) => (
        <li key={one.id} className="flex min-h-10 items-center gap-3 border-stop border-l-4 pl-3">
          <span className="min-w-0 flex-1 break-words">Not added: {one.line}</span>
          <Button onClick={() => onAgain(one)}>Change it</Button>
        </li>
      ))}
    </ul>
  );
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

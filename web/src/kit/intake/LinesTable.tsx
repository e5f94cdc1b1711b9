import { useMemo, useState } from "react";
import { useActs } from "../../api/acts";
import { usePlaces } from "../../api/kit";
import { type LineShown, type TypedLine, useLines } from "../../api/lines";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { capital, count } from "../../words/codes";
import { placePath } from "../../words/items";
import { type Field, fieldsOf } from "./lineFields";

/** As many as are read and added at once. */
const MOST = 200;

type LinesTableProps = {
  lines: string[];
  place: string | null;
  /** Added as one act of this id, or put aside without. */
  onDone: (text: string, id: string | null, things: number) => void;
};

/** Many lines, looked at before they are added: each can be changed or left out. */
export function LinesTable({ lines, place, onDone }: LinesTableProps) {
  const { perform } = useActs();
  const places = usePlaces();
  const [typed, setTyped] = useState(lines.slice(0, MOST));
  const asked = useMemo<TypedLine[]>(
    () => typed.filter((line) => line.trim()).map((line) => ({ line, corrections: {} })),
    [typed],
  );
  const { data: read = [] } = useLines(asked);
  const byLine = new Map(read.map((one) => [one.line, one]));
  const things = read.reduce((sum, one) => sum + one.items.length * one.count, 0);
  const bad = read.filter((one) => one.faults.length > 0).length;
  const add = async () => {
    const id = crypto.randomUUID();
    const where = place ? ` to ${placePath(place, places)}` : "";
    const { added } = await perform<{ added: number }>({
      id,
      path: "/api/kit/lines",
      body: { place, picture: null, lines: asked },
      done: (answer) => `Added ${count(answer.added, "item")}${where}.`,
    });
    onDone(`${count(asked.length, "line")}, ${count(added, "item")}`, id, added);
  };
  return (
    <section className="flex flex-col gap-4" aria-label="Lines to be added">
      <p>
        {capital(count(asked.length, "line"))}, {count(things, "item")}. Dashed parts are
        suggestions: change a line where they are wrong.
        {lines.length > MOST &&
          ` Only the first ${MOST} of ${lines.length} lines are here; paste the others afterwards.`}
      </p>
      <ol>
        {typed.map((line, index) => (
          <Row
            // biome-ignore lint/suspicious/noArrayIndexKey: two lines may be alike; they keep their order.
            key={index}
            line={line}
            read={byLine.get(line)}
            onChange={(told) => setTyped(typed.with(index, told))}
            onRemove={() => setTyped(typed.filter((_, at) => at !== index))}
          />
        ))}
      </ol>
      <div className="flex flex-wrap gap-2">
        <Button
          kind="solid"
          disabled={asked.length === 0 || bad > 0}
          onClick={() => void add().catch(() => {})}
        >
          {bad > 0 ? `Fix ${count(bad, "line")} first` : `Add ${count(things, "item")}`}
        </Button>
        <Button onClick={() => onDone("", null, 0)}>Cancel</Button>
      </div>
    </section>
  );
}

type RowProps = {
  line: string;
  read: LineShown | undefined;
  onChange: (line: string) => void;
  onRemove: () => void;
};

function Row({ line, read, onChange, onRemove }: RowProps) {
  const today = useToday();
  return (
    <li className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)_auto] items-center gap-3 border-hair border-b py-1.5 max-hand:grid-cols-[minmax(0,1fr)_auto]">
      <input
        aria-label="Line"
        value={line}
        maxLength={500}
        className="min-h-9 w-full rounded border border-hair bg-paper px-2 max-hand:min-h-11"
        onChange={(event) => onChange(event.target.value)}
      />
      <span className="max-hand:order-last max-hand:col-span-2">
        {read &&
          fieldsOf(read, today)
            .filter(
              (field, at, all) => field.column !== "maker" && saysMore(field, all.slice(0, at)),
            )
            .map((field) => (
              <span
                key={field.column}
                className={`mr-3 inline-block ${field.isProposed ? "border-proposed border-b border-dashed text-proposed" : ""}`}
              >
                {field.text}
              </span>
            ))}
        {read && read.count > 1 && <span>× {read.count}</span>}
        {read?.faults.map((fault) => (
          <span key={fault.message} className="block text-stop">
            {fault.message}
          </span>
        ))}
      </span>
      <Button kind="bare" onClick={onRemove} aria-label={`Leave out ${line}`}>
        Leave out
      </Button>
    </li>
  );
}

/** A mascara that is called mascara and comes as one is told once. */
function saysMore(field: Field, before: Field[]): boolean {
  const text = field.text?.toLowerCase();
  return text !== undefined && before.every((other) => other.text?.toLowerCase() !== text);
}

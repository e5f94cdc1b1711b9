import { useState } from "react";
import { ask, type Face, Problem, type Schemas } from "../api/client";
import { useFound } from "../api/kit";
import type { Look, LookPart } from "../api/look";
import { Button } from "../ui/Button";
import { TextArea, TextField, Ticks } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { capital, count } from "../words/codes";
import { fullName } from "../words/items";
import { PURPOSES, partOf } from "../words/looks";
import { PartRow } from "./LookText";
import { useRecording } from "./useRecording";

type WriteLookProps = { booking: string; face: Face };

/** Writes down the look that is wanted: by finding as one types, or from another artist's sheet. */
export function WriteLook({ booking, face }: WriteLookProps) {
  const [isOpen, setOpen] = useState(false);
  const known = face.looks.find((look) => look.purpose !== "done" && look.day === null);
  return (
    <div>
      <Button onClick={() => setOpen(true)}>{known ? "Edit the look" : "Write a look"}</Button>
      {isOpen && (
        <Sheet title={`A look for ${face.name}`} open onOpenChange={() => setOpen(false)}>
          <Editor booking={booking} face={face} known={known} onDone={() => setOpen(false)} />
        </Sheet>
      )}
    </div>
  );
}

type EditorProps = WriteLookProps & { known: Look | undefined; onDone: () => void };

function Editor({ booking, face, known, onDone }: EditorProps) {
  const record = useRecording(booking, face.id);
  const [parts, setParts] = useState<LookPart[]>(known?.parts ?? []);
  const [purpose, setPurpose] = useState<Look["purpose"]>(known?.purpose ?? "exactly");
  const [from, setFrom] = useState(known?.from ?? "");
  const pictures = parts.length > 0 ? null : [];
  const save = () =>
    record(
      { purpose, day: null, from: from.trim(), note: known?.note ?? "", parts, pictures },
      parts.length > 0
        ? `The list asks for ${count(parts.length, "product")} for ${face.name}.`
        : `${face.name} has no look now.`,
    ).then(onDone);
  return (
    <div className="flex flex-col gap-4">
      <Ticks
        legend="The list asks for"
        choices={(["exactly", "as-a-guide"] as const).map((value) => ({
          value,
          word: capital(PURPOSES[value]),
        }))}
        chosen={[purpose]}
        onChange={(chosen) => setPurpose((chosen.at(-1) as Look["purpose"]) ?? purpose)}
      />
      <ol>
        {parts.map((part, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: one product may stand in a look twice.
          <PartRow key={`${part.told} ${index}`} part={part}>
            <Button
              kind="bare"
              aria-label={`Remove ${part.told}`}
              onClick={() => setParts(parts.filter((_, other) => other !== index))}
            >
              Remove
            </Button>
          </PartRow>
        ))}
      </ol>
      <AddPart onAdd={(part) => setParts((now) => [...now, part])} />
      <FromASheet onRead={(read) => setParts((now) => [...now, ...read])} />
      <TextField
        label="Where it comes from"
        hint="a trial, another artist"
        maxLength={120}
        value={from}
        onChange={(event) => setFrom(event.target.value)}
      />
      <Button
        kind="solid"
        disabled={parts.length === 0 && !known}
        onClick={() => void save().catch(() => {})}
      >
        Save the look
      </Button>
    </div>
  );
}

/** So many are read at a glance. */
const SHOWN = 5;

function AddPart({ onAdd }: { onAdd: (part: LookPart) => void }) {
  const [typed, setTyped] = useState("");
  const found = useFound(typed).data?.items ?? [];
  const name = typed.trim();
  return (
    <div>
      <TextField
        label="Add a product"
        autoComplete="off"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {name && (
        <ul>
          {found.slice(0, SHOWN).map((item) => (
            <li key={item.id}>
              <button
                type="button"
                className="min-h-9 w-full border-hair border-b py-1 text-left hover:bg-lit max-hand:min-h-11"
                onClick={() => {
                  onAdd(partOf(item));
                  setTyped("");
                }}
              >
                {fullName(item)}
              </button>
            </li>
          ))}
          <li>
            <NotOwned
              name={name}
              onAdd={(part) => {
                onAdd(part);
                setTyped("");
              }}
            />
          </li>
        </ul>
      )}
    </div>
  );
}

/** What the kit has not is read like a line of a sheet: its name says what it is. */
function NotOwned({ name, onAdd }: { name: string; onAdd: (part: LookPart) => void }) {
  const add = async () => {
    const csv = `product\n"${name.replaceAll('"', "'")}"`;
    const read = await ask<Schemas["LookRead"]>("POST", "/api/looks/read", { csv });
    read.parts.forEach(onAdd);
  };
  return (
    <button
      type="button"
      className="min-h-9 w-full py-1 text-left text-soft hover:bg-lit max-hand:min-h-11"
      onClick={() => void add().catch(() => {})}
    >
      “{name}”, which you don’t own
    </button>
  );
}

function FromASheet({ onRead }: { onRead: (parts: LookPart[]) => void }) {
  const [csv, setCsv] = useState("");
  const [told, setTold] = useState<string[]>([]);
  const read = async () => {
    try {
      const answer = await ask<Schemas["LookRead"]>("POST", "/api/looks/read", { csv });
      onRead(answer.parts);
      setTold([
        `Read ${count(answer.parts.length, "product")}, ${answer.owned} of them in your kit.`,
        ...answer.faults.map((fault) => fault.message),
      ]);
      setCsv("");
    } catch (thrown) {
      if (!(thrown instanceof Problem)) throw thrown;
      setTold([thrown.faults[0]?.message ?? thrown.message]);
    }
  };
  return (
    <details>
      <summary className="w-fit cursor-pointer py-1.5 text-soft underline">
        From another artist’s sheet
      </summary>
      <div className="flex flex-col gap-3 pt-2">
        <TextArea
          label="Paste it as a table"
          hint="product, maker, shade, class, colour, tenths, tool, where, note"
          rows={5}
          value={csv}
          onChange={(event) => setCsv(event.target.value)}
        />
        <Button disabled={!csv.trim()} onClick={() => void read()}>
          Read the sheet
        </Button>
      </div>
      <div role="status" className="text-sm">
        {told.map((text) => (
          <p key={text}>{text}</p>
        ))}
      </div>
    </details>
  );
}

import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link } from "react-router";
import { useActs } from "../../api/acts";
import { askFile, askLong, Problem, type Schemas } from "../../api/client";
import { Sentence } from "../../parts/Sentence";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { capital, choices, count, word } from "../../words/codes";
import { dateOrder } from "../../words/dates";
import { COLUMNS } from "../../words/lists";
import { amount } from "../../words/quantities";
import { Guesses } from "./Guesses";

type Preview = Schemas["CsvPreview"];
type Column = Preview["columns"][number]["column"];

/** A kit as a table, and the whole workspace as a file: import and export. */
export function TablesView() {
  const [file, setFile] = useState<File | null>(null);
  const [preview, setPreview] = useState<Preview | null>(null);
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const look = async (chosen: File, said: Said | null = null) => {
    setTrouble(null);
    setFile(chosen);
    const query = said ? asked(said) : "";
    try {
      setPreview(
        await askFile<Preview>("POST", `/api/kit/csv/preview?${query}`, chosen, "text/csv"),
      );
    } catch (thrown) {
      setPreview(null);
      setTrouble(thrown instanceof Problem ? thrown : null);
    }
  };
  return (
    <div className="flex flex-col gap-8">
      <Sentence>
        {preview
          ? sentence(preview)
          : "Import a kit from any table. Export everything, without loss."}
      </Sentence>
      {trouble && <Trouble problem={trouble} />}
      {file && preview ? (
        <Looked
          file={file}
          preview={preview}
          onLook={(said) => void look(file, said)}
          onDone={() => setPreview(null)}
        />
      ) : (
        <div className="grid max-w-5xl grid-cols-2 gap-10 max-hand:grid-cols-1">
          <section className="flex flex-col items-start gap-3">
            <h2 className="w-full border-ink border-b pb-1 font-semibold">The kit as a table</h2>
            <p className="text-soft">
              CSV with a line of column names, with commas or semicolons between, as any spreadsheet
              writes it. You see what is read before anything is added.
            </p>
            <FileButton
              label="Import CSV"
              accept=".csv,.tsv,.txt,text/csv"
              onChoose={(chosen) => void look(chosen)}
            />
            <a href="/api/kit/csv" download className={buttonLook()}>
              Export CSV
            </a>
            <a
              href={`/api/kit/print?paper=${dateOrder() === "month-first" ? "letter" : "a4"}`}
              target="_blank"
              rel="noreferrer"
              className={buttonLook()}
            >
              Print the kit list
            </a>
          </section>
          <Workspace />
        </div>
      )}
    </div>
  );
}

function sentence(preview: Preview): string {
  const bad = preview.badCount
    ? ` ${capital(count(preview.badCount, "row"))} cannot be read, so nothing will be added yet.`
    : "";
  const places = preview.newPlaces.length
    ? ` ${capital(count(preview.newPlaces.length, "place"))} will be made.`
    : "";
  return `${capital(count(preview.things, "item"))} to be added.${places}${bad}`;
}

function Trouble({ problem }: { problem: Problem }) {
  return (
    <div role="alert" className="max-w-4xl rounded-md border-2 border-stop p-4">
      <p>{problem.message}</p>
      <ul className="text-soft">
        {problem.faults.slice(0, 20).map((fault) => (
          <li key={`${fault.path} ${fault.code}`}>
            {fault.path && `${fault.path}: `}
            {fault.message}
          </li>
        ))}
      </ul>
    </div>
  );
}

type FileButtonProps = { label: string; accept: string; onChoose: (file: File) => void };

function FileButton({ label, accept, onChoose }: FileButtonProps) {
  return (
    <label className={`${buttonLook()} focus-within:outline-2`}>
      {label}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          if (chosen) onChoose(chosen);
          event.target.value = "";
        }}
      />
    </label>
  );
}

/** What somebody says of a table after a look at it. */
type Said = { columns: Column[]; dates: string; classes: Record<string, string> };

/** As the API wants to hear it. */
function asked({ columns, dates, classes }: Said): URLSearchParams {
  return new URLSearchParams({
    columns: columns.map((column) => column ?? "").join(","),
    dates,
    classes: Object.entries(classes)
      .map(([words, one]) => `${words}:${one}`)
      .join(","),
  });
}

/** What a table was looked through with: it comes back with the look. */
function saidOf(preview: Preview): Said {
  const chosen = preview.guesses.filter((one) => one.chosen);
  return {
    columns: preview.columns.map((one) => one.column),
    dates: preview.dates,
    classes: Object.fromEntries(chosen.map((one) => [one.words, one.productClass])),
  };
}

type LookedProps = {
  file: File;
  preview: Preview;
  onLook: (said: Said) => void;
  onDone: () => void;
};

/** What the table says: columns and their meaning, the first rows, the bad ones. */
function Looked({ file, preview, onLook, onDone }: LookedProps) {
  const said = saidOf(preview);
  return (
    <div className="flex flex-col gap-6">
      <Adding file={file} preview={preview} onDone={onDone} />
      <section>
        <h2 className="border-ink border-b pb-1 font-semibold">Columns of {file.name}</h2>
        <ul className="grid grid-cols-3 gap-x-8 max-hand:grid-cols-1">
          {preview.columns.map((one, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a table may have two columns of one name.
            <li key={index} className="flex items-center gap-3 border-hair border-b py-1.5">
              <span className="min-w-0 flex-1 truncate" title={one.header}>
                {one.header || "(no name)"}
              </span>
              <div className="w-44">
                <SelectField
                  label={`Meaning of ${one.header}`}
                  isBare
                  empty="ignore"
                  choices={choices(COLUMNS)}
                  value={one.column ?? ""}
                  onChange={(event) =>
                    onLook({
                      ...said,
                      columns: said.columns.with(index, (event.target.value || null) as Column),
                    })
                  }
                />
              </div>
            </li>
          ))}
        </ul>
        <div className="mt-3 w-72">
          <SelectField
            label="Dates like 04/09/2031"
            choices={[
              { value: "day-first", word: "begin with the day" },
              { value: "month-first", word: "begin with the month" },
            ]}
            value={preview.dates}
            onChange={(event) => onLook({ ...said, dates: event.target.value })}
          />
        </div>
      </section>
      <Guesses
        guesses={preview.guesses}
        onChoose={(words, one) => onLook({ ...said, classes: { ...said.classes, [words]: one } })}
      />
      <BadRows preview={preview} />
      <FirstRows preview={preview} />
    </div>
  );
}

function BadRows({ preview }: { preview: Preview }) {
  if (preview.badCount === 0) return null;
  return (
    <section>
      <h2 className="border-stop border-b pb-1 font-semibold">
        Rows that cannot be read <span className="font-normal text-soft">{preview.badCount}</span>
      </h2>
      <ul>
        {preview.bad.map((row) => (
          <li key={row.line} className="flex gap-4 border-hair border-b py-1.5">
            <span className="w-20 shrink-0 text-soft">line {row.line}</span>
            <span>{row.faults.map((fault) => `${fault.path}: ${fault.message}`).join(" ")}</span>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-soft">
        Correct these in the table and import it again, or choose other meanings for the columns.
      </p>
    </section>
  );
}

function FirstRows({ preview }: { preview: Preview }) {
  return (
    <section>
      <h2 className="border-ink border-b pb-1 font-semibold">The first rows, as they will be</h2>
      <ul>
        {preview.rows.map((row) => (
          <li
            key={row.line}
            className="grid grid-cols-[auto_1fr_1fr_1fr] items-center gap-3 border-hair border-b py-1.5 max-hand:grid-cols-[auto_1fr]"
          >
            <span
              aria-hidden="true"
              style={{ backgroundColor: row.colour ?? "var(--lit)" }}
              className="size-6 rounded-full border border-ink/25"
            />
            <span>
              {row.maker} {row.name} {row.shade}
              {row.count > 1 && <b> × {row.count}</b>}
            </span>
            <span className="text-soft">
              {word(row.productClass)}, {word(row.form)}, {amount(row.left, row.unit)} of{" "}
              {row.content}
              {row.guessed.length > 0 && ` (suggested: ${row.guessed.map(word).join(", ")})`}
            </span>
            <span className="text-soft">{row.now || "no place given"}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

type AddingProps = { file: File; preview: Preview; onDone: () => void };

/** Adds all of it or nothing, says how far it is, and can be stopped. */
function Adding({ file, preview, onDone }: AddingProps) {
  const queries = useQueryClient();
  const [actId] = useState(() => crypto.randomUUID());
  const [progress, setProgress] = useState<{ done: number; all: number } | null>(null);
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const [added, setAdded] = useState<number | null>(null);
  const stop = useRef<AbortController>(null);
  const { perform } = useActs();
  const add = async () => {
    setTrouble(null);
    setProgress({ done: 0, all: preview.things });
    stop.current = new AbortController();
    const query = asked(saidOf(preview));
    query.set("actId", actId);
    try {
      const result = await askLong<{ added: number }>(
        `/api/kit/csv?${query}`,
        file,
        "text/csv",
        (done, all) => setProgress({ done, all }),
        stop.current.signal,
      );
      setAdded(result.added);
      await queries.invalidateQueries();
    } catch (thrown) {
      setTrouble(thrown instanceof Problem ? thrown : null);
    }
    setProgress(null);
  };
  if (added !== null) {
    return (
      <p className="flex flex-wrap items-center gap-3">
        Added {count(added, "item")}.
        <Link to="/kit" className={buttonLook("solid")}>
          See the kit
        </Link>
        <Button
          onClick={() =>
            void perform({
              path: `/api/ledger/${actId}/undo`,
              done: "Everything from the table was removed again.",
              undoable: false,
            })
              .then(onDone)
              .catch(() => {})
          }
        >
          Undo
        </Button>
      </p>
    );
  }
  return (
    <div className="flex flex-col gap-3">
      {trouble && <Trouble problem={trouble} />}
      <div className="flex flex-wrap items-center gap-3">
        <Button
          kind="solid"
          disabled={progress !== null || preview.badCount > 0 || preview.things === 0}
          onClick={() => void add()}
        >
          Add {count(preview.things, "item")} to the kit
        </Button>
        {progress ? (
          <>
            <progress
              value={progress.done}
              max={progress.all}
              aria-label="Items added"
              className="h-2 w-60"
            />
            <span className="text-soft" aria-live="polite">
              {progress.done} of {progress.all}
            </span>
            <Button onClick={() => stop.current?.abort()}>Stop, and add nothing</Button>
          </>
        ) : (
          <Button kind="bare" onClick={onDone}>
            Cancel
          </Button>
        )}
      </div>
    </div>
  );
}

/** The whole workspace as one file. */
function Workspace() {
  const { send } = useActs();
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const read = (file: File) => {
    setTrouble(null);
    void send(
      { path: "/api/workspace/archive", done: "Imported the workspace.", undoable: false },
      new Blob([file], { type: "application/json" }),
    ).catch((thrown) => setTrouble(thrown instanceof Problem ? thrown : null));
  };
  return (
    <section className="flex flex-col items-start gap-3">
      <h2 className="w-full border-ink border-b pb-1 font-semibold">
        The whole workspace as one file
      </h2>
      <p className="text-soft">
        Places, items, pictures, bookings and the whole history. It can be imported into an empty
        workspace: all of it, or nothing.
      </p>
      <a href="/api/workspace/archive" download className={buttonLook()}>
        Export the workspace
      </a>
      <FileButton label="Import a workspace" accept=".json,application/json" onChoose={read} />
      {trouble && <Trouble problem={trouble} />}
    </section>
  );
}

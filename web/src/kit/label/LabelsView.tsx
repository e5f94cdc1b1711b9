import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { z } from "zod";
import { fetchFile, type Item, type Place, Problem, type Schemas } from "../../api/client";
import { useItemsOf } from "../../api/dates";
import { useSession } from "../../api/depot";
import { useOpenPlaces, usePlaceList, usePlaces } from "../../api/kit";
import { Sentence } from "../../parts/Sentence";
import { toggled } from "../../parts/toggled";
import { fieldsOf, neededWhole, typedNumber, useTyped } from "../../parts/typed";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { showFaults } from "../../ui/faults";
import { capital, choices, count } from "../../words/codes";
import { fullName, placeChoices, placePath } from "../../words/items";
import { SHEETS } from "../../words/lists";

type Sheet = Schemas["PrintLabels"]["sheet"];

const PER_PAGE: Record<Sheet, number> = {
  "a4-24": 24,
  "a4-21": 21,
  "a4-40": 40,
  "a4-65": 65,
  "a4-189": 189,
  "tape-9": 1,
  "tape-12": 1,
};
/** How a page of labels is printed: which of them are gone, and how far the printer is off. */
const PRINTED = z.object({
  skip: neededWhole("Say how many are used."),
  offset: z.object({ rightMm: typedNumber(), downMm: typedNumber() }),
});

type Printed = z.input<typeof PRINTED>;

const KEPT = "gerula-label-sheet";
const KEPT_OFFSET = "gerula-label-offset";

/** Labels for things and places, on sheets or on tape. */
export function LabelsView() {
  const [search] = useSearchParams();
  const chosen = useChosen(
    search.getAll("item"),
    search.get("inside"),
    search.get("session") ?? "",
  );
  const [left, setLeft] = useState<Set<string>>(new Set());
  const [sheet, setSheet] = useState<Sheet>(() => kept() ?? "a4-24");
  const form = useTyped(PRINTED, { skip: "0", offset: keptOffset() });
  const typed = form.watch();
  const field = fieldsOf(form);
  const [trouble, setTrouble] = useState<string | null>(null);
  const items = chosen.items.filter((item) => !left.has(item.id));
  const places = chosen.places.filter((place) => !left.has(place.id));
  const labels = items.length + places.length;
  const pages = Math.ceil((labels + (Number(typed.skip) || 0)) / PER_PAGE[sheet]);
  const print = form.handleSubmit(async ({ skip, offset }) => {
    setTrouble(null);
    localStorage.setItem(KEPT, sheet);
    localStorage.setItem(KEPT_OFFSET, JSON.stringify(typed.offset));
    try {
      const pdf = await fetchFile("POST", "/api/labels", {
        items: items.map((item) => item.id),
        places: places.map((place) => place.id),
        sheet,
        skip,
        offset: { rightMm: offset.rightMm ?? 0, downMm: offset.downMm ?? 0 },
      });
      save(pdf, "gerula-labels.pdf");
    } catch (thrown) {
      if (!(thrown instanceof Problem)) throw thrown;
      showFaults(thrown, form.setError);
      if (thrown.faults.length === 0) setTrouble(thrown.message);
    }
  });
  const toggle = (id: string) => setLeft((before) => toggled(before, id));
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {capital(count(labels, "label"))}
        {labels > 0 && ` on ${count(pages, PER_PAGE[sheet] === 1 ? "strip" : "sheet")}`}.
      </Sentence>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Sheet or tape"
          choices={choices(SHEETS)}
          value={sheet}
          onChange={(event) => {
            setSheet(event.target.value as Sheet);
            form.setValue("skip", "0");
          }}
        />
        {PER_PAGE[sheet] > 1 && (
          <div className="w-44">
            <TextField
              label="Labels already used"
              hint="stay empty"
              inputMode="numeric"
              {...field("skip")}
            />
          </div>
        )}
        <Button kind="solid" disabled={labels === 0} onClick={() => void print()}>
          Make the labels
        </Button>
      </div>
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
      <PrinterOffset sheet={sheet} typed={typed} field={field} />
      <Choose />
      <ul className="max-w-4xl border-ink border-t">
        {chosen.places.map((place) => (
          <Row
            key={place.id}
            name={<PlaceName place={place} />}
            code={place.code}
            on={!left.has(place.id)}
            onToggle={() => toggle(place.id)}
          />
        ))}
        {chosen.items.map((item) => (
          <Row
            key={item.id}
            name={fullName(item)}
            code={item.code}
            on={!left.has(item.id)}
            onToggle={() => toggle(item.id)}
          />
        ))}
      </ul>
    </div>
  );
}

function keptOffset(): Printed["offset"] {
  const kept = localStorage.getItem(KEPT_OFFSET);
  const { data } = PRINTED.shape.offset.safeParse(kept ? JSON.parse(kept) : null);
  return { rightMm: String(data?.rightMm ?? 0), downMm: String(data?.downMm ?? 0) };
}

type OffsetProps = {
  sheet: Sheet;
  typed: Printed;
  field: ReturnType<typeof fieldsOf<Printed, z.output<typeof PRINTED>>>;
};

/** Printers feed a sheet a little askew: a trial page shows by how much, and what is written here mends it. */
function PrinterOffset({ sheet, typed, field }: OffsetProps) {
  const { data } = PRINTED.safeParse(typed);
  const { rightMm, downMm } = data?.offset ?? {};
  return (
    <details>
      <summary className="w-fit py-1.5 text-soft underline max-hand:min-h-11">
        Does your printer line up with the labels?
      </summary>
      <p className="max-w-prose py-2">
        Print the trial page on plain paper at 100 %, without fitting it to the page. Hold it with a
        sheet of labels against the light: each cross belongs in the middle of its label. If they
        are off, say how far everything has to move.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-32">
          <TextField label="Right, mm" inputMode="decimal" {...field("offset.rightMm")} />
        </div>
        <div className="w-32">
          <TextField label="Down, mm" inputMode="decimal" {...field("offset.downMm")} />
        </div>
        <a
          href={`/api/labels/trial?sheet=${sheet}&rightMm=${rightMm ?? 0}&downMm=${downMm ?? 0}`}
          target="_blank"
          rel="noreferrer"
          className={buttonLook()}
        >
          Trial page
        </a>
      </div>
    </details>
  );
}

function kept(): Sheet | null {
  const value = localStorage.getItem(KEPT);
  return SHEETS.find((sheet) => sheet === value) ?? null;
}

/** One thing, or a place and all it holds, or the places themselves. */
function useChosen(
  items: string[],
  inside: string | null,
  session: string,
): { items: Item[]; places: Place[] } {
  const filled = useSession(session).data;
  const named = useItemsOf(items);
  const { open } = useOpenPlaces(inside ? [inside] : []);
  const map = usePlaces();
  const { places } = usePlaceList();
  const opened = open[0];
  return useMemo(() => {
    if (session) {
      const items = (filled?.pieces ?? []).flatMap((piece) => piece.decant ?? []);
      return { items, places: [] };
    }
    if (named.length) return { items: named, places: [] };
    if (inside) {
      const within = [...map.values()].filter((place) => placeLine(place, map).includes(inside));
      return { items: opened?.items ?? [], places: within };
    }
    return { items: [], places };
  }, [named, inside, session, filled, opened, map, places]);
}

function placeLine(place: Place, map: Map<string, Place>): string[] {
  const line: string[] = [];
  let next: Place | undefined = place;
  while (next && !line.includes(next.id)) {
    line.push(next.id);
    next = next.parent ? map.get(next.parent) : undefined;
  }
  return line;
}

/** Which place the labels are for. */
function Choose() {
  const [search, setSearch] = useSearchParams();
  const places = usePlaces();
  return (
    <div className="max-w-md">
      <SelectField
        label="For everything in"
        empty="the places themselves"
        value={search.get("inside") ?? ""}
        choices={placeChoices(places)}
        onChange={(event) =>
          setSearch(event.target.value ? { inside: event.target.value } : {}, { replace: true })
        }
      />
    </div>
  );
}

type RowProps = { name: React.ReactNode; code: string; on: boolean; onToggle: () => void };

function Row({ name, code, on, onToggle }: RowProps) {
  return (
    <li className="border-hair border-b">
      <label className="flex min-h-9 items-center gap-3 py-1 max-hand:min-h-11">
        <input type="checkbox" className="size-5 accent-ink" checked={on} onChange={onToggle} />
        <span className="min-w-0 flex-1 truncate">{name}</span>
        <span className="text-soft tracking-wider">
          {code.slice(0, 3)} {code.slice(3)}
        </span>
      </label>
    </li>
  );
}

function PlaceName({ place }: { place: Place }) {
  const places = usePlaces();
  return <>{placePath(place.id, places)}</>;
}

/** Hands a file to the browser's own downloads. */
export function save(file: Blob, name: string) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

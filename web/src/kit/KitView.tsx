import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { useItemParts, useKitSummary, usePlaces } from "../api/kit";
import { Counted, Sentence } from "../parts/Sentence";
import { useStance } from "../parts/stance";
import { Button, buttonLook } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { capital, choices, count } from "../words/codes";
import { placePath } from "../words/items";
import { CLASSES, FORMS, SECTIONS, STATES } from "../words/lists";
import { type FilterName, kitFilter, kitList } from "./filter";
import { ItemRows } from "./item/ItemRows";
import { ItemTable } from "./item/ItemTable";
import { PlaceList } from "./place/PlaceList";

/** The whole kit as one ruled list, narrowed by the address. */
export function KitView() {
  const [search, setSearch] = useSearchParams();
  const filter = kitFilter(search);
  const list = useItemParts(filter, []);
  const stance = useStance();
  const [shown, setShown] = useState<Shown>(null);
  const Rows = stance === "desk" ? ItemTable : ItemRows;
  const narrow = (name: FilterName, value: string) => {
    const next = new URLSearchParams(search);
    value ? next.set(name, value) : next.delete(name);
    setSearch(next, { replace: true });
  };
  const field = (name: FilterName) => ({
    value: search.get(name) ?? "",
    onChange: (event: React.ChangeEvent<HTMLSelectElement>) => narrow(name, event.target.value),
  });
  return (
    <div className="flex flex-col gap-5">
      <KitSentence />
      {stance === "desk" ? (
        <div className="flex items-end gap-4">
          <Tools />
          <Narrowed search={search} total={list.total} />
        </div>
      ) : (
        <InTheHand shown={shown} onShow={setShown} narrowed={narrowedBy(search)} />
      )}
      <div className="grid grid-cols-[1fr_17rem] items-start gap-8 max-hand:grid-cols-1">
        {stance === "hand" && shown === "places" && (
          <PlaceList chosen={search.get("place") ?? ""} />
        )}
        <section aria-label="Items" className="min-w-0">
          <div
            hidden={stance === "hand" && shown !== "filters"}
            className="flex flex-wrap items-end gap-3 pb-3 max-hand:grid max-hand:grid-cols-2"
          >
            <SelectField
              label="Part of the work"
              empty="all"
              choices={choices(SECTIONS)}
              {...field("section")}
            />
            <SelectField
              label="What it is for"
              empty="all"
              choices={choices(CLASSES)}
              {...field("productClass")}
            />
            <SelectField label="Form" empty="all" choices={choices(FORMS)} {...field("form")} />
            <SelectField label="Marks" empty="all" choices={MARK_CHOICES} {...field("mark")} />
            <SelectField label="State" empty="any" choices={choices(STATES)} {...field("state")} />
          </div>
          {stance === "hand" && (
            <div className="border-ink border-b">
              <Narrowed search={search} total={list.total} />
            </div>
          )}
          {list.total === 0 ? (
            <p className="py-6 text-soft">
              {filter ? (
                "Nothing in the kit matches."
              ) : (
                <>
                  The kit is empty.{" "}
                  <Link to="/kit/usual" className="underline">
                    Tick what you have
                  </Link>{" "}
                  for a first packing list in ten minutes.
                </>
              )}
            </p>
          ) : (
            <Rows filter={kitList(search)} />
          )}
        </section>
        {stance === "desk" && <PlaceList chosen={search.get("place") ?? ""} />}
      </div>
    </div>
  );
}

type Shown = "filters" | "places" | "tools" | null;

/** How many filters narrow the list; the field above has its own words. */
function narrowedBy(search: URLSearchParams): number {
  return [...new URLSearchParams(kitFilter(search)).keys()].filter((name) => name !== "q").length;
}

type InTheHandProps = { shown: Shown; onShow: (shown: Shown) => void; narrowed: number };

/** One row of buttons; what each of them unfolds would fill the screen before the first item. */
function InTheHand({ shown, onShow, narrowed }: InTheHandProps) {
  const folds = [
    { fold: "filters", word: narrowed ? `Filter (${narrowed})` : "Filter" },
    { fold: "places", word: "Places" },
    { fold: "tools", word: "Other" },
  ] as const;
  return (
    <div className="flex flex-col gap-3">
      <div className="flex gap-2">
        <Link to="/kit/lines" className={`${buttonLook("solid")} flex-1 whitespace-nowrap`}>
          Add items
        </Link>
        {folds.map(({ fold, word }) => (
          <Button
            key={fold}
            aria-expanded={shown === fold}
            onClick={() => onShow(shown === fold ? null : fold)}
            className="aria-expanded:bg-lit"
          >
            {word}
          </Button>
        ))}
      </div>
      {shown === "tools" && <Tools />}
    </div>
  );
}

/** How many are shown, and the way back to all of them. */
function Narrowed({ search, total }: { search: URLSearchParams; total: number | undefined }) {
  const places = usePlaces();
  const place = search.get("place");
  const q = search.get("q");
  return (
    <p aria-live="polite" className="ml-auto pb-1.5 text-right text-soft max-hand:text-left">
      {total === undefined ? "looking…" : count(total, "item")}
      {q && ` matching “${q}”`}
      {place && ` in ${placePath(place, places)}`}
      {kitFilter(search) && (
        <Link to="/kit" className="ml-3 underline">
          show all
        </Link>
      )}
    </p>
  );
}

const MARK_CHOICES = [
  { value: "place", word: "out of place" },
  { value: "date", word: "expiring or out of date" },
  { value: "clean", word: "to clean" },
  { value: "amount", word: "low or empty" },
];

function KitSentence() {
  const summary = useKitSummary().data;
  if (!summary) return <Sentence>Looking through the kit…</Sentence>;
  const { things, outOfPlace, pastDate, low } = summary;
  return (
    <Sentence>
      {capital(count(things, "item"))} in the kit.{" "}
      <Counted to="/kit?mark=place" state={outOfPlace ? "soon" : undefined}>
        {capital(count(outOfPlace, "item"))}
      </Counted>{" "}
      out of place,{" "}
      <Counted to="/kit?mark=date" state={pastDate ? "stop" : undefined}>
        {pastDate}
      </Counted>{" "}
      out of date,{" "}
      <Counted to="/kit?mark=amount" state={low ? "soon" : undefined}>
        {low}
      </Counted>{" "}
      running low.
    </Sentence>
  );
}

/** What is done with the kit as a whole. */
function Tools() {
  return (
    <div className="flex flex-wrap gap-2">
      <Link to="/kit/lines" className={buttonLook("solid")}>
        Add items
      </Link>
      <Link to="/kit/usual" className={buttonLook()}>
        Tick what you have
      </Link>
      <Link to="/kit/shades" className={buttonLook()}>
        Add a shade range
      </Link>
      <Link to="/kit/home" className={buttonLook()}>
        Put away
      </Link>
      <Link to="/kit/bags" className={buttonLook()}>
        Bags side by side
      </Link>
      <Link to="/kit/labels" className={buttonLook()}>
        Labels
      </Link>
      <Link to="/kit/tables" className={buttonLook()}>
        Import and export
      </Link>
    </div>
  );
}

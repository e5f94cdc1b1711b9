import { Link, useSearchParams } from "react-router";
import { useItemParts, useKitSummary, usePlaces } from "../api/kit";
import { Counted, Sentence } from "../parts/Sentence";
import { buttonLook } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { capital, choices, count } from "../words/codes";
import { placePath } from "../words/items";
import { CLASSES, FORMS, SECTIONS, STATES } from "../words/lists";
import { type FilterName, kitFilter } from "./filter";
import { ItemRows } from "./item/ItemRows";
import { PlaceList } from "./place/PlaceList";

/** The whole kit as one ruled list, narrowed by the address. */
export function KitView() {
  const [search, setSearch] = useSearchParams();
  const filter = kitFilter(search);
  const list = useItemParts(filter, []);
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
      <Tools />
      <div className="grid grid-cols-[1fr_17rem] items-start gap-8 max-hand:grid-cols-1">
        <section aria-label="Things" className="min-w-0">
          <div className="flex flex-wrap items-end gap-3 border-ink border-b pb-3 max-hand:grid max-hand:grid-cols-2">
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
            <Narrowed search={search} total={list.total} />
          </div>
          {list.total === 0 ? (
            <p className="py-6 text-soft">
              {filter ? (
                "Nothing in the kit is like this."
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
            <ItemRows filter={filter} />
          )}
        </section>
        <PlaceList chosen={search.get("place") ?? ""} />
      </div>
    </div>
  );
}

/** How many are shown, and the way back to all of them. */
function Narrowed({ search, total }: { search: URLSearchParams; total: number | undefined }) {
  const places = usePlaces();
  const place = search.get("place");
  const q = search.get("q");
  return (
    <p
      aria-live="polite"
      className="ml-auto pb-1.5 text-soft max-hand:col-span-2 max-hand:ml-0 max-hand:text-left"
    >
      {total === undefined ? "looking…" : count(total, "thing")}
      {q && ` like “${q}”`}
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

import { useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import type { Schemas } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { type PlacesRead, usePlaceLine, useUsualBags } from "../../api/placeLine";
import { OpenCase } from "../../parts/OpenCase";
import { Sentence } from "../../parts/Sentence";
import { useSettled } from "../../parts/useSettled";
import { Button, buttonLook } from "../../ui/Button";
import { capital, count, word } from "../../words/codes";
import { placePath } from "../../words/items";

/** A case, a bag or a drawer, typed in one line and drawn while one types. */
export function PlacesNew() {
  const [search] = useSearchParams();
  const places = usePlaces();
  const navigate = useNavigate();
  const { perform } = useActs();
  const [line, setLine] = useState("");
  const [isBusy, setBusy] = useState(false);
  const within = search.get("in");
  const settled = useSettled(line);
  const read = usePlaceLine(settled);
  const shown = line.trim() && !read.error ? read.data : undefined;
  const add = async () => {
    if (!line.trim() || isBusy) return;
    setBusy(true);
    try {
      const { made, places: many } = await perform<Schemas["PlacesAdded"]>({
        path: "/api/kit/places",
        body: { line, in: within },
        done: `Added ${capital(line.trim())}.`,
      });
      navigate(made.length === 1 || many > 0 ? `/kit/places/${made[0]}` : "/kit");
    } catch {
      // The message says why; what was typed stays.
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="flex max-w-5xl flex-col gap-5">
      <Sentence>
        {within
          ? `Something new in ${placePath(within, places)}.`
          : "A new case, bag or drawer, in one line."}
      </Sentence>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <div className="flex flex-col gap-1">
          <label htmlFor="place-line" className="font-semibold text-sm">
            Place{" "}
            <span className="font-normal text-soft">
              what it is, then what is in it; sizes inside in cm, width x depth x height
            </span>
          </label>
          <input
            id="place-line"
            // biome-ignore lint/a11y/noAutofocus: one comes here to type.
            autoFocus
            value={line}
            maxLength={300}
            autoComplete="off"
            autoCapitalize="none"
            enterKeyHint="done"
            placeholder="rolling case, 3 trays 30x20x6, drawer below"
            className="min-h-14 w-full rounded border-2 border-ink bg-paper px-3 font-voice text-xl max-hand:text-base"
            onChange={(event) => setLine(event.target.value)}
          />
          {read.error && line.trim() && <p className="text-stop">{read.error.message}</p>}
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <Button type="submit" kind="solid" disabled={!line.trim() || isBusy}>
            {shown && shown.places > 1 ? `Add ${count(shown.places, "place")}` : "Add the place"}
          </Button>
          <Link
            to={within ? `/kit/places/form?in=${within}` : "/kit/places/form"}
            className={buttonLook("bare")}
          >
            Use the full form
          </Link>
        </div>
      </form>
      {shown ? <Drawn read={shown} /> : <UsualBags onChoose={setLine} />}
    </div>
  );
}

/** What the line would make, to scale. */
function Drawn({ read }: { read: PlacesRead }) {
  const unsure = [
    read.estimated > 0 && `${count(read.estimated, "size")} estimated`,
    read.unmeasured > 0 &&
      `${count(read.unmeasured, "place")} without a size, drawn in a usual one`,
  ].filter(Boolean);
  return (
    <section aria-label="What the line makes" className="flex flex-col gap-3">
      <p className="text-soft">
        {capital(count(read.places, "place"))}
        {unsure.length > 0 && `; ${unsure.join(", ")}`}.
      </p>
      <div className="grid grid-cols-2 items-start gap-6 max-hand:grid-cols-1">
        {read.drawn.map((tray, at) => (
          <div key={tray.place} className={read.drawn.length === 1 ? "col-span-full" : ""}>
            <div className="max-w-2xl [&_svg]:max-h-[48dvh]" data-drawn={at}>
              <OpenCase tray={tray} items={new Map()} onChoose={() => {}} nameOf={() => ""} />
            </div>
          </div>
        ))}
      </div>
    </section>
  );
}

/** Where to begin: bags as most artists have them, to be changed to one's own. */
function UsualBags({ onChoose }: { onChoose: (line: string) => void }) {
  const bags = useUsualBags().data ?? [];
  return (
    <section aria-label="Usual bags" className="flex max-w-[62ch] flex-col gap-2">
      <p className="text-soft">
        Or start with a usual one and change it to yours. Its sizes are estimated until you measure:
        “about” says so.
      </p>
      <div className="flex flex-wrap gap-1.5">
        {bags.map((bag) => (
          <button
            key={bag.code}
            type="button"
            onClick={() => onChoose(bag.line)}
            className="min-h-9 rounded border border-line bg-paper px-3 hover:bg-lit max-hand:min-h-11"
          >
            {capital(word(bag.code))}
          </button>
        ))}
      </div>
    </section>
  );
}

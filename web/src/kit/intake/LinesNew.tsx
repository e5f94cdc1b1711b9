import { useState } from "react";
import { useSearchParams } from "react-router";
import { usePlaces } from "../../api/kit";
import { Counted, Sentence } from "../../parts/Sentence";
import { SelectField } from "../../ui/Field";
import { capital, count } from "../../words/codes";
import { placeChoices, placePath } from "../../words/items";
import { LinesTable } from "./LinesTable";
import { type Added, OneLine } from "./OneLine";
import { TakePicture } from "./TakePicture";

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
      <TakePicture place={place} />
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
          onPlace={(to) => setSearch({ place: to }, { replace: true })}
          added={added}
          onMany={setMany}
          onAdded={(one) => setAdded((before) => [one, ...before])}
          onUndone={(id) => setAdded((before) => before.filter((one) => one.id !== id))}
        />
      )}
    </div>
  );
}

import { useState } from "react";
import { Link } from "react-router";
import { useActs } from "../../api/acts";
import { usePlaces } from "../../api/kit";
import { type UnnamedPicture, useUnnamed } from "../../api/unnamed";
import { Sentence } from "../../parts/Sentence";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { Without } from "../../ui/Without";
import { capital, count } from "../../words/codes";
import { placeChoices } from "../../words/items";
import { OneLine } from "./OneLine";

/** Pictures that were taken in passing, named one after another. */
export function UnnamedView() {
  const unnamed = useUnnamed();
  const [later, setLater] = useState<string[]>([]);
  if (!unnamed.data) return <Without query={unnamed} waiting="Fetching the pictures…" />;
  const waiting = unnamed.data.filter((one) => !later.includes(one.id));
  const [first] = waiting.length > 0 ? waiting : unnamed.data;
  return (
    <div className="flex max-w-5xl flex-col gap-5">
      <Sentence>
        {first
          ? `${capital(count(unnamed.data.length, "picture"))} without a name. What is this?`
          : "Every picture has a name."}
      </Sentence>
      {first ? (
        <Naming
          key={first.id}
          picture={first}
          onLater={
            waiting.length > 1 ? () => setLater((before) => [...before, first.id]) : undefined
          }
        />
      ) : (
        <div>
          <Link to="/kit/lines" className={buttonLook()}>
            Add items
          </Link>
        </div>
      )}
    </div>
  );
}

type NamingProps = { picture: UnnamedPicture; onLater: (() => void) | undefined };

function Naming({ picture, onLater }: NamingProps) {
  const { perform } = useActs();
  const places = usePlaces();
  const [place, setPlace] = useState(picture.place);
  return (
    <div className="grid grid-cols-[20rem_1fr] items-start gap-6 max-hand:grid-cols-1">
      <div className="flex flex-col gap-2">
        <img
          src={`/api/pictures/${picture.picture}`}
          alt="What is to be named"
          className="max-h-[50dvh] w-full rounded border border-line bg-lit object-contain max-hand:max-h-[32dvh]"
        />
        <div className="flex gap-2">
          {onLater && <Button onClick={onLater}>Later</Button>}
          <Button
            kind="bare"
            onClick={() =>
              void perform({
                path: `/api/kit/unnamed/${picture.id}/remove`,
                done: "Removed the picture.",
              }).catch(() => {})
            }
          >
            Remove
          </Button>
        </div>
      </div>
      <div className="flex flex-col gap-4">
        <div className="max-w-md">
          <SelectField
            label="It lies in"
            empty="no place yet"
            value={place ?? ""}
            choices={placeChoices(places)}
            onChange={(event) => setPlace(event.target.value || null)}
          />
        </div>
        <OneLine
          place={place}
          picture={picture.id}
          onPlace={setPlace}
          added={[]}
          onAdded={() => {}}
          onUndone={() => {}}
        />
      </div>
    </div>
  );
}

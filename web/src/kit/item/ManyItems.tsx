import { useState } from "react";
import { Link } from "react-router";
import { z } from "zod";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { DateField } from "../../parts/DateField";
import { neededDate, useTyped } from "../../parts/typed";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { capital, choices, count } from "../../words/codes";
import { dateText } from "../../words/dates";
import { placeChoices, placePath } from "../../words/items";
import { CAUSES } from "../../words/lists";

/** An address has room for so many. */
const MOST_LABELS = 150;

type Asking = "move" | "opened" | "brushSet" | "discard" | null;
type ManyProps = { chosen: Item[]; onClear: () => void };

/** What is done with several items in one act. */
export function ManyItems({ chosen, onClear }: ManyProps) {
  const [asking, setAsking] = useState<Asking>(null);
  if (chosen.length === 0) return null;
  const done = () => {
    setAsking(null);
    onClear();
  };
  const question = { chosen, onDone: done, onClose: () => setAsking(null) };
  return (
    <div
      role="toolbar"
      aria-label="With the chosen items"
      className="fixed inset-x-0 bottom-0 z-10 flex flex-wrap items-center gap-2 border-line border-t bg-paper px-7 py-3"
    >
      <p aria-live="polite" className="mr-4 font-semibold">
        {capital(count(chosen.length, "item"))} chosen
      </p>
      <Button onClick={() => setAsking("move")}>Move</Button>
      <Button disabled={!chosen.every((item) => item.sealed)} onClick={() => setAsking("opened")}>
        Opened
      </Button>
      {chosen.every((item) => item.product.section === "brushes") && (
        <Button onClick={() => setAsking("brushSet")}>Brush set</Button>
      )}
      {chosen.length <= MOST_LABELS && (
        <Link
          to={`/kit/labels?${chosen.map((item) => `item=${item.id}`).join("&")}`}
          className={buttonLook()}
        >
          Labels
        </Link>
      )}
      <Button kind="stop" onClick={() => setAsking("discard")}>
        Discard
      </Button>
      <Button kind="bare" onClick={onClear}>
        Choose none
      </Button>
      {asking === "move" && <Move {...question} />}
      {asking === "opened" && <Opened {...question} />}
      {asking === "brushSet" && <MakeBrushSet {...question} />}
      {asking === "discard" && <Discard {...question} />}
    </div>
  );
}

type Question = { chosen: Item[]; onDone: () => void; onClose: () => void };

/** Does it with all of them; refused, it stays open with what was chosen. */
function useWithAll({ chosen, onDone }: Question) {
  const { perform } = useActs();
  return (path: string, body: Record<string, unknown>, done: string) =>
    void perform({ path, body: { ...body, items: chosen.map((item) => item.id) }, done })
      .then(onDone)
      .catch(() => {});
}

function Move(question: Question) {
  const withAll = useWithAll(question);
  const places = usePlaces();
  const [to, setTo] = useState("");
  const what = count(question.chosen.length, "item");
  return (
    <Sheet title={`Move ${what}`} open onOpenChange={question.onClose}>
      <div className="flex flex-col gap-4">
        <SelectField
          label="To"
          empty="Choose a place"
          choices={placeChoices(places)}
          value={to}
          onChange={(event) => setTo(event.target.value)}
        />
        <Button
          kind="solid"
          disabled={!to}
          onClick={() =>
            withAll("/api/kit/move", { to }, `Moved ${what} to ${placePath(to, places)}.`)
          }
        >
          Move {what}
        </Button>
      </div>
    </Sheet>
  );
}

const OPENED = z.object({ openedOn: neededDate("began", "Say on which day.") });

function Opened(question: Question) {
  const withAll = useWithAll(question);
  const { control, handleSubmit } = useTyped(OPENED, { openedOn: dateText(useToday()) });
  const what = count(question.chosen.length, "item");
  return (
    <Sheet title={`Opened ${what}`} open onOpenChange={question.onClose}>
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={handleSubmit((opened) => withAll("/api/kit/opened", opened, `Opened ${what}.`))}
      >
        <DateField control={control} name="openedOn" meant="began" label="On" />
        <Button kind="solid" type="submit">
          Save
        </Button>
      </form>
    </Sheet>
  );
}

function MakeBrushSet(question: Question) {
  const withAll = useWithAll(question);
  const [brushSet, setBrushSet] = useState(question.chosen[0]?.brushSet ?? "");
  const what = count(question.chosen.length, "brush", "brushes");
  const name = brushSet.trim();
  return (
    <Sheet title={`${capital(what)} as one set`} open onOpenChange={question.onClose}>
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          withAll(
            "/api/kit/brush-set",
            { brushSet: name },
            name ? `${name} is a set of ${what}.` : `${capital(what)} in no set.`,
          );
        }}
      >
        <p>They come together, for one face at a time. A set needs four kinds of brushes.</p>
        <TextField
          label="Name of the set"
          hint="empty: in no set"
          maxLength={40}
          value={brushSet}
          onChange={(event) => setBrushSet(event.target.value)}
        />
        <Button kind="solid" type="submit">
          Save
        </Button>
      </form>
    </Sheet>
  );
}

function Discard(question: Question) {
  const withAll = useWithAll(question);
  const [cause, setCause] = useState("");
  const what = count(question.chosen.length, "item");
  return (
    <Sheet title={`Discard ${what}`} open onOpenChange={question.onClose}>
      <div className="flex flex-col gap-4">
        <SelectField
          label="Because"
          empty="Choose why"
          choices={choices(CAUSES)}
          value={cause}
          onChange={(event) => setCause(event.target.value)}
        />
        <Button
          kind="stop"
          disabled={!cause}
          onClick={() => withAll("/api/kit/discard", { cause }, `Discarded ${what}.`)}
        >
          Discard {what}
        </Button>
      </div>
    </Sheet>
  );
}

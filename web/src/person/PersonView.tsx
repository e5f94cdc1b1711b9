import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";
import { useItemsOf } from "../api/dates";
import { usePlaces } from "../api/kit";
import { type Person, usePeople, usePerson } from "../api/person";
import { useToday } from "../api/session";
import { HistoryList } from "../parts/HistoryList";
import { Sentence } from "../parts/Sentence";
import { Swatch } from "../parts/Swatch";
import { Button, buttonLook } from "../ui/Button";
import { SelectField } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { Without } from "../ui/Without";
import { count } from "../words/codes";
import { shortDate, span } from "../words/dates";
import { fullName, placePath } from "../words/items";
import { PersonFacts } from "./PersonFacts";
import { Sensitive } from "./Sensitive";

/** One person: what is known, and everything that refers to her or him. */
export function PersonView() {
  const { id = "" } = useParams();
  const sheet = usePerson(id);
  if (!sheet.data) return <Without query={sheet} waiting="Fetching it…" />;
  const { person } = sheet.data;
  return person.erasedOn === null ? (
    <Known key={person.version} sheet={sheet.data} />
  ) : (
    <Erased sheet={sheet.data} on={person.erasedOn} />
  );
}

type SheetProps = { sheet: Schemas["PersonSheet"] };

function Known({ sheet }: SheetProps) {
  const today = useToday();
  const { person } = sheet;
  const next = sheet.bookings.filter((one) => one.lastDay >= today).at(-1);
  return (
    <div className="flex flex-col gap-6">
      <Sentence>
        {person.name}: <Sensitive person={person} />.{" "}
        {next && (
          <>
            Next at{" "}
            <Link to={`/bookings/${next.booking}`} className="underline">
              {next.title}
            </Link>
            , {span(next.firstDay, next.lastDay, today)}.
          </>
        )}
      </Sentence>
      <div className="grid grid-cols-[1fr_1fr] items-start gap-10 max-hand:grid-cols-1">
        <PersonFacts key={person.id} person={person} />
        <Ties sheet={sheet} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Link to={`/people/${person.id}/touched`} className={buttonLook()}>
          What touched {person.name}
        </Link>
        <Merge person={person} />
        <Erase person={person} />
      </div>
      <HistoryList thing={sheet.person.id} history={sheet.history} />
    </div>
  );
}

function Erased({ sheet, on }: SheetProps & { on: string }) {
  const today = useToday();
  return (
    <div className="flex flex-col gap-6">
      <Sentence>Everything known of this person was erased {shortDate(on, today)}.</Sentence>
      <Ties sheet={sheet} />
    </div>
  );
}

/** What is kept, borrowed and booked. */
function Ties({ sheet }: SheetProps) {
  const today = useToday();
  const places = usePlaces();
  const sections = sheet.places.filter((id) => places.get(id)?.kind !== "lent");
  return (
    <div className="flex flex-col gap-5">
      <Items title="Kept for this person only" ids={sheet.kept} />
      <Items title="Borrowed from you" ids={sheet.borrowed} />
      {sections.length > 0 && (
        <section>
          <h2 className="border-ink border-b pb-1 font-semibold">Sections</h2>
          <ul>
            {sections.map((id) => (
              <li key={id} className="border-hair border-b py-1.5">
                <Link to={`/kit/places/${id}`} className="hover:underline">
                  {placePath(id, places)}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h2 className="border-ink border-b pb-1 font-semibold">Bookings</h2>
        {sheet.bookings.length === 0 && <p className="py-1.5 text-soft">None so far.</p>}
        <ul>
          {sheet.bookings.map((one) => (
            <li key={one.booking} className="flex gap-4 border-hair border-b py-1.5">
              <Link to={`/bookings/${one.booking}`} className="flex-1 hover:underline">
                {one.title}
              </Link>
              <span className="text-soft">{span(one.firstDay, one.lastDay, today)}</span>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

function Items({ title, ids }: { title: string; ids: string[] }) {
  const items = useItemsOf(ids);
  if (ids.length === 0) return null;
  return (
    <section>
      <h2 className="border-ink border-b pb-1 font-semibold">{title}</h2>
      <ul>
        {items.map((item) => (
          <li key={item.id} className="flex items-center gap-3 border-hair border-b py-1.5">
            <Swatch item={item} size="small" />
            <Link to={`/kit/items/${item.id}`} className="hover:underline">
              {fullName(item)}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Two entries that turned out to be one person. */
function Merge({ person }: { person: Person }) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const [into, setInto] = useState("");
  const others = (usePeople().data?.people ?? []).filter(
    (one) => one.person.id !== person.id && one.person.erasedOn === null,
  );
  if (others.length === 0) return null;
  const name = others.find((one) => one.person.id === into)?.person.name;
  const merge = async () => {
    await perform({
      path: `/api/people/${person.id}/merge`,
      body: { into },
      done: `${person.name} and ${name} are one person now.`,
      gone: ["person", person.id],
    });
    navigate(`/people/${into}`, { replace: true });
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>Merge</Button>
      <Sheet title={`Merge ${person.name} with`} open={open} onOpenChange={setOpen}>
        <div className="flex flex-col gap-4">
          <SelectField
            label="The same person as"
            empty="choose"
            choices={others.map((one) => ({ value: one.person.id, word: one.person.name }))}
            value={into}
            onChange={(event) => setInto(event.target.value)}
          />
          <p className="text-soft">
            Everything kept for, lent to and booked for this person moves to the one you choose. The
            names and sensitivities of both are kept.
          </p>
          <Button kind="solid" disabled={!into} onClick={() => void merge().catch(() => {})}>
            Merge
          </Button>
        </div>
      </Sheet>
    </>
  );
}

/** The one act that cannot be undone, so it says what goes and what stays. */
function Erase({ person }: { person: Person }) {
  const { perform } = useActs();
  const [open, setOpen] = useState(false);
  const erase = async () => {
    await perform({
      path: `/api/people/${person.id}/erase`,
      done: `Erased ${count(1 + person.aliases.length, "name")} and everything known.`,
      undoable: false,
    });
    setOpen(false);
  };
  return (
    <>
      <Button kind="stop" onClick={() => setOpen(true)}>
        Erase
      </Button>
      <Sheet title={`Erase ${person.name}`} open={open} onOpenChange={setOpen}>
        <div className="flex flex-col gap-4">
          <p>
            The name, other names, skin and sensitivities are removed everywhere, in the history
            too. The history stays, without the name. <b>This cannot be undone.</b>
          </p>
          <p className="text-soft">
            Not changed: notes and titles you wrote yourself, and files you exported before.
          </p>
          <div className="flex gap-2">
            <Button kind="stop" onClick={() => void erase().catch(() => setOpen(false))}>
              Erase for good
            </Button>
            <Button kind="bare" onClick={() => setOpen(false)}>
              Cancel
            </Button>
          </div>
        </div>
      </Sheet>
    </>
  );
}

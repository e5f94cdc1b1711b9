import { type ReactNode, useState } from "react";
import { Link, useParams } from "react-router";
import { useActs } from "../frame/acts";
import type { Item, Schemas } from "../frame/api";
import { Marks } from "../frame/Marks";
import { Sentence } from "../frame/Sentence";
import { Swatch } from "../frame/Swatch";
import { useToday } from "../frame/session";
import { Button, buttonLook } from "../ui/Button";
import { Chip } from "../ui/Chip";
import { SelectField } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { capital, choices, word } from "../words/codes";
import { moment, nearDate } from "../words/dates";
import { actWord, changeWords } from "../words/history";
import { fullName, kindOf, type PlaceMap, placePath, shortName } from "../words/items";
import { CAUSES } from "../words/lists";
import { clockWord, MARK_ORDER, markWords } from "../words/marks";
import { leftOf, mass } from "../words/quantities";
import { useItemSheet, usePlaces } from "./queries";

/** Everything about one thing. */
export function ItemSheet() {
  const { id = "" } = useParams();
  const sheet = useItemSheet(id);
  const places = usePlaces();
  const today = useToday();
  if (sheet.error) return <Sentence>{sheet.error.message}</Sentence>;
  if (!sheet.data) return <p className="text-soft">Fetching it…</p>;
  const { item, history } = sheet.data;
  return (
    <div className="flex flex-col gap-6">
      <div className="flex items-start gap-5">
        <Swatch item={item} size="large" />
        <div className="flex flex-col gap-2">
          <Sentence>{standing(item, places, today)}</Sentence>
          <p className="flex flex-wrap items-center gap-2 text-soft">
            {kindOf(item)}, {word(item.product.form)}
            {item.product.traits.map((trait) => (
              <span key={trait} className="rounded-full border border-hair px-2 text-sm">
                {word(trait)}
              </span>
            ))}
          </p>
        </div>
      </div>
      {item.discardedOn === null && <Doing item={item} />}
      <div className="grid grid-cols-2 gap-x-10 gap-y-6 max-hand:grid-cols-1">
        <MarkTable item={item} places={places} today={today} />
        <Facts item={item} places={places} today={today} />
      </div>
      <History history={history} places={places} />
    </div>
  );
}

function standing(item: Item, places: PlaceMap, today: string): string {
  if (item.discardedOn) {
    return `${fullName(item)} was discarded ${nearDate(item.discardedOn, today)} because of ${word(item.discardCause ?? "")}.`;
  }
  const where = item.now ? `is in ${placePath(item.now, places)}` : "cannot be found";
  const until = item.useBy.lastDay ? `, good until ${nearDate(item.useBy.lastDay, today)}` : "";
  return `${fullName(item)} ${where}, ${leftOf(item)}${until}.`;
}

/** What can be done with it here. */
function Doing({ item }: { item: Item }) {
  const { perform } = useActs();
  const places = usePlaces();
  const [asking, setAsking] = useState<"move" | "discard" | null>(null);
  const [to, setTo] = useState(item.now ?? "");
  const [cause, setCause] = useState("date");
  const name = shortName(item);
  const home = item.home;
  const move = async (place: string) => {
    await perform({
      path: `/api/items/${item.id}/move`,
      body: { to: place },
      done: `Moved ${name} to ${placePath(place, places)}.`,
    });
    setAsking(null);
  };
  const discard = async () => {
    await perform({
      path: `/api/items/${item.id}/discard`,
      body: { cause },
      done: `Discarded ${name}.`,
    });
    setAsking(null);
  };
  return (
    <div className="flex flex-wrap gap-2">
      {home && home !== item.now && (
        <Button kind="solid" onClick={() => void move(home).catch(() => {})}>
          Bring it home
        </Button>
      )}
      <Button onClick={() => setAsking("move")}>Move it</Button>
      <Link to={`/kit/items/${item.id}/edit`} className={buttonLook()}>
        Change it
      </Link>
      <Button onClick={() => setAsking("discard")}>Discard it</Button>
      <Sheet title={`Move ${name}`} open={asking === "move"} onOpenChange={() => setAsking(null)}>
        <div className="flex flex-col gap-4">
          <SelectField
            label="To"
            choices={[...places.keys()].map((id) => ({ value: id, word: placePath(id, places) }))}
            value={to}
            empty="Choose a place"
            onChange={(event) => setTo(event.target.value)}
          />
          <Button kind="solid" disabled={!to} onClick={() => void move(to).catch(() => {})}>
            Moved there
          </Button>
        </div>
      </Sheet>
      <Sheet
        title={`Discard ${name}`}
        open={asking === "discard"}
        onOpenChange={() => setAsking(null)}
      >
        <div className="flex flex-col gap-4">
          <SelectField
            label="Because of"
            choices={choices(CAUSES)}
            value={cause}
            onChange={(event) => setCause(event.target.value)}
          />
          <Button kind="stop" onClick={() => void discard().catch(() => {})}>
            Discarded
          </Button>
        </div>
      </Sheet>
    </div>
  );
}

type Telling = { item: Item; places: PlaceMap; today: string };

function MarkTable({ item, places, today }: Telling) {
  return (
    <section>
      <h2 className="mb-1 flex items-center justify-between border-ink border-b pb-1 font-semibold">
        Marks <Marks item={item} />
      </h2>
      <dl>
        {MARK_ORDER.map((name) => (
          <Row key={name} label={capital(name)} state={item.marks[name].state}>
            {markWords(item.marks[name].because, places, today)}
          </Row>
        ))}
      </dl>
    </section>
  );
}

function Facts({ item, places, today }: Telling) {
  const { product } = item;
  return (
    <section>
      <h2 className="mb-1 min-h-9 border-ink border-b pb-1 font-semibold">Facts</h2>
      <dl>
        <Row label="Good until">
          {item.useBy.lastDay ? nearDate(item.useBy.lastDay, today) : "no date limits it"}{" "}
          {item.useBy.clocks.length > 0 && (
            <Chip word="because">
              <ul className="flex flex-col gap-1">
                {item.useBy.clocks.map((clock) => (
                  <li key={clock.clock}>
                    {capital(clockWord(clock.clock))} ends {nearDate(clock.lastDay, today)}.
                  </li>
                ))}
                <li className="text-soft">The earliest wins.</li>
              </ul>
            </Chip>
          )}
        </Row>
        <Row label="Opened">{item.openedOn ? nearDate(item.openedOn, today) : "still sealed"}</Row>
        <Row label="Left">{leftOf(item)}</Row>
        <Row label="Weighs">
          {mass(item.massG)}
          {product.measures.estimated && <span className="text-soft"> (estimated)</span>}
        </Row>
        <Row label="Home">{item.home ? placePath(item.home, places) : "none yet"}</Row>
        {product.depth !== null && <Row label="Suits depth">{product.depth}</Row>}
        <Row label="Contains">
          {product.contains.length ? product.contains.map(word).join(", ") : "nothing to warn of"}
        </Row>
        {item.personal && <Row label="Whose">your own, never for others</Row>}
        {item.note && <Row label="Note">{item.note}</Row>}
      </dl>
    </section>
  );
}

type RowProps = { label: string; state?: string; children: ReactNode };

function Row({ label, state = "in-order", children }: RowProps) {
  return (
    <div className="grid grid-cols-[7rem_1fr] gap-3 border-hair border-b py-1.5">
      <dt className="text-soft">{label}</dt>
      <dd
        data-state={state}
        className="min-w-0 break-words data-[state=soon]:text-soon data-[state=stop]:text-stop"
      >
        {children}
      </dd>
    </div>
  );
}

function History({ history, places }: { history: Schemas["LedgerEntry"][]; places: PlaceMap }) {
  const { perform } = useActs();
  const last = history.find((entry) => !entry.undone && entry.act !== "imported");
  return (
    <section>
      <h2 className="border-ink border-b pb-1 font-semibold">History</h2>
      <ol>
        {history.map((entry) => (
          <li
            key={entry.id}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-hair border-b py-1.5"
          >
            <span className={`w-44 ${entry.undone ? "text-soft line-through" : ""}`}>
              {actWord(entry)}
            </span>
            <span className="min-w-0 flex-1 break-words text-soft">
              {entry.changes.map((change) => changeWords(change, places)).join("; ")}
            </span>
            <span className="text-soft">{moment(entry.at)}</span>
            <span className="w-16">
              {entry === last && (
                <Button
                  onClick={() =>
                    void perform({
                      path: `/api/ledger/${entry.id}/undo`,
                      done: "Undone.",
                      undoable: false,
                    }).catch(() => {})
                  }
                >
                  Undo
                </Button>
              )}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

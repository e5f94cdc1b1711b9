import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import { useActs } from "../api/acts";
import type { Line, Schemas } from "../api/client";
import { type PlaceMap, usePlaces } from "../api/kit";
import type { PackingList } from "../api/packing";
import { Marks } from "../parts/Marks";
import { Counted } from "../parts/Sentence";
import { Swatch } from "../parts/Swatch";
import { Button } from "../ui/Button";
import { Progress } from "../ui/Progress";
import { capital, count } from "../words/codes";
import { openGaps } from "../words/gaps";
import { fullName, placePath, placeTail, shortName } from "../words/items";
import { names, type PackingWords } from "../words/packing";
import { amount, leftOf, mass } from "../words/quantities";
import { ChangeList } from "./ChangeList";
import { DecidedGaps } from "./DecidedGaps";
import { FaceLinks } from "./FaceLinks";
import { GapRows } from "./GapList";
import { AS_IT_WENT, HowItCameBack } from "./HowItCameBack";
import { TrailerLink } from "./TrailerLink";
import { usePackingWords } from "./usePackingWords";
import { useTicks } from "./useTicks";

/** Packing in the store with one hand: one thing, where it lies, where it goes, one big button. */
export function PackHand({ list }: { list: PackingList }) {
  const { booking } = list;
  const words = usePackingWords(list);
  if (booking.stage === "away") return <PutBackByHand list={list} words={words} />;
  if (booking.stage === "back") {
    return <Headline>{booking.title} is over and everything is back home.</Headline>;
  }
  return <PackByHand list={list} words={words} />;
}

type ByHand = { list: PackingList; words: PackingWords };

function PackByHand({ list, words }: ByHand) {
  const places = usePlaces();
  const { perform } = useActs();
  const { tick, underWay } = useTicks(list.booking.id);
  const [later, setLater] = useState<string[]>([]);
  const open = inWalkingOrder(
    list.lines.filter((line) => !line.packed),
    later,
    places,
    (line) => line.item.now,
  );
  const line = open[0];
  const path = `/api/bookings/${list.booking.id}`;
  if (!line) {
    return (
      <Stage
        list={list}
        headline={
          <Headline>
            Everything on the list is in the bag: {count(list.packedCount, "item")},{" "}
            {mass(list.packedMassG)}.
          </Headline>
        }
        words={words}
        thumb={
          <Button
            kind="solid"
            size="thumb"
            disabled={list.packedCount === 0}
            onClick={() =>
              void perform({
                path: `${path}/depart`,
                done: `Departed with ${count(list.packedCount, "item")}.`,
              }).catch(() => {})
            }
          >
            Depart
          </Button>
        }
      />
    );
  }
  const here = open.filter((other) => other.item.now === line.item.now).length;
  const under = underWay.has(line.item.id);
  return (
    <Stage
      list={list}
      words={words}
      headline={
        <Headline>
          {line.item.now ? capital(placeTail(line.item.now, places)) : "No place yet"}.{" "}
          <Counted to="#then">{here} to take</Counted> here, {open.length} in all.
        </Headline>
      }
      card={
        <Card
          line={line}
          words={words}
          goes={
            line.goesTo ? (
              <>
                Goes into <b>{placeTail(line.goesTo, places)}</b>.
              </>
            ) : (
              "No bag is chosen yet."
            )
          }
        />
      }
      then={open.slice(1)}
      thumb={
        <>
          <div className="grid grid-cols-2 gap-3">
            <Button
              className="min-h-12"
              onClick={() =>
                void perform({
                  path: `/api/items/${line.item.id}/move`,
                  body: { to: null },
                  done: `${shortName(line.item)} is not there.`,
                }).catch(() => {})
              }
            >
              Not here
            </Button>
            <Button className="min-h-12" onClick={() => setLater([...later, line.item.id])}>
              Later
            </Button>
          </div>
          <Button kind="solid" size="thumb" disabled={under} onClick={() => void tick(line)}>
            {under ? "Saving…" : "In the bag"}
          </Button>
        </>
      }
    />
  );
}

function PutBackByHand({ list, words }: ByHand) {
  const places = usePlaces();
  const { perform } = useActs();
  const [later, setLater] = useState<string[]>([]);
  const [under, setUnder] = useState(false);
  const [told, setTold] = useState(AS_IT_WENT);
  const open = inWalkingOrder(list.lines, later, places, (line) => line.item.home);
  const line = open[0];
  const putBack = async (body: Partial<Schemas["PutBack"]>, done: string) => {
    setUnder(true);
    await perform<Schemas["PutBackResult"]>({
      path: `/api/bookings/${list.booking.id}/put-back`,
      body,
      done,
    })
      .then(() => setTold(AS_IT_WENT))
      .catch(() => {});
    setUnder(false);
  };
  if (!line) return <Headline>Everything is home.</Headline>;
  const here = open.filter((other) => other.item.home === line.item.home).length;
  return (
    <Stage
      list={list}
      words={words}
      headline={
        <Headline>
          {line.item.home ? capital(placeTail(line.item.home, places)) : "Without a home"}.{" "}
          <Counted to="#then">{here} to put</Counted> here, {open.length} still out.
        </Headline>
      }
      card={
        <Card
          line={line}
          words={words}
          goes={
            line.item.home ? (
              <>
                Goes home to <b>{placePath(line.item.home, places)}</b>.
              </>
            ) : (
              <>It has no home yet: give it one on its sheet.</>
            )
          }
        >
          <HowItCameBack
            key={line.item.id}
            line={line}
            told={told}
            onTell={setTold}
            onFate={(fate) =>
              void putBack(
                { items: [line.item.id], fate },
                `${shortName(line.item)}: ${fate === "missing" ? "missing" : "given away"}.`,
              )
            }
          />
        </Card>
      }
      then={open.slice(1)}
      thumb={
        <>
          <div className="grid grid-cols-2 gap-3">
            <Button
              className="min-h-12"
              onClick={() => void putBack({ items: [] }, `Put back ${count(open.length, "item")}.`)}
            >
              All {open.length} at once
            </Button>
            <Button
              className="min-h-12"
              onClick={() => {
                setLater([...later, line.item.id]);
                setTold(AS_IT_WENT);
              }}
            >
              Later
            </Button>
          </div>
          <Button
            kind="solid"
            size="thumb"
            disabled={under || !line.item.home}
            onClick={() =>
              void putBack({ items: [line.item.id], ...told }, `Put back ${shortName(line.item)}.`)
            }
          >
            {under ? "Saving…" : "Put back"}
          </Button>
        </>
      }
    />
  );
}

/** Place by place as one walks through the store; what was put off comes last. */
function inWalkingOrder(
  lines: Line[],
  later: string[],
  places: PlaceMap,
  where: (line: Line) => string | null,
): Line[] {
  const key = (line: Line) => places.get(where(line) ?? "")?.walk ?? Number.MAX_SAFE_INTEGER;
  return lines.toSorted((one, other) => {
    const putOff = later.indexOf(one.item.id) - later.indexOf(other.item.id);
    return putOff || key(one) - key(other);
  });
}

function Headline({ children }: { children: ReactNode }) {
  return <h1 className="font-voice text-[1.45rem] leading-snug">{children}</h1>;
}

type StageProps = ByHand & {
  headline: ReactNode;
  card?: ReactNode;
  then?: Line[];
  thumb: ReactNode;
};

/** The hand's layout: sentence, progress, the one thing, what follows, the thumb's buttons. */
function Stage({ list, words, headline, card, then = [], thumb }: StageProps) {
  const gaps = openGaps(list.findings);
  return (
    <div className="flex flex-col gap-4 pb-52">
      {headline}
      {list.booking.stage === "planned" && (
        <Progress label="Packed" done={list.packedCount} all={list.lines.length} />
      )}
      {card}
      <ChangeList list={list} words={words} />
      {then.length > 0 && (
        <section id="then" aria-label="Then">
          <h2 className="mb-1 text-soft">then</h2>
          <ul>
            {then.slice(0, 8).map((line) => (
              <li key={line.item.id} className="flex items-center gap-3 border-hair border-b py-1">
                <Swatch item={line.item} size="small" />
                <span className="min-w-0 flex-1 truncate">{shortName(line.item)}</span>
                <Marks item={line.item} />
              </li>
            ))}
          </ul>
        </section>
      )}
      <FaceLinks list={list} />
      <TrailerLink booking={list.booking} />
      {gaps.length > 0 && (
        <details>
          <summary className="min-h-11 py-2.5 text-stop">
            {capital(count(gaps.length, "gap"))}
          </summary>
          <GapRows booking={list.booking} gaps={gaps} words={words} />
        </details>
      )}
      <DecidedGaps booking={list.booking} findings={list.findings} words={words} />
      <Link
        to={`/bookings/${list.booking.id}/edit`}
        className="min-h-11 py-2.5 text-soft underline"
      >
        Edit booking
      </Link>
      <div className="fixed inset-x-0 bottom-(--foot) z-10 flex flex-col gap-3 border-hair border-t bg-paper px-4 pt-3 pb-4">
        {thumb}
      </div>
    </div>
  );
}

type CardProps = { line: Line; words: PackingWords; goes: ReactNode; children?: ReactNode };

function Card({ line, words, goes, children }: CardProps) {
  const { item } = line;
  const faces = line.faces.map((id) => words.faces.get(id)?.name ?? "");
  return (
    <article className="flex flex-col gap-2 rounded-md border-2 border-ink bg-paper p-4">
      <div className="flex items-center gap-4">
        <Swatch item={item} size="large" />
        <h2 className="min-w-0 font-semibold font-voice text-2xl leading-tight">
          {fullName(item)}
        </h2>
      </div>
      <p className="flex items-center gap-3 text-soft">
        <Marks item={item} /> {leftOf(item)}
      </p>
      <p>
        {line.amount > 0 && `Takes ${amount(line.amount, item.product.unit)}. `}
        {faces.length > 0 && `For ${names(faces)}. `}
        {goes}
      </p>
      {item.note && <p className="text-soft">{item.note}</p>}
      {children}
    </article>
  );
}

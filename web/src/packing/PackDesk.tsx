import { useMemo, useState } from "react";
import { Link } from "react-router";
import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";
import { type PackingList, useBags } from "../api/packing";
import { OpenCase } from "../parts/OpenCase";
import { Button, buttonLook } from "../ui/Button";
import { Without } from "../ui/Without";
import { count } from "../words/codes";
import { shortName } from "../words/items";
import { BrushRun } from "./BrushRun";
import { ByHand } from "./ByHand";
import { ChangeList } from "./ChangeList";
import { DecidedGaps } from "./DecidedGaps";
import { FaceLinks } from "./FaceLinks";
import { GapList } from "./GapList";
import { LineList } from "./LineList";
import { Notes } from "./Notes";
import { PackingSentence } from "./PackingSentence";
import { PrintLinks } from "./PrintLinks";
import { RecipeList } from "./RecipeList";
import { TrailerLink } from "./TrailerLink";
import { usePackingWords } from "./usePackingWords";

/** The packing list at the desk: gaps first, the lines in the order of the work, the bags laid open. */
export function PackDesk({ list }: { list: PackingList }) {
  const words = usePackingWords(list);
  const { booking } = list;
  const [chosen, setChosen] = useState<string | null>(null);
  const packed = new Set(list.lines.filter((line) => line.packed).map((line) => line.item.id));
  const planned = new Set(list.lines.map((line) => line.item.id));
  const choose = (item: string) => {
    setChosen(item);
    document
      .getElementById(`line-${item}`)
      ?.scrollIntoView({ block: "center", behavior: "smooth" });
  };
  return (
    <div className="flex flex-col gap-5">
      <PackingSentence list={list} words={words} />
      <Doing list={list} />
      <FaceLinks list={list} />
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-8">
        <div className="min-w-0">
          <ChangeList list={list} words={words} />
          <GapList booking={booking} findings={list.findings} words={words} />
          <DecidedGaps booking={booking} findings={list.findings} words={words} />
          <RecipeList booking={booking.id} recipes={list.recipes} words={words} />
          {booking.stage === "planned" && <BrushRun booking={booking.id} />}
          <LineList list={list} words={words} chosen={chosen} onChoose={setChosen} />
          {booking.stage === "planned" && <ByHand list={list} words={words} />}
        </div>
        <div className="sticky top-3 flex max-h-[calc(100dvh-1.5rem)] flex-col gap-4 overflow-y-auto">
          {booking.bags.length === 0 ? (
            <p className="text-soft">
              No bag is chosen yet.{" "}
              <Link className="underline" to={`/bookings/${booking.id}/edit`}>
                Choose one
              </Link>
            </p>
          ) : (
            <Bags
              booking={booking.id}
              isIn={(item) => packed.has(item) || !planned.has(item)}
              chosen={chosen}
              onChoose={choose}
            />
          )}
          <Notes findings={list.findings} words={words} />
        </div>
      </div>
    </div>
  );
}

type BagsProps = {
  booking: string;
  isIn: (item: string) => boolean;
  chosen: string | null;
  onChoose: (item: string) => void;
};

function Bags({ booking, ...rest }: BagsProps) {
  const bags = useBags(booking);
  const items = useMemo(
    () => new Map((bags.data?.aboard ?? []).map((piece) => [piece.id, piece])),
    [bags.data],
  );
  if (!bags.data) return <Without query={bags} waiting="Opening the bags…" isPart />;
  return bags.data.bags.map((bag) => (
    <OpenCase key={bag.place} tray={bag} items={items} nameOf={shortName} {...rest} />
  ));
}

/** The next act of the booking, and the way to change it. */
function Doing({ list }: { list: PackingList }) {
  const { perform } = useActs();
  const { booking } = list;
  const path = `/api/bookings/${booking.id}`;
  const waiting = list.lines.length - list.packedCount;
  const quiet = (done: Promise<unknown>) => void done.catch(() => {});
  return (
    <div className="flex flex-wrap gap-2">
      {booking.stage === "planned" && list.packedCount > 0 && (
        <Button
          kind="solid"
          onClick={() =>
            quiet(
              perform({
                path: `${path}/depart`,
                done: `Departed with ${count(list.packedCount, "item")}.`,
              }),
            )
          }
        >
          Depart with {count(list.packedCount, "item")}
        </Button>
      )}
      {booking.stage === "planned" && waiting > 0 && (
        <Button
          onClick={() =>
            quiet(
              perform({
                path: `${path}/pack`,
                body: {
                  items: list.lines.filter((line) => !line.packed).map((line) => line.item.id),
                },
                done: `Packed ${count(waiting, "item")}.`,
              }),
            )
          }
        >
          Tick off all {waiting}
        </Button>
      )}
      {booking.stage === "away" && (
        <Button
          kind="solid"
          onClick={() =>
            quiet(
              perform<Schemas["PutBackResult"]>({
                path: `${path}/put-back`,
                body: { items: [] },
                done: (answer) =>
                  answer.withoutHome.length
                    ? `Put back ${count(answer.count, "item")}; ${count(answer.withoutHome.length, "item")} without a home stayed.`
                    : `Put back ${count(answer.count, "item")}.`,
              }),
            )
          }
        >
          Put back all {count(list.lines.length, "item")}
        </Button>
      )}
      {booking.stage === "planned" && (
        <Link to={`/bookings/${booking.id}/load`} className={buttonLook()}>
          Load plan
        </Link>
      )}
      <TrailerLink booking={booking} />
      <Link to={`/bookings/${booking.id}/cost`} className={buttonLook()}>
        What it costs
      </Link>
      <Link to={`/bookings/${booking.id}/chairs`} className={buttonLook()}>
        Chairs
      </Link>
      <Link to={`/bookings/${booking.id}/edit`} className={buttonLook()}>
        Edit booking
      </Link>
      <PrintLinks booking={booking.id} />
    </div>
  );
}

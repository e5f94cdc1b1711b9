import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { useActs } from "../../api/acts";
import { ask, type Item, Problem, type Schemas } from "../../api/client";
import { usePlaceSheet, usePlaces } from "../../api/kit";
import { Counted, Sentence } from "../../parts/Sentence";
import { Swatch } from "../../parts/Swatch";
import { useStance } from "../../parts/stance";
import { useScans } from "../../scan/scans";
import { Button } from "../../ui/Button";
import { NumberPad } from "../../ui/NumberPad";
import { Without } from "../../ui/Without";
import { capital, count, word } from "../../words/codes";
import { fullName, placePath, placeTail, shortName } from "../../words/items";
import { beginCount } from "./counting";

type Count = Schemas["CountView"];

const countKey = (count: string) => ["count", count];

/** Counting a place: tick or scan what is there; continue later; finish it in one act. */
export function CountView() {
  const { id: place = "" } = useParams();
  const queries = useQueryClient();
  const places = usePlaces();
  const sheet = usePlaceSheet(place);
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = sheet.data?.openCount ?? "";
  const key = countKey(open);
  const take = useQuery({
    queryKey: key,
    enabled: open !== "",
    queryFn: () => ask<Count>("GET", `/api/counts/${open}`),
  });
  const attempt = async (what: () => Promise<void>) => {
    try {
      await what();
      setTrouble(null);
    } catch (thrown) {
      setTrouble(thrown instanceof Problem ? thrown.message : "That was not saved.");
    }
  };
  const begin = () =>
    attempt(async () => {
      await beginCount(place);
      await queries.invalidateQueries({ queryKey: ["place", place] });
    });
  const see: See = (item, seen, counted) =>
    attempt(async () => {
      const next = await ask<Count>("POST", `/api/counts/${open}/seen`, {
        item: item.id,
        seen,
        counted,
      });
      queries.setQueryData(key, next);
    });
  if (!sheet.data) return <Without query={sheet} waiting="Loading the list…" />;
  if (open === "") {
    return (
      <div className="flex flex-col items-start gap-5">
        <Sentence>Count what is in {placePath(place, places)}.</Sentence>
        {trouble && (
          <p role="alert" className="text-stop">
            {trouble}
          </p>
        )}
        <Button kind="solid" onClick={() => void begin()}>
          Start counting
        </Button>
      </div>
    );
  }
  if (!take.data) return <Without query={take} waiting="Loading the list…" />;
  return <Counting count={take.data} see={see} trouble={trouble} />;
}

type See = (item: Item, seen: boolean, counted: number | null) => Promise<void>;

function Counting({
  count: take,
  see,
  trouble,
}: {
  count: Count;
  see: See;
  trouble: string | null;
}) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const places = usePlaces();
  const { present, missing, unexpected } = take;
  const expected = present.length + missing.length;
  useScans((scan) => {
    const item = scan.items[0];
    if (!item || scan.kind === "place") return false;
    void see(item, true, null);
    return true;
  }, "Scan what is there: it is ticked off, and unexpected items are noted.");
  const settle = async () => {
    await perform({
      // What is counted is settled with it: nobody asks for that count again.
      gone: countKey(take.id),
      path: `/api/counts/${take.id}/settle`,
      done: `Counted ${placePath(take.place, places)}: ${present.length} there, ${missing.length} missing, ${unexpected.length} unexpected.`,
    });
    navigate(`/kit/places/${take.place}`);
  };
  const giveUp = async () => {
    await ask("DELETE", `/api/counts/${take.id}`);
    queries.removeQueries({ queryKey: countKey(take.id) });
    await queries.invalidateQueries({ queryKey: ["place", take.place] });
    navigate(`/kit/places/${take.place}`);
  };
  return (
    <div className="flex flex-col gap-5 pb-24">
      <Sentence>
        Counting {placePath(take.place, places)}: {present.length} of {expected} seen,{" "}
        <Counted to="#missing" state={missing.length ? "soon" : undefined}>
          {missing.length} not seen
        </Counted>
        ,{" "}
        <Counted to="#unexpected" state={unexpected.length ? "soon" : undefined}>
          {count(unexpected.length, "unexpected item")}
        </Counted>
        .
      </Sentence>
      <p className="max-w-[62ch] text-soft">
        Tick or scan what is there. Every tick is saved, so you can stop and continue later. When
        you finish, items you didn't see are marked “location unknown”, and unexpected items are
        noted as being here.
      </p>
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
      <Part id="missing" title="Not seen yet" items={missing} take={take} see={see} />
      <Part id="unexpected" title="Unexpected" items={unexpected} take={take} see={see} tells />
      <Part id="present" title="There" items={present} take={take} see={see} />
      <div className="fixed inset-x-0 bottom-(--foot) z-10 flex gap-3 border-hair border-t bg-paper px-7 py-3 max-hand:flex-col max-hand:px-4">
        <Button
          kind="solid"
          className="max-hand:min-h-14"
          disabled={present.length + unexpected.length === 0 && expected > 0}
          onClick={() => void settle().catch(() => {})}
        >
          Finish: {present.length} there, {missing.length} missing, {unexpected.length} unexpected
        </Button>
        <Button kind="bare" onClick={() => navigate(`/kit/places/${take.place}`)}>
          Continue later
        </Button>
        <Button
          kind="bare"
          className="max-hand:min-h-9"
          onClick={() => void giveUp().catch(() => {})}
        >
          Discard this count
        </Button>
      </div>
    </div>
  );
}

type PartProps = {
  id: string;
  title: string;
  items: Item[];
  take: Count;
  see: See;
  tells?: boolean;
};

function Part({ id, title, items, take, see, tells }: PartProps) {
  const places = usePlaces();
  if (items.length === 0) return null;
  return (
    <section id={id} className="max-w-4xl scroll-mt-4">
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        {title} <span className="font-normal text-soft">{items.length}</span>
      </h2>
      <ul>
        {items.map((item) => (
          <li
            key={item.id}
            className="grid grid-cols-[auto_auto_1fr_auto] items-center gap-3 border-hair border-b py-1"
          >
            <Tick item={item} take={take} see={see} />
            <Swatch item={item} size="small" />
            <div className="min-w-0">
              <p className="truncate">{fullName(item)}</p>
              <p className="truncate text-[0.85rem] text-soft">
                {capital(placeTail(item.now, places))}
                {tells && item.home && `, home ${placeTail(item.home, places)}`}
              </p>
            </div>
            {item.product.unit === "piece" && item.size > 1 && (
              <HowMany item={item} take={take} see={see} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

const isSeen = (item: Item, take: Count) => !take.missing.some((one) => one.id === item.id);

function Tick({ item, take, see }: { item: Item; take: Count; see: See }) {
  const seen = isSeen(item, take);
  return (
    <label className="flex size-11 items-center justify-center">
      <input
        type="checkbox"
        className="size-6 accent-ink"
        aria-label={`${shortName(item)} is there`}
        checked={seen}
        onChange={() => void see(item, !seen, null)}
      />
    </label>
  );
}

type HowManyProps = { item: Item; take: Count; see: See };

/** Counted stock gets its number; writing it down is seeing it. */
function HowMany(props: HowManyProps) {
  return useStance() === "hand" ? <ByPad {...props} /> : <ByKeys {...props} />;
}

function ByPad({ item, take, see }: HowManyProps) {
  const [isOpen, setOpen] = useState(false);
  const kept = take.numbers[item.id];
  const known = `of ${item.left} ${word("piece")}`;
  return (
    <>
      <Button aria-label={`How many ${shortName(item)}`} onClick={() => setOpen(true)}>
        {kept ?? "–"} <span className="text-soft">{known}</span>
      </Button>
      {isOpen && (
        <NumberPad
          title={shortName(item)}
          beside={known}
          onWrite={(number) => void see(item, true, number)}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}

function ByKeys({ item, take, see }: HowManyProps) {
  const kept = take.numbers[item.id];
  const [typed, setTyped] = useState(kept === undefined ? "" : String(kept));
  const write = () => {
    const number = Number(typed);
    if (typed.trim() !== "" && Number.isFinite(number) && number !== kept) {
      void see(item, true, number);
    }
  };
  return (
    <label className="flex items-center gap-2 text-soft">
      <input
        inputMode="numeric"
        aria-label={`How many ${shortName(item)}`}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={write}
        onKeyDown={(event) => event.key === "Enter" && write()}
        className="h-9 w-20 rounded border border-line bg-paper px-2 text-right text-ink max-hand:h-11"
      />
      of {item.left} {word("piece")}
    </label>
  );
}

import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";
import { useEarlierHistory } from "../api/history";
import { usePlaces } from "../api/kit";
import { usePersonNames } from "../api/person";
import { useToday, useZone } from "../api/session";
import { Button } from "../ui/Button";
import { moment } from "../words/dates";
import { actName, actWord, changeWords } from "../words/history";

type HistoryListProps = { thing: string; history: Schemas["HistoryPage"] };

/** What was done with a thing or a place, the newest act first; those nothing rests on can be undone here. */
export function HistoryList({ thing, history }: HistoryListProps) {
  const earlier = useEarlierHistory(thing, history);
  return (
    <section>
      <h2 className="border-ink border-b pb-1 font-semibold">History</h2>
      <ol>
        {earlier.entries.map((entry) => (
          <Entry key={entry.id} entry={entry} />
        ))}
      </ol>
      {earlier.hasMore && (
        <Button kind="bare" disabled={earlier.isFetching} onClick={earlier.more}>
          {earlier.isFetching ? "Fetching earlier acts…" : "Show earlier acts"}
        </Button>
      )}
    </section>
  );
}

function Entry({ entry }: { entry: Schemas["LedgerEntry"] }) {
  const { perform } = useActs();
  const places = usePlaces();
  const people = usePersonNames();
  const today = useToday();
  const zone = useZone();
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-hair border-b py-1.5">
      <span
        className={`w-44 max-hand:w-auto max-hand:flex-1 ${entry.undone ? "text-soft line-through" : ""}`}
      >
        {actWord(entry)}
      </span>
      <span className="min-w-0 flex-1 break-words text-soft max-hand:order-last max-hand:basis-full">
        {entry.changes.map((change) => changeWords(change, { places, people }, today)).join("; ")}
      </span>
      <span className="text-soft">{moment(entry.at, zone)}</span>
      <span className="w-44 text-right text-soft text-sm max-hand:order-last max-hand:w-full max-hand:text-left">
        {entry.undoFirst && `rests under “${actName(entry.undoFirst)}”`}
        {!entry.undone && entry.undoable && !entry.undoFirst && (
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
  );
}

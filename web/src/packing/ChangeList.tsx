import { useEffect, useState } from "react";
import { type PackingList, useLookedAt } from "../api/packing";
import { useZone } from "../api/session";
import { Button } from "../ui/Button";
import { changeLines } from "../words/changes";
import { capital, count } from "../words/codes";
import { moment } from "../words/dates";
import type { PackingWords } from "../words/packing";

/** So many are read in one go; the rest is one press away. */
const FIRST = 5;

/** A list that has stayed as it was is looked at again after so long. */
const STALE_MS = 600_000;

type ChangeListProps = { list: PackingList; words: PackingWords };

/** What became of the list since it was looked at, until one says that one has seen it. */
export function ChangeList({ list, words }: ChangeListProps) {
  const { lookedAt, fingerprint, changes } = list.since;
  const looked = useLookedAt(list.booking.id);
  const [isAll, setAll] = useState(false);
  const zone = useZone();
  const isPlanned = list.booking.stage === "planned";
  const { mutate } = looked;
  useEffect(() => {
    const isStale = !lookedAt || Date.now() - Date.parse(lookedAt) > STALE_MS;
    if (isPlanned && changes.length === 0 && isStale) mutate(fingerprint);
  }, [isPlanned, changes.length, lookedAt, fingerprint, mutate]);
  if (!lookedAt || changes.length === 0) return null;
  const lines = changeLines(changes, words);
  const shown = isAll ? lines : lines.slice(0, FIRST);
  return (
    <section
      id="changes"
      aria-label="Changed since you looked"
      className="mb-5 scroll-mt-4 border-ink border-l-4 py-1 pl-4"
    >
      <h2 className="font-semibold">
        {capital(count(lines.length, "change"))} since you looked{" "}
        <span className="font-normal text-soft">{moment(lookedAt, zone)}</span>
      </h2>
      <ul className="my-1">
        {shown.map((line) => (
          <li key={line} className="py-0.5 text-[0.92rem]">
            {line}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button disabled={looked.isPending} onClick={() => mutate(fingerprint)}>
          I have seen them
        </Button>
        {lines.length > shown.length && (
          <Button kind="bare" onClick={() => setAll(true)}>
            Show all {lines.length}
          </Button>
        )}
      </div>
    </section>
  );
}

import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { Button } from "../../ui/Button";
import { Ticks } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { choices } from "../../words/codes";
import { shortName } from "../../words/items";

const BROKEN = "pack-is-broken";
const WHAT = ["look", "smell", "texture", BROKEN];

type ReportProps = { item: Item; open: boolean; onDone: () => void };

/** Its look, smell or texture is not what it was, or its pack is broken. */
export function ReportIt({ item, open, onDone }: ReportProps) {
  const { perform } = useActs();
  const [what, setWhat] = useState<string[]>([]);
  const report = async () => {
    await perform({
      path: `/api/items/${item.id}/report`,
      body: { what: what.filter((one) => one !== BROKEN), packBroken: what.includes(BROKEN) },
      done: what.some((one) => one !== BROKEN)
        ? `${shortName(item)} is out of use.`
        : `The pack of ${shortName(item)} is broken; the bench will suggest it.`,
    });
    onDone();
  };
  return (
    <Sheet title={`Report ${shortName(item)}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <Ticks legend="What has changed" choices={choices(WHAT)} chosen={what} onChange={setWhat} />
        <p className="text-soft">
          Changed look, smell or texture overrides every date: don’t use it on a face any more.
        </p>
        <Button
          kind="stop"
          disabled={what.length === 0}
          onClick={() => void report().catch(() => {})}
        >
          Report it
        </Button>
      </div>
    </Sheet>
  );
}

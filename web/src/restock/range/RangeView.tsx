import { useSearchParams } from "react-router";
import { type Range, useRange } from "../../api/money";
import { useToday } from "../../api/session";
import { Counted, Sentence } from "../../parts/Sentence";
import { Without } from "../../ui/Without";
import { capital, count, word } from "../../words/codes";
import { joined } from "../../words/packing";
import { RestockParts } from "../RestockParts";
import { Alike } from "./Alike";
import { BuyInOrder } from "./BuyInOrder";
import { DepthLanes } from "./DepthLanes";
import { HoleList } from "./HoleList";
import { Purpose } from "./Purpose";
import { Trials } from "./Trials";

/** What the kit lacks for its work, how far its bases reach, and what it has twice. */
export function RangeView() {
  const today = useToday();
  const [search] = useSearchParams();
  const query = useRange(String(search));
  if (!query.data) return <Without query={query} waiting="Trying the kit on its work…" />;
  const found = query.data;
  return (
    <div className="flex flex-col gap-7">
      <RestockParts />
      <RangeSentence found={found} />
      <Purpose purpose={found.purpose} usual={found.usual} />
      <Trials trials={found.trials} discontinued={found.discontinued} today={today} />
      <DepthLanes found={found} />
      <HoleList found={found} />
      <BuyInOrder found={found} />
      <Alike found={found} today={today} />
    </div>
  );
}

function RangeSentence({ found }: { found: Range }) {
  const { purpose, holes, lines } = found;
  if (purpose.work.length === 0) {
    return (
      <Sentence>
        Say what the kit is for, and Gerula tries it on a day of that work with a face of every
        depth.
      </Sentence>
    );
  }
  const wide = lines.filter((line) => line.widest?.hole).length;
  return (
    <Sentence>
      For {joined(purpose.work.map(word))}, from depth {purpose.lightest} to {purpose.deepest},{" "}
      {holes.length === 0 ? (
        "the kit has everything"
      ) : (
        <>
          the kit misses{" "}
          <Counted to="#holes" state="soon">
            {count(holes.length, "need")}
          </Counted>
        </>
      )}
      .{" "}
      {wide > 0 && (
        <>
          <Counted to="#reach">{capital(count(wide, "line"))}</Counted>{" "}
          {wide === 1 ? "skips" : "skip"} a depth.
        </>
      )}
    </Sentence>
  );
}

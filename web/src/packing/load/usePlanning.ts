import { useState } from "react";
import { useActs } from "../../api/acts";
import { order } from "../../api/client";
import { type LoadPlan, loadKey, useRun } from "../../api/load";
import { count } from "../../words/codes";

/** Plans a booking's bags; one can look on, and stop it with the best so far. */
export function usePlanning(booking: string) {
  const { perform } = useActs();
  const [run, setRun] = useState<string | null>(null);
  const progress = useRun(run);
  const plan = async () => {
    const mine = crypto.randomUUID();
    setRun(mine);
    await perform<LoadPlan>({
      path: `/api/bookings/${booking}/load/plan`,
      body: { run: mine },
      becomes: loadKey(booking),
      done: ({ pieces, left }) =>
        left.length > 0
          ? `Planned ${count(pieces.length - left.length, "item")}; ${count(left.length, "item")} without a place.`
          : `Planned all ${count(pieces.length, "item")}.`,
    }).catch(() => {});
    setRun(null);
  };
  const stop = () => {
    if (run) void order("DELETE", `/api/load-runs/${run}`, {}).catch(() => {});
  };
  return { isPlanning: run !== null, share: progress?.share ?? 0, plan: () => void plan(), stop };
}

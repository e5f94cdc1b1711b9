import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";

type ItemChoice = Schemas["DecideItem"]["choice"];

/** Decides about a list; each decision can be undone and holds until then. */
export function useDeciding(booking: string) {
  const { perform } = useActs();
  const quiet = (done: Promise<unknown>) => void done.catch(() => {});
  return {
    item: (item: string, choice: ItemChoice, done: string) =>
      quiet(
        perform({ path: `/api/bookings/${booking}/decide-item`, body: { item, choice }, done }),
      ),
    need: (need: string, without: boolean) =>
      quiet(
        perform({
          path: `/api/bookings/${booking}/decide-need`,
          body: { need, without },
          done: without ? "Noted: you do without it." : "Back among the gaps.",
        }),
      ),
  };
}

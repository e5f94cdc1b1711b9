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
          body: { need, without, instead: null },
          done: without ? "Noted: you do without it." : "Back among the gaps.",
        }),
      ),
    instead: (need: string, item: string, name: string) =>
      quiet(
        perform({
          path: `/api/bookings/${booking}/decide-need`,
          body: { need, without: true, instead: item },
          done: `${name} goes along instead.`,
        }),
      ),
    amount: (need: string, pieces: number | null) =>
      quiet(
        perform({
          path: `/api/bookings/${booking}/decide-amount`,
          body: { need, pieces },
          done: pieces === null ? "As many as are worked out." : `${pieces} pieces of it.`,
        }),
      ),
    buy: (product: string, name: string, neededOn: string, why: string) =>
      quiet(
        perform({
          path: "/api/buying",
          body: { id: crypto.randomUUID(), product, packs: 1, neededOn, why },
          done: `${name} is on the buying list.`,
        }),
      ),
  };
}

import { useActs } from "../api/acts";
import type { Schemas } from "../api/client";
import { count } from "../words/codes";
import { type Decided, insteadWords } from "../words/gaps";

type ItemChoice = Schemas["DecideItem"]["choice"];

const NOTED: Record<Decided, string> = {
  without: "Noted: you do without it.",
  borrowed: "Noted: you borrow it.",
  "to-buy": "It is on the buying list.",
};

/** Decides about a list; each decision can be undone and holds until then. */
export function useDeciding(booking: string) {
  const { perform } = useActs();
  const quiet = (done: Promise<unknown>) => void done.catch(() => {});
  return {
    item: (item: string, choice: ItemChoice, done: string) =>
      quiet(
        perform({ path: `/api/bookings/${booking}/decide-item`, body: { item, choice }, done }),
      ),
    need: (need: string, decided: Decided | null) =>
      quiet(
        perform({
          path: `/api/bookings/${booking}/decide-need`,
          body: { need, decided, instead: null },
          done: decided ? NOTED[decided] : "Back among the gaps.",
        }),
      ),
    service: (other: Schemas["OtherService"]) =>
      quiet(
        perform({
          path: `/api/bookings/${booking}/do-instead`,
          body: other,
          done: `${insteadWords(other)} for ${count(other.faces.length, "face")}.`,
        }),
      ),
    instead: (need: string, item: string, name: string) =>
      quiet(
        perform({
          path: `/api/bookings/${booking}/decide-need`,
          body: { need, decided: "without", instead: item },
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

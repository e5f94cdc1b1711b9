import { useNavigate } from "react-router";
import { useActs } from "../api/acts";
import type { Chosen } from "../api/depot";

/** The months between two refills that most kits live with. */
const USUAL_MONTHS = 3;

/** A pack taken to the bench, of which nothing else was said. */
export function asChosen(item: string): Chosen {
  return { item, stays: false, empty: null, count: null, amount: null, usePerMonth: null };
}

/** Puts packs on the bench and goes there. */
export function usePutOnBench() {
  const { perform } = useActs();
  const navigate = useNavigate();
  return async (items: string[], done: string) => {
    const id = crypto.randomUUID();
    await perform({
      path: "/api/bench/sessions",
      body: { id, wantedMonths: USUAL_MONTHS, backStock: null, chosen: items.map(asChosen) },
      done,
    }).then(
      () => navigate(`/bench/${id}`),
      // What went wrong is told by its message.
      () => {},
    );
  };
}

import { useActs } from "../api/acts";
import { ENDS, type Outcome, type Step, toldWords, type Work } from "../words/cleaning";

type Where = { moment: Work["moment"]; booking: string | null; face: string | null };

/** Says what was done. */
export function useCleaning({ moment, booking, face }: Where) {
  const { perform } = useActs();
  return {
    step: (steps: Step[], items: string[]) =>
      perform({
        path: "/api/treatments",
        body: { moment, steps, items, booking, face },
        done: toldWords(steps, items.length, moment),
      }).catch(() => {}),
    end: (outcome: Exclude<Outcome, "ready" | "treat">, items: string[], what: string) =>
      perform({
        path: "/api/treatments/end",
        body: { outcome, items },
        done: ENDS[outcome].told(what),
      }).catch(() => {}),
  };
}

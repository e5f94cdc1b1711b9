import { useActs } from "../api/acts";
import { ENDS, type Outcome, type Step, toldWords, type Work } from "../words/cleaning";

type Where = { work: Work; booking: string | null; face: string | null };

/** Says what was done. */
export function useCleaning({ work, booking, face }: Where) {
  const { perform } = useActs();
  const { moment } = work;
  const isBag = (id: string) => work.bags.some((bag) => bag.id === id);
  return {
    step: (steps: Step[], things: string[]) =>
      perform({
        path: "/api/treatments",
        body: {
          moment,
          steps,
          items: things.filter((id) => !isBag(id)),
          bags: things.filter(isBag),
          booking,
          face,
        },
        done: toldWords(steps, things.length, moment),
      }).catch(() => {}),
    end: (outcome: Exclude<Outcome, "ready" | "treat">, items: string[], what: string) =>
      perform({
        path: "/api/treatments/end",
        body: { outcome, items },
        done: ENDS[outcome].told(what),
      }).catch(() => {}),
  };
}

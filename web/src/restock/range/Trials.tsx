import { Link } from "react-router";
import type { Range } from "../../api/money";
import { TrialEnd } from "../../parts/TrialEnd";
import { count } from "../../words/codes";
import { shortDate } from "../../words/dates";
import { fullName, shortName } from "../../words/items";
import { amount, figure } from "../../words/quantities";

type TrialsProps = {
  trials: Range["trials"];
  discontinued: Range["discontinued"];
  today: string;
};

/** What is tried before more of it is bought, and what can not be bought again. */
export function Trials({ trials, discontinued, today }: TrialsProps) {
  return (
    <>
      {trials.length > 0 && (
        <section aria-label="On trial">
          <h2 className="border-ink border-b pb-1 font-semibold">On trial</h2>
          <ul>
            {trials.map((trial) => (
              <li
                key={trial.item.id}
                className="flex flex-wrap items-center gap-x-4 border-hair border-b py-1"
              >
                <Link to={`/kit/items/${trial.item.id}`} className="hover:underline">
                  {fullName(trial.item)}
                </Link>
                <span className={trial.over ? "text-soon" : "text-soft"}>
                  {trial.over ? "its trial ended" : "until"} {shortDate(trial.until, today)}
                </span>
                <span className="ml-auto flex gap-2">
                  <TrialEnd item={trial.item} />
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {discontinued.length > 0 && (
        <section aria-label="No longer made">
          <h2 className="border-ink border-b pb-1 font-semibold">No longer made</h2>
          <ul>
            {discontinued.map((one) => (
              <li key={one.like.id} className="flex flex-wrap gap-x-4 border-hair border-b py-1">
                <Link to={`/kit/items/${one.like.id}`} className="hover:underline">
                  {fullName(one.like)}
                </Link>
                <span className="text-soon">
                  {amount(one.left, one.unit)} left
                  {one.faces !== null && `, enough for about ${count(one.faces, "face")}`}
                </span>
                <span className="ml-auto text-soft">
                  {one.nearest
                    ? `nearest to buy: ${shortName(one.nearest)}${one.difference === null ? "" : `, ΔE ${figure(one.difference)}`}`
                    : "nothing like it is offered"}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

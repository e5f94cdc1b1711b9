import type { Schemas } from "../api/client";
import { useToday } from "../api/session";
import { word } from "../words/codes";
import { shortDate } from "../words/dates";

/** What must not touch the person's face; never asked is not none. */
export function Sensitive({ person }: { person: Schemas["PersonView"] }) {
  const today = useToday();
  if (person.askedOn === null && person.sensitivities.length === 0) {
    return <span className="text-soon">sensitivities not asked yet</span>;
  }
  return (
    <span>
      {person.sensitivities.length === 0 ? (
        "no sensitivities"
      ) : (
        <b className="text-stop">{person.sensitivities.map(word).join(", ")}</b>
      )}{" "}
      <span className="text-soft">
        {person.askedOn === null ? "not asked yet" : `asked ${shortDate(person.askedOn, today)}`}
      </span>
    </span>
  );
}

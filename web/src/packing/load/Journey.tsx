import { Link } from "react-router";
import type { LoadBag } from "../../api/load";
import { useFlight } from "../../api/road";
import { DecantIt } from "../../parts/DecantIt";
import { shortName } from "../../words/items";
import { amount, mass } from "../../words/quantities";
import { FLIGHT_ADVICE, FLIGHT_REASONS, LIFTS, missingWords } from "../../words/road";

/** Which bags are too heavy for one person, and by how much. */
export function Lifting({ bags }: { bags: LoadBag[] }) {
  const heavy = bags.filter((bag) => bag.overG > 0);
  if (heavy.length === 0) return null;
  return (
    <section aria-label="Too heavy for one">
      <h2 className="border-line border-b pb-1 font-semibold">Too heavy for one</h2>
      <ul>
        {heavy.map((bag) => (
          <li key={bag.place} className="border-hair border-b py-1.5">
            {bag.name}: two trips, two people, or leave <b>{mass(bag.overG)}</b>.
            <span className="text-soft">
              {" "}
              At most {mass(bag.limitG)} {LIFTS[bag.how]}.
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What may not fly as it is packed, and what can be done about it. */
export function FlightCheck({ booking }: { booking: string }) {
  const flight = useFlight(booking, true).data;
  if (!flight?.byAir) return null;
  const { pieces, liquidsMl, liquidsLimitMl, liquidsFit, toiletriesFit, spareBatteriesFit } =
    flight;
  return (
    <section aria-label="By air" id="flight">
      <h2 className="border-line border-b pb-1 font-semibold">By air</h2>
      <p className={liquidsFit ? "py-1 text-soft" : "py-1 text-stop"}>
        Liquids in the cabin: {amount(Math.round(liquidsMl), "ml")} of {liquidsLimitMl} in one bag.
        {!toiletriesFit && " More than 2 kg or 2 l of toiletries in all."}
        {!spareBatteriesFit && " Too many large batteries."}
      </p>
      <ul>
        {pieces.map(({ item, hold, here, reasons, advice, missing }) => (
          <li key={item.id} className="border-hair border-b py-1.5">
            <Link to={`/kit/items/${item.id}`} className="underline">
              {shortName(item)}
            </Link>{" "}
            <b className={here === "no" ? "text-stop" : here === "ask" ? "text-soon" : "text-soft"}>
              {here === "yes" ? "goes" : here === "no" ? "does not go" : "to be asked"}
            </b>
            <span className="text-soft">
              {" "}
              {hold ? "in the hold" : "in the cabin"}
              {reasons.map((reason) => `; ${FLIGHT_REASONS[reason]}`).join("")}
              {missing.length > 0 && `; ${missingWords(missing)}`}
            </span>
            {advice.length > 0 && (
              <span>
                {" "}
                {advice.map((one) =>
                  one === "decant-to-100-ml" ? (
                    <DecantIt key={one} item={item.id} name={shortName(item)}>
                      {FLIGHT_ADVICE[one]}
                    </DecantIt>
                  ) : (
                    <span key={one}> {FLIGHT_ADVICE[one]}.</span>
                  ),
                )}
              </span>
            )}
          </li>
        ))}
      </ul>
      <p className="pt-1 text-soft text-sm">
        Fill containers to 80 or 85 % and press the air out. The carrier decides.
      </p>
    </section>
  );
}

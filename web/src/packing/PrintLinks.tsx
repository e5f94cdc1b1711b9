import { buttonLook } from "../ui/Button";
import { dateOrder } from "../words/dates";

const PRINTS = {
  list: "Print the list",
  faces: "Face sheets",
  "touch-up": "Touch-up cards",
  values: "Values",
};

/** The booking on paper: whoever writes the month first has Letter in the printer. */
export function PrintLinks({ booking }: { booking: string }) {
  const paper = dateOrder() === "month-first" ? "letter" : "a4";
  return Object.entries(PRINTS).map(([what, word]) => (
    <a
      key={what}
      href={`/api/bookings/${booking}/print?what=${what}&paper=${paper}`}
      target="_blank"
      rel="noreferrer"
      className={buttonLook("bare")}
    >
      {word}
    </a>
  ));
}

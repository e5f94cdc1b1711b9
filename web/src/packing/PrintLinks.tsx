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
  const links = [
    ...Object.entries(PRINTS).map(([what, word]) => ({
      to: `/api/bookings/${booking}/print?what=${what}&paper=${paper}`,
      word,
    })),
    { to: `/api/cleaning-record?booking=${booking}&paper=${paper}`, word: "Cleaning record" },
    { to: `/api/cleaning-record/csv?booking=${booking}`, word: "Record as a table" },
  ];
  return (
    <nav aria-label="On paper" className="-ml-3 flex basis-full flex-wrap">
      {links.map(({ to, word }) => (
        <a key={to} href={to} target="_blank" rel="noreferrer" className={buttonLook("bare")}>
          {word}
        </a>
      ))}
    </nav>
  );
}

import { Link } from "react-router";
import type { Session } from "../../api/depot";
import { usePlaces } from "../../api/kit";
import { Sentence } from "../../parts/Sentence";
import { Swatch } from "../../parts/Swatch";
import { buttonLook } from "../../ui/Button";
import { capital, count } from "../../words/codes";
import { stopwatch } from "../../words/depot";
import { placePath, shortName } from "../../words/items";
import { amount, minutes } from "../../words/quantities";

/** What a session came to, and its labels as one file. */
export function DoneView({ session }: { session: Session }) {
  const places = usePlaces();
  const done = session.pieces.filter((piece) => piece.decant);
  const worked = done.reduce((sum, piece) => sum + piece.seconds, 0);
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {capital(count(done.length, "container"))} filled in{" "}
        {worked < 30 ? "less than a minute" : minutes(worked / 60)} of work.
      </Sentence>
      <div className="flex flex-wrap gap-2">
        {done.length > 0 && (
          <Link to={`/kit/labels?session=${session.id}`} className={buttonLook("solid")}>
            Labels for all of them
          </Link>
        )}
        <Link to="/bench" className={buttonLook()}>
          Back to the bench
        </Link>
      </div>
      <ul className="border-ink border-t">
        {done.map((piece) => (
          <li
            key={piece.id}
            className="flex flex-wrap items-center gap-x-4 border-hair border-b py-2"
          >
            <Swatch item={piece.source} size="small" />
            <Link to={`/kit/items/${piece.decant?.id}`} className="font-semibold hover:underline">
              {shortName(piece.source)}
            </Link>
            <span className="text-soft">
              {amount(piece.amount, piece.source.product.unit)} in {piece.emptyName},{" "}
              {placePath(piece.decant?.now ?? null, places)}
            </span>
            <span className="ml-auto text-soft">{stopwatch(piece.seconds)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

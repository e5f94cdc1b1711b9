import { Link } from "react-router";
import { Counted, Sentence } from "../../parts/Sentence";
import { capital, count } from "../../words/codes";
import { mass } from "../../words/quantities";
import type { LoadProps } from "./LoadView";

/** How the plan stands. */
export function LoadSentence({ title, booking, plan }: LoadProps) {
  const placed = plan.pieces.filter((piece) => piece.compartment !== null);
  const moved = placed.filter((piece) => piece.usual !== null && piece.usual !== piece.compartment);
  const all = plan.bags.reduce((sum, bag) => sum + bag.massG, 0);
  if (plan.bags.length === 0) {
    return (
      <Sentence>
        {title}: no bag is chosen yet.{" "}
        <Link to={`/bookings/${booking}/edit`} className="underline">
          Choose one
        </Link>
        , then plan what goes where.
      </Sentence>
    );
  }
  if (!plan.planned) {
    return (
      <Sentence>
        {title}: {count(plan.pieces.length, "item")} for {count(plan.bags.length, "bag")}, not
        planned yet.
      </Sentence>
    );
  }
  return (
    <Sentence>
      {title}: {placed.length} of {count(plan.pieces.length, "item")} have a place in{" "}
      {count(plan.bags.length, "bag")}, {mass(all)} in all.{" "}
      {plan.left.length > 0 && (
        <>
          <Counted to="#staying" state="stop">
            {plan.left.length} without
          </Counted>
          .{" "}
        </>
      )}
      {moved.length > 0
        ? `${capital(count(moved.length, "item"))} ${moved.length === 1 ? "lies" : "lie"} elsewhere than usual.`
        : "Everything lies where it usually does."}
    </Sentence>
  );
}

import { Link } from "react-router";
import { Sentence } from "./Sentence";

/** An address without a view, or a view that broke. */
export function Lost() {
  return (
    <main className="p-7">
      <Sentence>
        There is nothing at this address.{" "}
        <Link className="counted" to="/">
          See what is next
        </Link>
        .
      </Sentence>
    </main>
  );
}

import { Link } from "react-router";
import { Sentence } from "../parts/Sentence";

/** An address without a view. */
export function Lost() {
  return (
    <Sentence>
      There is nothing at this address.{" "}
      <Link className="counted" to="/">
        See what is next
      </Link>
      .
    </Sentence>
  );
}

/** A view that broke: what was done before is kept by the server. */
export function Broken() {
  return (
    <main className="flex flex-col gap-4 p-7">
      <Sentence>This view could not be shown. Nothing you did before is lost.</Sentence>
      <p>
        <a className="underline" href="/">
          Load Gerula again
        </a>
      </p>
    </main>
  );
}

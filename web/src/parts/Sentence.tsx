import type { ReactNode } from "react";
import { Link } from "react-router";

/** How things stand, in a sentence or two: the first thing of every view. */
export function Sentence({ children }: { children: ReactNode }) {
  return (
    <h1 className="max-w-[62ch] font-voice text-[1.7rem] leading-[1.28] text-balance max-hand:text-[1.45rem]">
      {children}
    </h1>
  );
}

type CountedProps = {
  to: string;
  state?: "soon" | "stop" | undefined;
  children: ReactNode;
};

/** A number in the sentence, leading to what it counts. */
export function Counted({ to, state, children }: CountedProps) {
  const inPage = to.startsWith("#");
  return inPage ? (
    <a href={to} className="counted" data-state={state}>
      {children}
    </a>
  ) : (
    <Link to={to} className="counted" data-state={state}>
      {children}
    </Link>
  );
}

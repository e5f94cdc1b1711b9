import { lazy, Suspense, useState } from "react";
import type { TellingProps } from "./OnPaper";

/** What lays paper out is fetched when somebody is about to ask: the first page does without. */
const load = () => import("./OnPaper");
const Telling = lazy(async () => ({ default: (await load()).Telling }));

/** A button that tells something once it is asked; until then it is nothing but a button. */
export function TellingLater(props: TellingProps) {
  const { open, onOpenChange, button } = props;
  const [wasOpened, setOpened] = useState(open);
  if (open && !wasOpened) setOpened(true);
  const closed = (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-expanded={false}
      {...button}
      onPointerEnter={(event) => {
        void load();
        button.onPointerEnter?.(event);
      }}
      onFocus={() => void load()}
      onClick={() => onOpenChange(true)}
    />
  );
  return wasOpened ? (
    <Suspense fallback={closed}>
      <Telling {...props} />
    </Suspense>
  ) : (
    closed
  );
}

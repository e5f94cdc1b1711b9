import { type ReactNode, useEffect, useId } from "react";

export type Fold = {
  /** When several have the same title. */
  key?: string;
  /** One word or two: what it is about. */
  title: string;
  /** What stands in it now, as one says it; shown while it is closed. */
  told: ReactNode;
  /** Eight fields at most. */
  fields: ReactNode;
  hasFault?: boolean;
};

type FoldsProps = {
  folds: Fold[];
  /** Rises with each try to send: then what is wrong opens by itself. */
  tries: number;
  /** The one that is open; null: none. */
  open: number | null;
  onOpen: (open: number | null) => void;
};

/** A long form as sentences, of which one at a time opens into its fields. */
export function Folds({ folds, tries, open, onOpen }: FoldsProps) {
  const wrong = folds.findIndex((fold) => fold.hasFault);
  const isOpenWrong = open !== null && folds[open]?.hasFault;
  // biome-ignore lint/correctness/useExhaustiveDependencies: each try opens it again.
  useEffect(() => {
    if (wrong >= 0 && !isOpenWrong) onOpen(wrong);
  }, [tries, wrong]);
  return (
    <div className="border-ink border-t">
      {folds.map((fold, index) => (
        <OneFold
          key={fold.key ?? fold.title}
          fold={fold}
          isOpen={index === open}
          onToggle={() => onOpen(index === open ? null : index)}
        />
      ))}
    </div>
  );
}

type OneFoldProps = { fold: Fold; isOpen: boolean; onToggle: () => void };

function OneFold({ fold, isOpen, onToggle }: OneFoldProps) {
  const id = useId();
  return (
    <section className="border-hair border-b">
      <h2>
        <button
          type="button"
          aria-expanded={isOpen}
          aria-controls={id}
          onClick={onToggle}
          className="grid min-h-9 w-full grid-cols-[9.5rem_1fr_auto] items-baseline gap-x-4 py-1.5 text-left hover:bg-lit max-hand:min-h-11 max-hand:grid-cols-[1fr_auto] max-hand:py-2"
        >
          <span className="font-semibold">{fold.title}</span>
          <span className="min-w-0 break-words max-hand:order-last max-hand:col-span-2">
            {!isOpen && (fold.told || <span className="text-soft">not set</span>)}
            {fold.hasFault && !isOpen && (
              <span className="text-stop"> Something is wrong here.</span>
            )}
          </span>
          <span aria-hidden="true" className="text-soft text-sm underline decoration-line">
            {isOpen ? "close" : "change"}
          </span>
        </button>
      </h2>
      <div id={id} hidden={!isOpen} className="pt-1 pb-5">
        {isOpen && fold.fields}
      </div>
    </section>
  );
}

/** How the fields of a fold stand beside each other. */
export const FIELDS = "grid grid-cols-3 items-start gap-4 max-hand:grid-cols-1";

/** Those that say something, separated by commas. */
export function listed(parts: (string | null | undefined | false)[]): string {
  return parts.filter(Boolean).join(", ");
}

import { useState } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { capital, choices, count, word } from "../../words/codes";
import { CLASSES } from "../../words/lists";

type Guess = Schemas["GuessTold"];
type GuessesProps = { guesses: Guess[]; onChoose: (words: string, productClass: string) => void };

/** What no column says and the names seem to mean; one choice goes for all rows with these words. */
export function Guesses({ guesses, onChoose }: GuessesProps) {
  if (guesses.length === 0) return null;
  const unsure = guesses.filter((one) => !one.sure && !one.chosen);
  const rest = guesses.filter((one) => one.sure || one.chosen);
  return (
    <section aria-label="Suggested from the names">
      <h2 className="border-ink border-b pb-1 font-semibold">
        What the items are, suggested from their names
      </h2>
      {unsure.length > 0 && (
        <p className="py-2 text-soft">
          {capital(count(unsure.length, "suggestion"))} not sure: choose what they are. A choice
          goes for every row with the same words.
        </p>
      )}
      <ul>
        {unsure.map((one) => (
          <GuessLine key={one.words} guess={one} onChoose={onChoose} />
        ))}
      </ul>
      {rest.length > 0 && (
        <details open={unsure.length === 0}>
          <summary className="py-2 text-soft underline">
            {capital(count(rest.length, "suggestion"))} sure or chosen by you
          </summary>
          <ul>
            {rest.map((one) => (
              <GuessLine key={one.words} guess={one} onChoose={onChoose} />
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

function GuessLine({ guess, onChoose }: { guess: Guess } & Pick<GuessesProps, "onChoose">) {
  const [isChoosing, setChoosing] = useState(false);
  const { words, productClass, sure, chosen, rows, examples } = guess;
  const isOpen = !sure && !chosen;
  const isUnknown = isOpen && productClass === "other";
  return (
    <li className="grid grid-cols-[14rem_1fr_auto] items-center gap-3 border-hair border-b py-1.5 max-hand:grid-cols-1">
      <span>
        <b>“{words}”</b> <span className="text-soft">{count(rows, "row")}</span>
      </span>
      <span className="truncate text-soft">{examples.join(", ")}</span>
      {isChoosing ? (
        <div className="w-60">
          <SelectField
            label={`What “${words}” is`}
            isBare
            autoFocus
            choices={choices(CLASSES)}
            value={productClass}
            onChange={(event) => onChoose(words, event.target.value)}
          />
        </div>
      ) : (
        <span className="flex items-center gap-3">
          <span className={isOpen ? "border-proposed border-b border-dashed text-proposed" : ""}>
            {isUnknown ? "not known yet" : `${isOpen ? "perhaps " : ""}${word(productClass)}`}
          </span>
          <Button aria-label={`Change what “${words}” is`} onClick={() => setChoosing(true)}>
            Change
          </Button>
        </span>
      )}
    </li>
  );
}

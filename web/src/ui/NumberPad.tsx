import { useState } from "react";
import { Button } from "./Button";
import { Sheet } from "./Sheet";

const DIGITS = ["1", "2", "3", "4", "5", "6", "7", "8", "9"];

/** No kit holds more of one thing. */
const MOST_DIGITS = 5;

type NumberPadProps = {
  title: string;
  /** What is known, told beside the number: "of 40 pieces". */
  beside: string;
  onWrite: (number: number) => void;
  onClose: () => void;
};

/** Numbers for a thumb: as large as the hand is busy. */
export function NumberPad({ title, beside, onWrite, onClose }: NumberPadProps) {
  const [typed, setTyped] = useState("");
  const add = (digit: string) =>
    setTyped((before) => `${before}${digit}`.replace(/^0+(?=\d)/, "").slice(0, MOST_DIGITS));
  return (
    <Sheet title={title} open onOpenChange={(open) => open || onClose()}>
      <p className="flex items-baseline gap-3 pb-3">
        <output aria-label="Counted" className="min-w-12 font-semibold font-voice text-4xl">
          {typed || "–"}
        </output>
        <span className="text-soft">{beside}</span>
      </p>
      <div className="grid grid-cols-3 gap-2">
        {DIGITS.map((digit) => (
          <Key key={digit} word={digit} onPress={() => add(digit)} />
        ))}
        <Key word="⌫" name="Delete the last digit" onPress={() => setTyped(typed.slice(0, -1))} />
        <Key word="0" onPress={() => add("0")} />
        <Button
          kind="solid"
          className="min-h-16 text-xl"
          disabled={typed === ""}
          onClick={() => {
            onWrite(Number(typed));
            onClose();
          }}
        >
          Save
        </Button>
      </div>
    </Sheet>
  );
}

type KeyProps = { word: string; name?: string; onPress: () => void };

function Key({ word, name, onPress }: KeyProps) {
  return (
    <Button className="min-h-16 font-voice text-2xl" aria-label={name ?? word} onClick={onPress}>
      {word}
    </Button>
  );
}

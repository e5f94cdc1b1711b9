import { type ReactNode, useState } from "react";
import type { Line, Schemas } from "../api/client";
import { Glass } from "../parts/Glass";
import { Button } from "../ui/Button";
import { NumberPad } from "../ui/NumberPad";
import { word } from "../words/codes";
import { LEVELS } from "../words/lists";
import { amount } from "../words/quantities";

type PutBack = Schemas["PutBack"];

/** How a thing came back; nothing said means as it went. */
export type CameBack = { used: boolean; level: PutBack["level"]; left: number | null };

export const AS_IT_WENT: CameBack = { used: false, level: null, left: null };

type HowItCameBackProps = {
  line: Line;
  told: CameBack;
  onTell: (told: CameBack) => void;
  /** It did not come back at all. */
  onFate: (fate: NonNullable<PutBack["fate"]>) => void;
};

/** Before it goes home: whether it was used, how much is left, or that it is not there. */
export function HowItCameBack({ line, told, onTell, onFate }: HowItCameBackProps) {
  const [isCounting, setCounting] = useState(false);
  const { item } = line;
  const { unit } = item.product;
  return (
    <section aria-label="How it came back" className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-2">
        <Told isPressed={told.used} onPress={() => onTell({ ...told, used: !told.used })}>
          It was used
        </Told>
        {unit === "piece" ? (
          <Told isPressed={told.left !== null} onPress={() => setCounting(true)}>
            {told.left === null ? "Count what is left" : `${amount(told.left, unit)} left`}
          </Told>
        ) : (
          LEVELS.map((level) => (
            <Told
              key={level}
              isPressed={told.level === level}
              onPress={() => onTell({ ...told, level: told.level === level ? null : level })}
            >
              <Glass level={level} />
              {word(level)}
            </Told>
          ))
        )}
      </div>
      <details>
        <summary className="min-h-11 cursor-pointer py-2.5 text-soft">It did not come back</summary>
        <div className="flex gap-2">
          <Button className="min-h-11" onClick={() => onFate("missing")}>
            Missing
          </Button>
          <Button className="min-h-11" onClick={() => onFate("given-away")}>
            Given away
          </Button>
        </div>
      </details>
      {isCounting && (
        <NumberPad
          title={item.product.name}
          beside={`of ${amount(item.left, unit)}`}
          onWrite={(left) => {
            onTell({ ...told, left });
            setCounting(false);
          }}
          onClose={() => setCounting(false)}
        />
      )}
    </section>
  );
}

function Told({
  isPressed,
  onPress,
  children,
}: {
  isPressed: boolean;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={isPressed}
      onClick={onPress}
      className="flex min-h-11 items-center gap-2 rounded border border-line px-3 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
    >
      {children}
    </button>
  );
}

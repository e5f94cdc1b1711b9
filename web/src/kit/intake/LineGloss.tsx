import { Popover } from "radix-ui";
import { useState } from "react";
import type { LineShown } from "../../api/lines";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { OnPaper } from "../../ui/OnPaper";
import { choices } from "../../words/codes";
import { type Field, fieldsOf } from "./lineFields";

type LineGlossProps = {
  line: LineShown;
  onCorrect: (column: string, told: string) => void;
};

/**
 * What a line was read as: each part with what it was taken for beneath it, as a gloss between the
 * lines of a book. What is suggested stands dashed until somebody says so; pressing a part puts it
 * right.
 */
export function LineGloss({ line, onCorrect }: LineGlossProps) {
  const today = useToday();
  return (
    <ol aria-label="Read as" className="flex flex-wrap gap-x-5 gap-y-3">
      {fieldsOf(line, today).map((field, index) => (
        <li key={field.column}>
          <Part field={field} number={index + 1} onCorrect={onCorrect} />
        </li>
      ))}
      {line.count > 1 && (
        <li className="flex flex-col items-start">
          <span className="border-ink border-b-2 font-semibold text-lg">× {line.count}</span>
          <span className="text-soft text-sm">how many</span>
        </li>
      )}
    </ol>
  );
}

type PartProps = {
  field: Field;
  number: number;
  onCorrect: (column: string, told: string) => void;
};

function Part({ field, number, onCorrect }: PartProps) {
  const [isOpen, setOpen] = useState(false);
  const look = field.isProposed
    ? "border-proposed border-dashed text-proposed"
    : field.text === null
      ? "border-hair border-dashed text-soft"
      : "border-ink";
  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-keyshortcuts={`Alt+${number}`}
        data-part={number}
        className="group flex flex-col items-start text-left max-hand:min-h-11"
      >
        <span className={`flex items-center gap-1.5 border-b-2 font-semibold text-lg ${look}`}>
          {field.colours.slice(0, 12).map((colour, index) => (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: two shades may have one colour.
              key={index}
              aria-hidden="true"
              style={{ backgroundColor: colour }}
              className="size-4 rounded-full border border-ink/25"
            />
          ))}
          {field.text ?? "none"}
        </span>
        <span className="text-soft text-sm group-hover:text-ink">
          {field.caption}
          {field.isProposed && ", suggested"}
        </span>
      </Popover.Trigger>
      <OnPaper>
        <Correct
          field={field}
          onDone={(told) => {
            setOpen(false);
            if (told !== null) onCorrect(field.column, told);
          }}
        />
      </OnPaper>
    </Popover.Root>
  );
}

/** One part put right: chosen from its list, or written. */
function Correct({ field, onDone }: { field: Field; onDone: (told: string | null) => void }) {
  const [text, setText] = useState(field.choices ? "" : (field.text ?? ""));
  if (field.choices) {
    return (
      <SelectField
        label={`Not ${field.text ?? "told"}, but`}
        empty="Choose"
        value=""
        choices={choices(field.choices)}
        onChange={(event) => onDone(event.target.value)}
      />
    );
  }
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onDone(text);
      }}
    >
      <TextField
        label={`${field.caption.charAt(0).toUpperCase()}${field.caption.slice(1)}`}
        {...(field.hint ? { hint: field.hint } : {})}
        value={text}
        autoComplete="off"
        onFocus={(event) => event.target.select()}
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit">Change</Button>
    </form>
  );
}

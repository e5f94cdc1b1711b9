import { type ComponentProps, type ReactNode, useId } from "react";

const BOX =
  "min-h-9 w-full rounded border border-line bg-paper px-2.5 py-1 max-hand:min-h-11 aria-[invalid=true]:border-2 aria-[invalid=true]:border-stop";

type Shared = {
  label: string;
  hint?: string;
  fault?: string | undefined;
  /** The label is only told, not shown: something beside the field says it. */
  isBare?: boolean;
};

function Labelled({
  label,
  hint,
  fault,
  id,
  isBare,
  children,
}: Shared & { id: string; children: ReactNode }) {
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className={isBare ? "sr-only" : "font-semibold text-sm"}>
        {label} {hint && <span className="font-normal text-soft">{hint}</span>}
      </label>
      {children}
      {fault && (
        <p id={`${id}-fault`} className="text-sm text-stop">
          {fault}
        </p>
      )}
    </div>
  );
}

function faultProps(id: string, fault: string | undefined) {
  return fault ? { "aria-invalid": true, "aria-describedby": `${id}-fault` } : {};
}

type TextFieldProps = Shared & {
  /** What stands within the box, at its end. */
  inside?: ReactNode;
} & ComponentProps<"input">;

export function TextField({ label, hint, fault, inside, isBare, ...rest }: TextFieldProps) {
  const id = useId();
  const input = <input id={id} className={BOX} {...faultProps(id, fault)} {...rest} />;
  return (
    <Labelled
      label={label}
      {...(hint ? { hint } : {})}
      {...(isBare ? { isBare } : {})}
      fault={fault}
      id={id}
    >
      {inside ? (
        <div className="relative">
          {input}
          {inside}
        </div>
      ) : (
        input
      )}
    </Labelled>
  );
}

export function TextArea({ label, hint, fault, ...rest }: Shared & ComponentProps<"textarea">) {
  const id = useId();
  return (
    <Labelled label={label} {...(hint ? { hint } : {})} fault={fault} id={id}>
      <textarea id={id} rows={2} className={BOX} {...faultProps(id, fault)} {...rest} />
    </Labelled>
  );
}

export type Choice = { value: string; word: string };

type SelectProps = Shared & { choices: Choice[]; empty?: string } & ComponentProps<"select">;

export function SelectField({ label, hint, fault, choices, empty, isBare, ...rest }: SelectProps) {
  const id = useId();
  return (
    <Labelled
      label={label}
      {...(hint ? { hint } : {})}
      {...(isBare ? { isBare } : {})}
      fault={fault}
      id={id}
    >
      <select id={id} className={BOX} {...faultProps(id, fault)} {...rest}>
        {empty !== undefined && <option value="">{empty}</option>}
        {choices.map(({ value, word }) => (
          <option key={value} value={value}>
            {word}
          </option>
        ))}
      </select>
    </Labelled>
  );
}

/** Yes or no. */
export function Tick({ label, ...rest }: { label: string } & ComponentProps<"input">) {
  return (
    <label className="flex min-h-9 items-center gap-2 max-hand:min-h-11">
      <input type="checkbox" className="size-5 accent-ink" {...rest} />
      {label}
    </label>
  );
}

type TicksProps = {
  legend: string;
  choices: Choice[];
  chosen: string[];
  onChange: (chosen: string[]) => void;
};

/** Several of a few words, each a switch. */
export function Ticks({ legend, choices, chosen, onChange }: TicksProps) {
  const toggle = (value: string) =>
    onChange(chosen.includes(value) ? chosen.filter((one) => one !== value) : [...chosen, value]);
  return (
    <fieldset>
      <legend className="mb-1 font-semibold text-sm">{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {choices.map(({ value, word }) => (
          <button
            key={value}
            type="button"
            aria-pressed={chosen.includes(value)}
            onClick={() => toggle(value)}
            className="min-h-8 rounded-full border border-line px-3 text-sm hover:bg-lit aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper max-hand:min-h-11"
          >
            {word}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

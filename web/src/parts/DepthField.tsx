import { type Control, type FieldPath, type FieldValues, useController } from "react-hook-form";
import { TextField } from "../ui/Field";
import { DEPTHS } from "./depths";

type DepthFieldProps<T extends FieldValues> = {
  // biome-ignore lint/suspicious/noExplicitAny: what the form hands over does not matter here.
  control: Control<T, unknown, any>;
  name: FieldPath<T>;
  label: string;
};

/** A skin depth: tapped on a ramp, or typed when it lies between two. */
export function DepthField<T extends FieldValues>({ control, name, label }: DepthFieldProps<T>) {
  const { field, fieldState } = useController({ control, name });
  const text = String(field.value ?? "");
  return (
    <div className="grid gap-2">
      <fieldset aria-label="From light to deep" className="flex">
        {DEPTHS.map(({ depth, colour }) => (
          <button
            key={depth}
            type="button"
            aria-label={`Depth ${depth}`}
            aria-pressed={text === String(depth)}
            onClick={() => field.onChange(String(depth))}
            style={{ backgroundColor: colour }}
            className="h-8 min-w-4 flex-1 border-paper border-r first:rounded-l last:rounded-r last:border-r-0 aria-pressed:outline-3 aria-pressed:outline-ink aria-pressed:-outline-offset-3 max-hand:h-11"
          />
        ))}
      </fieldset>
      <div className="order-first">
        <TextField
          label={label}
          hint="1 light to 10 deep"
          inputMode="decimal"
          ref={field.ref}
          name={field.name}
          value={text}
          onBlur={field.onBlur}
          onChange={field.onChange}
          fault={fieldState.error?.message}
        />
      </div>
    </div>
  );
}

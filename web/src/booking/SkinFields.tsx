import { useFormContext } from "react-hook-form";
import { useItems } from "../api/kit";
import { SkinRamp } from "../parts/SkinRamp";
import { SelectField, TextField } from "../ui/Field";
import { SKIN_TYPES } from "../words/bookings";
import { choices } from "../words/codes";
import { fullName } from "../words/items";
import { decimal } from "../words/quantities";
import type { BookingForm } from "./bookingForm";

/** What a face's skin looks like: picked on the ramp, typed, or told by a shade one owns. */
export function SkinFields({ index, isGroup }: { index: number; isGroup: boolean }) {
  const { register, watch, setValue, formState } = useFormContext<BookingForm>();
  const face = `booking.faces.${index}` as const;
  const faults = formState.errors.booking?.faces?.[index];
  const { depth, undertone } = watch(face);
  return (
    <div className="grid grid-cols-[3fr_2fr] items-start gap-6 max-hand:grid-cols-1">
      <SkinRamp
        depth={decimal(depth)}
        undertone={undertone}
        onPick={(picked, tone) => {
          setValue(`${face}.depth`, String(picked), { shouldValidate: formState.isSubmitted });
          setValue(`${face}.undertone`, tone);
        }}
      />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={isGroup ? "Lightest of them" : "Skin depth"}
          hint="1 to 10"
          inputMode="decimal"
          fault={faults?.depth?.message}
          {...register(`${face}.depth`)}
        />
        <SelectField label="Skin" choices={choices(SKIN_TYPES)} {...register(`${face}.skinType`)} />
        <TextField
          label="Colour"
          hint="hex or L a b"
          autoComplete="off"
          fault={faults?.colour?.message}
          {...register(`${face}.colour`)}
        />
        <LikeOneOfMine index={index} />
      </div>
    </div>
  );
}

/** Quicker and truer than picking, when that shade was measured. */
function LikeOneOfMine({ index }: { index: number }) {
  const { register, watch } = useFormContext<BookingForm>();
  const bases = useItems("productClass=foundation").data?.items ?? [];
  const chosen = watch(`booking.faces.${index}.matches`);
  const products = new Map(bases.map((item) => [item.product.id, item]));
  if (products.size === 0) return null;
  return (
    <SelectField
      label="Wears my shade"
      empty="not said"
      choices={[
        ...[...products].map(([id, item]) => ({
          value: id,
          word: item.product.colour ? fullName(item) : `${fullName(item)} (not measured)`,
        })),
        ...(chosen && !products.has(chosen) ? [{ value: chosen, word: "a shade you had" }] : []),
      ]}
      {...register(`booking.faces.${index}.matches`)}
    />
  );
}

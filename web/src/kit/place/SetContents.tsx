import { useState } from "react";
import { useFieldArray } from "react-hook-form";
import { z } from "zod";
import { useActs } from "../../api/acts";
import { usePouches } from "../../api/cleaning";
import { type Place, Problem } from "../../api/client";
import { quietly, typedNumber, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { showFaults } from "../../ui/faults";
import { Sheet } from "../../ui/Sheet";
import { choices, count, word } from "../../words/codes";
import { CLASSES } from "../../words/lists";

/** What a place is to hold when it is ready, and what it holds of it now. */
export function SetContents({ place }: { place: Place }) {
  const [isAsking, setAsking] = useState(false);
  const pouch = usePouches().data?.pouches.find((one) => one.place === place.id);
  return (
    <section aria-label="Set contents">
      <h2 className="flex items-baseline justify-between border-line border-b pb-1 font-semibold">
        When ready
        <Button kind="bare" onClick={() => setAsking(true)}>
          {place.setContents.length > 0 ? "Change" : "Say what it is to hold"}
        </Button>
      </h2>
      <ul>
        {pouch?.lines.map(({ productClass, pieces, there }) => (
          <li key={productClass} className="flex justify-between border-hair border-b py-1.5">
            {word(productClass)}
            <span className={there < pieces ? "text-soon" : "text-soft"}>
              {there} of {pieces}
            </span>
          </li>
        ))}
      </ul>
      <Sheet title={`${place.name}, when ready`} open={isAsking} onOpenChange={setAsking}>
        {isAsking && <ToHold place={place} onDone={() => setAsking(false)} />}
      </Sheet>
    </section>
  );
}

const TO_HOLD = z.object({
  setContents: z
    .array(z.object({ productClass: z.string(), pieces: typedNumber() }))
    .transform((rows) => rows.filter(({ productClass }) => productClass)),
});

function ToHold({ place, onDone }: { place: Place; onDone: () => void }) {
  const { perform } = useActs();
  const { control, register, handleSubmit, setError, watch, formState } = useTyped(TO_HOLD, {
    setContents: [
      ...place.setContents.map(({ productClass, pieces }) => ({
        productClass,
        pieces: String(pieces),
      })),
      { productClass: "", pieces: "" },
    ],
  });
  const { fields, append } = useFieldArray({ control, name: "setContents" });
  const rows = watch("setContents");
  const faults = formState.errors.setContents;
  const save = handleSubmit(async ({ setContents }) => {
    try {
      await perform({
        method: "PUT",
        path: `/api/places/${place.id}/set-contents`,
        body: { setContents: setContents.map((one) => ({ ...one, pieces: one.pieces ?? 0 })) },
        done:
          setContents.length > 0
            ? `${place.name} is to hold ${count(setContents.length, "kind")} of items.`
            : `${place.name} is to hold nothing in particular.`,
      });
      onDone();
    } catch (thrown) {
      if (!(thrown instanceof Problem)) throw thrown;
      showFaults(thrown, setError, (path) => path.replace(/\[(\d+)\]/, ".$1"));
    }
  });
  return (
    <form className="flex flex-col gap-3" noValidate onSubmit={quietly(save)}>
      {fields.map((field, at) => (
        <div key={field.id} className="grid grid-cols-[1fr_6rem] items-start gap-2">
          <SelectField
            label="What it is to hold"
            isBare
            empty="Choose"
            choices={choices(CLASSES)}
            {...register(`setContents.${at}.productClass`, {
              // There is always an empty line for the next one.
              onChange: () => {
                if (at === fields.length - 1) append({ productClass: "", pieces: "" });
              },
            })}
          />
          <TextField
            label={rows[at]?.productClass ? `Pieces of ${word(rows[at].productClass)}` : "Pieces"}
            isBare
            placeholder="pieces"
            inputMode="numeric"
            fault={faults?.[at]?.pieces?.message}
            {...register(`setContents.${at}.pieces`)}
          />
        </div>
      ))}
      {faults?.message && <p className="text-sm text-stop">{faults.message}</p>}
      <Button type="submit" kind="solid" disabled={formState.isSubmitting}>
        Save
      </Button>
    </form>
  );
}

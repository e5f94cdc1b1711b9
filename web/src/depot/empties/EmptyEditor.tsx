import { useState } from "react";
import { z } from "zod";
import { useActs } from "../../api/acts";
import { Problem, type Schemas } from "../../api/client";
import type { Empty } from "../../api/depot";
import { Folds, listed } from "../../parts/Folds";
import {
  fieldsOf,
  hasFault,
  neededNumber,
  neededWord,
  quietly,
  typedNumber,
  useTyped,
} from "../../parts/typed";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { showFaults } from "../../ui/faults";
import { Sheet } from "../../ui/Sheet";
import { choices, word } from "../../words/codes";
import { CONTAINERS } from "../../words/lists";

const length = () => typedNumber().transform((mm) => mm ?? 0);

const emptySchema = z.object({
  empty: z.object({
    name: neededWord("Give it a name."),
    container: z.string(),
    material: z.string(),
    sizeMl: neededNumber("Say how much it holds."),
    tareG: typedNumber(),
    outerWidthMm: length(),
    outerDepthMm: length(),
    outerHeightMm: length(),
    stock: typedNumber().transform((many) => many ?? 0),
  }),
});

type EmptyForm = z.input<typeof emptySchema>;

const NEW: EmptyForm = {
  empty: {
    name: "",
    container: "screw-jar",
    material: "polyethylene",
    sizeMl: "",
    tareG: "",
    outerWidthMm: "",
    outerDepthMm: "",
    outerHeightMm: "",
    stock: "1",
  },
};

const MATERIALS = ["polyethylene", "glass", "acrylic", "metal"];

function fromEmpty(kind: Empty): EmptyForm {
  const told = Object.entries(kind.empty).map(([key, value]) => [key, String(value)]);
  return { empty: Object.fromEntries(told) };
}

/** A kind of empties: what it behaves like, what it holds, what it weighs and measures. */
export function EmptyEditor({ kind, onClose }: { kind: Empty | null; onClose: () => void }) {
  const { perform } = useActs();
  const form = useTyped(emptySchema, kind ? fromEmpty(kind) : NEW);
  const [open, setOpen] = useState<number | null>(0);
  const { watch, formState } = form;
  const empty = watch("empty");
  const field = (name: keyof EmptyForm["empty"]) => fieldsOf(form)(`empty.${name}`);
  const save = form.handleSubmit(async (told) => {
    const draft = told.empty as Schemas["EmptyDraft"];
    try {
      await perform(
        kind
          ? {
              method: "PUT",
              path: `/api/empties/${kind.id}`,
              body: { version: kind.version, empty: draft },
              done: `Changed ${draft.name}.`,
            }
          : {
              path: "/api/empties",
              body: { id: crypto.randomUUID(), empty: draft },
              done: `Added ${draft.name}.`,
            },
      );
      onClose();
    } catch (thrown) {
      if (thrown instanceof Problem) showFaults(thrown, form.setError);
    }
  });
  const measures = [empty.outerWidthMm, empty.outerDepthMm, empty.outerHeightMm].filter(Boolean);
  const folds = [
    {
      title: "What it is",
      told: listed([empty.name, word(empty.container), empty.sizeMl && `${empty.sizeMl} ml`]),
      hasFault: hasFault(form, "empty", ["name", "container", "material", "sizeMl", "stock"]),
      fields: (
        <div className="grid grid-cols-2 items-start gap-3">
          <div className="col-span-2">
            <TextField label="What you call it" {...field("name")} />
          </div>
          <SelectField
            label="It behaves like a"
            choices={choices(CONTAINERS)}
            {...field("container")}
          />
          <SelectField label="Made of" choices={choices(MATERIALS)} {...field("material")} />
          <TextField label="Holds" hint="ml to the brim" inputMode="decimal" {...field("sizeMl")} />
          <TextField label="How many" inputMode="numeric" {...field("stock")} />
        </div>
      ),
    },
    {
      title: "Size and weight",
      told: listed([
        measures.length > 0 && `${measures.join(" × ")} mm`,
        empty.tareG && `${empty.tareG} g empty`,
      ]),
      hasFault: hasFault(form, "empty", ["tareG", "outerWidthMm", "outerDepthMm", "outerHeightMm"]),
      fields: (
        <div className="grid grid-cols-2 items-start gap-3">
          <TextField label="Wide" hint="mm" inputMode="numeric" {...field("outerWidthMm")} />
          <TextField label="Deep" hint="mm" inputMode="numeric" {...field("outerDepthMm")} />
          <TextField label="High" hint="mm" inputMode="numeric" {...field("outerHeightMm")} />
          <TextField label="Weighs empty" hint="g" inputMode="decimal" {...field("tareG")} />
        </div>
      ),
    },
  ];
  return (
    <Sheet title={kind ? kind.empty.name : "A kind of your own"} open onOpenChange={onClose}>
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(event) => {
          form.clearErrors();
          quietly(save)(event);
        }}
      >
        <Folds folds={folds} tries={formState.submitCount} open={open} onOpen={setOpen} />
        <Button kind="solid" type="submit" disabled={formState.isSubmitting} className="self-start">
          {kind ? "Save" : "Add it to the shelf"}
        </Button>
      </form>
    </Sheet>
  );
}

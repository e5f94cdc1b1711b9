import { useState } from "react";
import { useActs } from "../../api/acts";
import { type Fault, Problem, type Schemas } from "../../api/client";
import type { Empty } from "../../api/depot";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { choices } from "../../words/codes";
import { CONTAINERS } from "../../words/lists";
import { decimal } from "../../words/quantities";

type Draft = Record<
  | "name"
  | "container"
  | "material"
  | "sizeMl"
  | "tareG"
  | "outerWidthMm"
  | "outerDepthMm"
  | "outerHeightMm"
  | "stock",
  string
>;

const NEW: Draft = {
  name: "",
  container: "screw-jar",
  material: "polyethylene",
  sizeMl: "",
  tareG: "",
  outerWidthMm: "",
  outerDepthMm: "",
  outerHeightMm: "",
  stock: "1",
};

const MATERIALS = ["polyethylene", "glass", "acrylic", "metal"];

/** A kind of empties: what it behaves like, what it holds, what it weighs and measures. */
export function EmptyEditor({ kind, onClose }: { kind: Empty | null; onClose: () => void }) {
  const { perform } = useActs();
  const [draft, setDraft] = useState<Draft>(() =>
    kind
      ? (Object.fromEntries(
          Object.entries(kind.empty).map(([key, value]) => [key, String(value)]),
        ) as Draft)
      : NEW,
  );
  const [faults, setFaults] = useState<Fault[]>([]);
  const field = (name: keyof Draft) => ({
    value: draft[name],
    fault: faults.find((fault) => fault.path === `empty.${name}`)?.message,
    onChange: (event: { target: { value: string } }) =>
      setDraft({ ...draft, [name]: event.target.value }),
  });
  const save = async () => {
    const empty = {
      ...draft,
      sizeMl: decimal(draft.sizeMl),
      tareG: decimal(draft.tareG),
      outerWidthMm: decimal(draft.outerWidthMm) ?? 0,
      outerDepthMm: decimal(draft.outerDepthMm) ?? 0,
      outerHeightMm: decimal(draft.outerHeightMm) ?? 0,
      stock: decimal(draft.stock) ?? 0,
    } as unknown as Schemas["EmptyDraft"];
    try {
      await perform(
        kind
          ? {
              method: "PUT",
              path: `/api/empties/${kind.id}`,
              body: { version: kind.version, empty },
              done: `Changed ${empty.name}.`,
            }
          : {
              path: "/api/empties",
              body: { id: crypto.randomUUID(), empty },
              done: `Added ${empty.name}.`,
            },
      );
      onClose();
    } catch (thrown) {
      setFaults(thrown instanceof Problem ? thrown.faults : []);
    }
  };
  return (
    <Sheet title={kind ? kind.empty.name : "A kind of your own"} open onOpenChange={onClose}>
      <div className="grid grid-cols-2 gap-3">
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
        <TextField label="Weighs empty" hint="g" inputMode="decimal" {...field("tareG")} />
        <TextField label="Wide" hint="mm" inputMode="numeric" {...field("outerWidthMm")} />
        <TextField label="Deep" hint="mm" inputMode="numeric" {...field("outerDepthMm")} />
        <TextField label="High" hint="mm" inputMode="numeric" {...field("outerHeightMm")} />
        <TextField label="How many" inputMode="numeric" {...field("stock")} />
        <div className="col-span-2">
          <Button kind="solid" onClick={() => void save()}>
            {kind ? "Keep it so" : "Add it to the shelf"}
          </Button>
        </div>
      </div>
    </Sheet>
  );
}

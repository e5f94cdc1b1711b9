import type { Schemas } from "../../api/client";
import { useEarlier } from "../../api/kit";
import { fieldsOf } from "../../parts/typed";
import { TextField } from "../../ui/Field";
import type { ItemFormOf } from "./itemForm";

/** Maker and name; a line the kit has already fills in what its shades have in common. */
export function ItemNames({ form }: { form: ItemFormOf }) {
  const field = fieldsOf(form);
  const [name, maker] = form.watch(["product.name", "product.maker"]);
  const lines = useEarlier(name.trim() ? name : maker).data ?? [];
  const fill = (line: Schemas["EarlierLine"]) => {
    const { product } = form.getValues();
    form.setValue("product", {
      ...product,
      maker: line.maker,
      name: line.name,
      productClass: line.productClass,
      form: line.form,
      content: String(line.content),
      unit: line.unit,
      periodAfterOpening: line.periodAfterOpening === null ? "" : String(line.periodAfterOpening),
      finish: line.finish ?? "",
      coverage: line.coverage ?? "",
      spf: line.spf === null ? "" : String(line.spf),
      traits: line.traits,
      composition: line.composition,
    });
  };
  const fresh = lines.filter((line) => line.name !== name || line.maker !== maker).slice(0, 5);
  return (
    <>
      <TextField label="Name" autoComplete="off" {...field("product.name")} />
      <TextField label="Maker" autoComplete="off" {...field("product.maker")} />
      {fresh.length > 0 && (
        <div className="col-span-full -mt-2 flex flex-wrap items-center gap-1.5">
          <span className="text-soft text-sm">As before:</span>
          {fresh.map((line) => (
            <button
              key={`${line.maker} ${line.name}`}
              type="button"
              onClick={() => fill(line)}
              className="min-h-8 rounded-full border border-line px-3 text-sm hover:bg-lit max-hand:min-h-11"
            >
              {line.maker} {line.name}
            </button>
          ))}
        </div>
      )}
    </>
  );
}

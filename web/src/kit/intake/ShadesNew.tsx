import { useState } from "react";
import { useNavigate } from "react-router";
import { useActs } from "../../api/acts";
import { Problem } from "../../api/client";
import { useTyped } from "../../parts/typed";
import { TextArea } from "../../ui/Field";
import { showFaults } from "../../ui/faults";
import { count } from "../../words/codes";
import { ItemEditor } from "../item/ItemEditor";
import { EMPTY_ITEM, itemSchema, toItem, toProduct } from "../item/itemForm";
import { readShades } from "../item/shadeLines";

type Shade = { id: string; shade: string; colour: string | null; depth: number | null };

/** Many shades of one line in one go: the line once, then a shade a line. */
export function ShadesNew() {
  const { perform } = useActs();
  const navigate = useNavigate();
  const form = useTyped(itemSchema, EMPTY_ITEM);
  const [lines, setLines] = useState("");
  const [fault, setFault] = useState<string>();
  const [ids] = useState<string[]>([]);
  const { shades, complaint } = read(lines, ids);
  const save = form.handleSubmit(async (typed) => {
    if (complaint) return;
    setFault(undefined);
    const product = toProduct({ ...typed, product: { ...typed.product, shade: "" } });
    try {
      await perform({
        path: "/api/items/shades",
        body: { product, item: toItem(typed), shades },
        done: `Added ${count(shades.length, "shade")} of ${product.name}.`,
      });
      navigate(`/kit?q=${encodeURIComponent(product.name)}`);
    } catch (thrown) {
      if (!(thrown instanceof Problem)) return;
      showFaults(thrown, form.setError);
      setFault(faultOf(thrown, shades));
    }
  });
  return (
    <ItemEditor
      title="Many shades of one line."
      form={form}
      onSave={save}
      action={`Add ${count(shades.length, "shade")} to the kit`}
      back="/kit"
      isLine
    >
      <div className="grid max-w-4xl grid-cols-2 gap-6 max-hand:grid-cols-1">
        <TextArea
          label="The shades"
          hint="one a line: shade, colour, skin depth"
          rows={12}
          placeholder={"1 ivory, #f2d6c0, 1\n2 neutral, #e3bd9b, 3\n3 honey"}
          value={lines}
          fault={complaint ?? fault}
          onChange={(event) => setLines(event.target.value)}
        />
        <ol className="self-end">
          {shades.map((one) => (
            <li key={one.id} className="flex items-center gap-3 border-hair border-b py-1">
              <span
                aria-hidden="true"
                style={{ backgroundColor: one.colour ?? "var(--lit)" }}
                className="size-6 rounded-full border border-ink/25"
              />
              <span className="min-w-0 flex-1 truncate">{one.shade}</span>
              <span className="text-soft">{one.depth !== null && `depth ${one.depth}`}</span>
            </li>
          ))}
        </ol>
      </div>
    </ItemEditor>
  );
}

/** A shade keeps its id as long as it keeps its line, so that sending again adds nothing twice. */
function read(lines: string, ids: string[]): { shades: Shade[]; complaint: string | null } {
  const { shades, complaint } = readShades(lines);
  return {
    complaint,
    shades: shades.map(({ name, colour, depth }, index) => {
      ids[index] ??= crypto.randomUUID();
      return { id: ids[index] as string, shade: name, colour, depth };
    }),
  };
}

function faultOf(problem: Problem, shades: Shade[]): string | undefined {
  const told = problem.faults
    .filter((fault) => fault.path.startsWith("shades"))
    .map((fault) => {
      const number = Number(fault.path.match(/\d+/)?.[0]);
      return `${shades[number]?.shade ?? "A shade"}: ${fault.message}`;
    });
  return told.length > 0 ? told.join(" ") : undefined;
}

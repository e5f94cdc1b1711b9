import { useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import { type Item, Problem } from "../../api/client";
import { useItemSheet } from "../../api/kit";
import { useTyped } from "../../parts/typed";
import { ChangedElsewhere } from "../../ui/ChangedElsewhere";
import { showFaults } from "../../ui/faults";
import { Without } from "../../ui/Without";
import { fullName, shortName } from "../../words/items";
import { CLASSES } from "../../words/lists";
import { ItemEditor } from "./ItemEditor";
import {
  EMPTY_ITEM,
  fromItem,
  type ItemForm,
  type ItemTold,
  itemSchema,
  likeItem,
  toDescription,
  toItem,
  toProduct,
} from "./itemForm";

/** A new thing: from nothing, like another one, with a pack code that was scanned, or of a class. */
export function ItemNew() {
  const [search] = useSearchParams();
  const like = search.get("like");
  const sheet = useItemSheet(like ?? "");
  if (like && !sheet.data) return <p className="text-soft">Fetching it…</p>;
  const start = like && sheet.data ? likeItem(sheet.data.item) : EMPTY_ITEM;
  const product = {
    ...start.product,
    packCode: search.get("pack") ?? start.product.packCode,
    productClass: CLASSES.find((one) => one === search.get("class")) ?? start.product.productClass,
  };
  return <New start={{ ...start, product }} />;
}

function New({ start }: { start: ItemForm }) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const [id] = useState(() => crypto.randomUUID() as string);
  const form = useTyped(itemSchema, start);
  const save = form.handleSubmit(async (typed) => {
    const product = toProduct(typed);
    try {
      await perform({
        path: "/api/items",
        body: { id, productId: null, product, item: toItem(typed) },
        done: `Added ${product.name} to the kit.`,
      });
      navigate(`/kit/items/${id}`, { replace: true });
    } catch (thrown) {
      if (thrown instanceof Problem) showFaults(thrown, form.setError);
    }
  });
  return (
    <ItemEditor
      title="A new item in the kit."
      form={form}
      onSave={save}
      action="Add it to the kit"
      back="/kit"
    />
  );
}

/** A thing that is there already: loaded first, so that nothing is overwritten unseen. */
export function ItemEdit() {
  const { id = "" } = useParams();
  const sheet = useItemSheet(id);
  return sheet.data ? (
    <EditorOf item={sheet.data.item} />
  ) : (
    <Without query={sheet} waiting="Fetching it…" />
  );
}

function EditorOf({ item: first }: { item: Item }) {
  const { perform } = useActs();
  const navigate = useNavigate();
  // What was read when writing began: the versions sent along are of this, whatever comes in between.
  const [base, setBase] = useState(first);
  const [theirs, setTheirs] = useState<Item | null>(null);
  const form = useTyped(itemSchema, fromItem(first));
  const send = async (typed: ItemTold, over: Item) => {
    try {
      await perform({
        method: "PUT",
        path: `/api/items/${over.id}`,
        body: {
          version: over.version,
          productVersion: over.product.version,
          product: toProduct(typed),
          item: toDescription(typed, over),
        },
        done: `Changed ${shortName(over)}.`,
      });
      navigate(`/kit/items/${over.id}`, { replace: true });
    } catch (thrown) {
      if (!(thrown instanceof Problem)) return;
      showFaults(thrown, form.setError);
      if (thrown.code === "changed-meanwhile") setTheirs(thrown.current as Item);
    }
  };
  const takeTheirs = () => {
    if (!theirs) return;
    form.reset(fromItem(theirs));
    setBase(theirs);
    setTheirs(null);
  };
  return (
    <div className="flex flex-col gap-5">
      {theirs && (
        <ChangedElsewhere
          what="item"
          onKeepMine={form.handleSubmit((typed) => send(typed, theirs))}
          onTakeTheirs={takeTheirs}
        />
      )}
      <ItemEditor
        title={`Edit ${fullName(first)}.`}
        form={form}
        onSave={form.handleSubmit((typed) => send(typed, base))}
        action="Save"
        back={`/kit/items/${first.id}`}
        isThere
      />
    </div>
  );
}

import { useState } from "react";
import { Controller, type UseFormReturn, useForm } from "react-hook-form";
import { Link, useNavigate, useParams } from "react-router";
import { useActs } from "../frame/acts";
import { type Item, Problem } from "../frame/api";
import { Sentence } from "../frame/Sentence";
import { Button, buttonLook } from "../ui/Button";
import { SelectField, TextArea, TextField, Ticks } from "../ui/Field";
import { showFaults } from "../ui/faults";
import { Meanwhile } from "../ui/Meanwhile";
import { choices } from "../words/codes";
import { fullName, placePath, shortName } from "../words/items";
import { CLASSES, CLEANLINESS, FORMS, SENSITIVITIES, TRAITS } from "../words/lists";
import { EMPTY_ITEM, fromItem, type ItemForm, toDrafts } from "./itemForm";
import { useItemSheet, usePlaces } from "./queries";

/** A new thing. */
export function ItemNew() {
  const { perform } = useActs();
  const navigate = useNavigate();
  const [id] = useState(() => crypto.randomUUID() as string);
  const form = useForm<ItemForm>({ defaultValues: EMPTY_ITEM });
  const save = form.handleSubmit(async (typed) => {
    const drafts = toDrafts(typed, null);
    try {
      await perform({
        path: "/api/items",
        body: { id, productId: null, ...drafts },
        done: `Added ${drafts.product.name} to the kit.`,
      });
      navigate(`/kit/items/${id}`, { replace: true });
    } catch (thrown) {
      if (thrown instanceof Problem) showFaults(thrown, form.setError);
    }
  });
  return (
    <Editor
      title="A new thing in the kit."
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
  if (sheet.error) return <Sentence>{sheet.error.message}</Sentence>;
  return sheet.data ? (
    <EditorOf item={sheet.data.item} />
  ) : (
    <p className="text-soft">Fetching it…</p>
  );
}

function EditorOf({ item: first }: { item: Item }) {
  const { perform } = useActs();
  const navigate = useNavigate();
  // What was read when writing began: the versions sent along are of this, whatever comes meanwhile.
  const [base, setBase] = useState(first);
  const [meanwhile, setMeanwhile] = useState<Item | null>(null);
  const form = useForm<ItemForm>({ defaultValues: fromItem(first) });
  const send = async (typed: ItemForm, over: Item) => {
    try {
      await perform({
        method: "PUT",
        path: `/api/items/${over.id}`,
        body: {
          version: over.version,
          productVersion: over.product.version,
          ...toDrafts(typed, over),
        },
        done: `Changed ${shortName(over)}.`,
      });
      navigate(`/kit/items/${over.id}`, { replace: true });
    } catch (thrown) {
      if (!(thrown instanceof Problem)) return;
      showFaults(thrown, form.setError);
      if (thrown.code === "changed-meanwhile") setMeanwhile(thrown.current as Item);
    }
  };
  const takeTheirs = () => {
    if (!meanwhile) return;
    form.reset(fromItem(meanwhile));
    setBase(meanwhile);
    setMeanwhile(null);
  };
  return (
    <div className="flex flex-col gap-5">
      {meanwhile && (
        <Meanwhile
          what="thing"
          onKeepMine={form.handleSubmit((typed) => send(typed, meanwhile))}
          onTakeTheirs={takeTheirs}
        />
      )}
      <Editor
        title={`${fullName(first)}, to be changed.`}
        form={form}
        onSave={form.handleSubmit((typed) => send(typed, base))}
        action="Save the changes"
        back={`/kit/items/${first.id}`}
      />
    </div>
  );
}

type EditorProps = {
  title: string;
  form: UseFormReturn<ItemForm>;
  onSave: () => void;
  action: string;
  back: string;
};

function Editor({ title, form, onSave, action, back }: EditorProps) {
  const places = usePlaces();
  const { register, control, formState } = form;
  const faults = formState.errors;
  const placeChoices = [...places.keys()]
    .map((id) => ({ value: id, word: placePath(id, places) }))
    .sort((one, other) => one.word.localeCompare(other.word));
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onSave();
      }}
      className="flex flex-col gap-6"
    >
      <Sentence>{title}</Sentence>
      <div className="grid max-w-4xl grid-cols-3 gap-4 max-hand:grid-cols-1">
        <TextField
          label="Name"
          fault={faults.product?.name?.message}
          {...register("product.name")}
        />
        <TextField
          label="Maker"
          fault={faults.product?.maker?.message}
          {...register("product.maker")}
        />
        <TextField
          label="Shade"
          fault={faults.product?.shade?.message}
          {...register("product.shade")}
        />
        <SelectField
          label="What it is for"
          choices={choices(CLASSES)}
          fault={faults.product?.productClass?.message}
          {...register("product.productClass")}
        />
        <SelectField
          label="Form"
          choices={choices(FORMS)}
          fault={faults.product?.form?.message}
          {...register("product.form")}
        />
        <TextField
          label="Shade colour"
          hint="like #c49a78"
          fault={faults.product?.colour?.message}
          {...register("product.colour")}
        />
        <TextField
          label="A full pack holds"
          inputMode="decimal"
          fault={faults.product?.content?.message}
          {...register("product.content")}
        />
        <SelectField
          label="Measured in"
          choices={[
            { value: "ml", word: "millilitres" },
            { value: "g", word: "grams" },
            { value: "piece", word: "pieces" },
          ]}
          fault={faults.product?.unit?.message}
          {...register("product.unit")}
        />
        <TextField
          label="Left in it"
          hint="empty: full"
          inputMode="decimal"
          fault={faults.item?.left?.message}
          {...register("item.left")}
        />
        <TextField
          label="Suits skin depth"
          hint="1 light to 10 deep"
          inputMode="decimal"
          fault={faults.product?.depth?.message}
          {...register("product.depth")}
        />
        <TextField
          label="Opened on"
          type="date"
          fault={faults.item?.openedOn?.message}
          {...register("item.openedOn")}
        />
        <TextField
          label="Months after opening"
          hint="open-jar sign"
          inputMode="numeric"
          fault={faults.product?.periodAfterOpening?.message}
          {...register("product.periodAfterOpening")}
        />
        <TextField
          label="Printed expiry"
          type="date"
          fault={faults.item?.printedExpiry?.message}
          {...register("item.printedExpiry")}
        />
        <TextField
          label="Bought on"
          type="date"
          fault={faults.item?.boughtOn?.message}
          {...register("item.boughtOn")}
        />
        <SelectField
          label="Cleanliness"
          choices={choices(CLEANLINESS)}
          fault={faults.item?.cleanliness?.message}
          {...register("item.cleanliness")}
        />
        <SelectField
          label="Home"
          empty="none yet"
          choices={placeChoices}
          fault={faults.item?.home?.message}
          {...register("item.home")}
        />
        <SelectField
          label="Now in"
          empty="nobody knows"
          choices={placeChoices}
          fault={faults.item?.now?.message}
          {...register("item.now")}
        />
        <label className="flex min-h-9 items-center gap-2 self-end">
          <input type="checkbox" className="size-5 accent-ink" {...register("item.personal")} />
          My own, never for others
        </label>
      </div>
      <Controller
        control={control}
        name="product.traits"
        render={({ field }) => (
          <Ticks
            legend="It is"
            choices={choices(TRAITS)}
            chosen={field.value}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        control={control}
        name="product.contains"
        render={({ field }) => (
          <Ticks
            legend="It contains"
            choices={choices([...new Set([...SENSITIVITIES, ...field.value])])}
            chosen={field.value}
            onChange={field.onChange}
          />
        )}
      />
      <div className="max-w-4xl">
        <TextArea label="Note" fault={faults.item?.note?.message} {...register("item.note")} />
      </div>
      <div className="flex gap-2">
        <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
          {action}
        </Button>
        <Link to={back} className={buttonLook("bare")}>
          Leave it as it is
        </Link>
      </div>
    </form>
  );
}

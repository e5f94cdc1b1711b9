import { type ReactNode, useState } from "react";
import { Folds } from "../../parts/Folds";
import { FormEnd } from "../../parts/FormEnd";
import { Sentence } from "../../parts/Sentence";
import type { ItemFormOf } from "./itemForm";
import { useBelongs, useNow, useWhat } from "./mainFolds";
import {
  useDates,
  useDecant,
  useLook,
  useMeasures,
  useNote,
  usePack,
  useTraits,
} from "./moreFolds";

type EditorProps = {
  title: string;
  form: ItemFormOf;
  onSave: () => void;
  action: string;
  back: string;
  /** What stands between the product and the rest. */
  children?: ReactNode;
  /** Whether one shade is described, or a whole line. */
  isLine?: boolean;
  /** Whether it is in the kit already: how it is now is said by what is done with it. */
  isThere?: boolean;
};

/** What an item is, how much of it there is, where it belongs: sentences that open one at a time. */
export function ItemEditor(props: EditorProps) {
  const { title, form, onSave, action, back, children, isLine = false, isThere = false } = props;
  const [open, setOpen] = useState<number | null>(0);
  const folds = [
    useWhat(form, isLine),
    ...useNow(form, isThere),
    useBelongs(form),
    useLook(form, isLine),
    useTraits(form),
    useDates(form),
    usePack(form, isLine),
    useDecant(form),
    useMeasures(form),
    useNote(form),
  ];
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        // A fault the server told at a field of its own would hold the next try back.
        form.clearErrors();
        onSave();
      }}
      className="flex max-w-4xl flex-col gap-6"
    >
      <Sentence>{title}</Sentence>
      {children}
      <Folds folds={folds} tries={form.formState.submitCount} open={open} onOpen={setOpen} />
      <FormEnd action={action} back={back} isBusy={form.formState.isSubmitting} />
    </form>
  );
}

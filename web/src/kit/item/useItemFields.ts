import type { FieldPath } from "react-hook-form";
import type { ItemForm, ItemFormOf } from "./itemForm";

/** A field's registration and its fault. */
export function useItemFields({ register, getFieldState, formState }: ItemFormOf) {
  return (name: FieldPath<ItemForm>) => ({
    ...register(name),
    fault: getFieldState(name, formState).error?.message,
  });
}

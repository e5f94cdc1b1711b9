import { type ComponentProps, useId } from "react";
import { usePeople } from "../api/person";
import { TextField } from "../ui/Field";

/** A name that may be somebody's who is known: the known ones are offered as one types. */
export function PersonField(props: ComponentProps<typeof TextField>) {
  const list = useId();
  const people = usePeople().data?.people ?? [];
  return (
    <>
      <TextField list={list} autoComplete="off" {...props} />
      <datalist id={list}>
        {people
          .filter(({ person }) => person.erasedOn === null)
          .map(({ person }) => (
            <option key={person.id} value={person.name} />
          ))}
      </datalist>
    </>
  );
}

import { useEffect, useState } from "react";
import { Controller } from "react-hook-form";
import { z } from "zod";
import { useActs } from "../api/acts";
import { Problem } from "../api/client";
import type { Person } from "../api/person";
import { useToday } from "../api/session";
import { DateField } from "../parts/DateField";
import { DepthField } from "../parts/DepthField";
import { typedDate, typedNumber, useTyped } from "../parts/typed";
import { Button } from "../ui/Button";
import { ChangedElsewhere } from "../ui/ChangedElsewhere";
import { TextField, Ticks } from "../ui/Field";
import { showFaults } from "../ui/faults";
import { capital, word } from "../words/codes";
import { dateText } from "../words/dates";
import { SENSITIVITIES } from "../words/lists";

const personSchema = z.object({
  person: z.object({
    name: z.string(),
    aliases: z.string(),
    depth: typedNumber(),
    sensitivities: z.array(z.string()),
    other: z.string(),
    askedOn: typedDate("began"),
  }),
});

function fromPerson(person: Person): z.input<typeof personSchema> {
  return {
    person: {
      name: person.name,
      aliases: person.aliases.join(", "),
      depth: person.depth === null ? "" : String(person.depth),
      sensitivities: person.sensitivities,
      other: "",
      askedOn: dateText(person.askedOn),
    },
  };
}

function words(text: string): string[] {
  return text
    .split(",")
    .map((one) => one.trim())
    .filter(Boolean);
}

/** What is known of a person, to be changed. */
export function PersonFacts({ person }: { person: Person }) {
  const { perform } = useActs();
  const today = useToday();
  const form = useTyped(personSchema, fromPerson(person));
  const { control, register, formState, setValue } = form;
  const faults = formState.errors.person;
  const [theirs, setTheirs] = useState<Person | null>(null);
  const { isDirty } = formState;
  // What was undone or merged meanwhile shows, unless something is being written.
  useEffect(() => {
    if (!isDirty) form.reset(fromPerson(person));
  }, [person, isDirty, form]);
  const save = (version = person.version) =>
    form.handleSubmit(async ({ person: { aliases, other, sensitivities, ...told } }) => {
      try {
        await perform({
          method: "PUT",
          path: `/api/people/${person.id}`,
          body: {
            version,
            person: {
              ...told,
              aliases: words(aliases),
              sensitivities: [...sensitivities, ...words(other)],
            },
          },
          done: `Saved ${told.name.trim()}.`,
        });
        const all = [...new Set([...sensitivities, ...words(other)])];
        form.reset({ person: { ...form.getValues("person"), sensitivities: all, other: "" } });
      } catch (thrown) {
        if (!(thrown instanceof Problem)) return;
        showFaults(thrown, form.setError);
        if (thrown.code === "changed-meanwhile") setTheirs(thrown.current as Person);
      }
    });
  const asked = () => setValue("person.askedOn", dateText(today), { shouldDirty: true });
  return (
    <form
      className="flex flex-col gap-4"
      noValidate
      onSubmit={(event) => {
        form.clearErrors();
        void save()(event);
      }}
    >
      {theirs && (
        <ChangedElsewhere
          what="person"
          onKeepMine={() => void save(theirs.version)()}
          onTakeTheirs={() => {
            form.reset(fromPerson(theirs));
            setTheirs(null);
          }}
        />
      )}
      <div className="grid grid-cols-2 items-start gap-4 max-hand:grid-cols-1">
        <TextField label="Name" fault={faults?.name?.message} {...register("person.name")} />
        <TextField
          label="Other names"
          hint="separated by commas"
          fault={faults?.aliases?.message}
          {...register("person.aliases")}
        />
        <DepthField control={control} name="person.depth" label="Skin depth" />
        <DateField
          control={control}
          name="person.askedOn"
          meant="began"
          label="Asked on"
          hint="about sensitivities"
        />
      </div>
      <Controller
        control={control}
        name="person.sensitivities"
        render={({ field }) => (
          <Ticks
            legend="Sensitivities"
            choices={[...new Set([...SENSITIVITIES, ...person.sensitivities])].map((code) => ({
              value: code,
              word: capital(word(code)),
            }))}
            chosen={field.value}
            onChange={(chosen) => {
              field.onChange(chosen);
              asked();
            }}
          />
        )}
      />
      <TextField
        label="Others"
        hint="separated by commas"
        fault={faults?.sensitivities?.message}
        {...register("person.other", { onChange: asked })}
      />
      <div className="flex gap-2">
        <Button kind="solid" type="submit" disabled={!formState.isDirty}>
          Save
        </Button>
        {formState.isDirty && (
          <Button kind="bare" onClick={() => form.reset(fromPerson(person))}>
            Cancel
          </Button>
        )}
      </div>
    </form>
  );
}

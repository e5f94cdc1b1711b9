import { useState } from "react";
import { useActs } from "../api/acts";
import { Problem } from "../api/client";
import type { Person } from "../api/person";
import { useToday } from "../api/session";
import { Button } from "../ui/Button";
import { ChangedElsewhere } from "../ui/ChangedElsewhere";
import { TextField, Ticks } from "../ui/Field";
import { capital, word } from "../words/codes";
import { SENSITIVITIES } from "../words/lists";
import { decimal } from "../words/quantities";

type Draft = {
  name: string;
  aliases: string;
  depth: string;
  sensitivities: string[];
  other: string;
  askedOn: string;
};

function draftOf(person: Person): Draft {
  return {
    name: person.name,
    aliases: person.aliases.join(", "),
    depth: person.depth === null ? "" : String(person.depth),
    sensitivities: person.sensitivities,
    other: "",
    askedOn: person.askedOn ?? "",
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
  const [draft, setDraft] = useState<Draft>(() => draftOf(person));
  const [problem, setProblem] = useState<Problem | null>(null);
  const isChanged = JSON.stringify(draft) !== JSON.stringify(draftOf(person));
  const set = (some: Partial<Draft>) => setDraft({ ...draft, ...some });
  const fault = (path: string) =>
    problem?.faults.find((one) => one.path.startsWith(`person.${path}`))?.message;
  const save = async (version = person.version) => {
    setProblem(null);
    try {
      await perform({
        method: "PUT",
        path: `/api/people/${person.id}`,
        body: {
          version,
          person: {
            name: draft.name,
            aliases: words(draft.aliases),
            depth: draft.depth.trim() ? decimal(draft.depth) : null,
            sensitivities: [...draft.sensitivities, ...words(draft.other)],
            askedOn: draft.askedOn || null,
          },
        },
        done: `Saved ${draft.name.trim()}.`,
      });
    } catch (thrown) {
      setProblem(thrown instanceof Problem ? thrown : null);
    }
  };
  const current = problem?.current as Person | null | undefined;
  return (
    <form
      className="flex flex-col gap-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {current && (
        <ChangedElsewhere
          what="person"
          onKeepMine={() => void save(current.version)}
          onTakeTheirs={() => {
            setDraft(draftOf(current));
            setProblem(null);
          }}
        />
      )}
      <div className="grid grid-cols-2 gap-4 max-hand:grid-cols-1">
        <TextField
          label="Name"
          value={draft.name}
          fault={fault("name")}
          onChange={(event) => set({ name: event.target.value })}
        />
        <TextField
          label="Other names"
          hint="with commas between"
          value={draft.aliases}
          fault={fault("aliases")}
          onChange={(event) => set({ aliases: event.target.value })}
        />
        <TextField
          label="Skin depth"
          hint="1 to 10"
          inputMode="decimal"
          value={draft.depth}
          fault={fault("depth")}
          onChange={(event) => set({ depth: event.target.value })}
        />
        <TextField
          label="Asked on"
          hint="about sensitivities"
          type="date"
          max={today}
          value={draft.askedOn}
          fault={fault("askedOn")}
          onChange={(event) => set({ askedOn: event.target.value })}
        />
      </div>
      <Ticks
        legend="Sensitivities"
        choices={[...new Set([...SENSITIVITIES, ...person.sensitivities])].map((code) => ({
          value: code,
          word: capital(word(code)),
        }))}
        chosen={draft.sensitivities}
        onChange={(sensitivities) => set({ sensitivities, askedOn: today })}
      />
      <TextField
        label="Others"
        hint="with commas between"
        value={draft.other}
        fault={fault("sensitivities")}
        onChange={(event) => set({ other: event.target.value, askedOn: today })}
      />
      <div className="flex gap-2">
        <Button kind="solid" type="submit" disabled={!isChanged}>
          Save
        </Button>
        {isChanged && (
          <Button kind="bare" onClick={() => setDraft(draftOf(person))}>
            Cancel
          </Button>
        )}
      </div>
    </form>
  );
}

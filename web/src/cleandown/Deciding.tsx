import { z } from "zod";
import { useActs } from "../api/acts";
import type { Drawn, Schemas } from "../api/client";
import { neededWord, quietly, useTyped } from "../parts/typed";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { shortName } from "../words/items";

type Verdict = Schemas["Decision"]["verdict"];

const REASON = z.object({ reason: neededWord("Say why: it stands in the history.") });

type DecidingProps = {
  item: Pick<Drawn, "id"> & Parameters<typeof shortName>[0];
  /** What can be decided about it. */
  verdicts: Verdict[];
  onDone?: () => void;
};

const VERDICTS: Record<Verdict, { act: string; told: (name: string) => string }> = {
  release: { act: "Release it", told: (name) => `Released ${name}.` },
  discard: { act: "Discard it", told: (name) => `Discarded ${name}.` },
  quarantine: { act: "Quarantine it", told: (name) => `Quarantined ${name}.` },
};

/** What becomes of a suspected thing, with the reason why. */
export function Deciding({ item, verdicts, onDone }: DecidingProps) {
  const { perform } = useActs();
  const { register, handleSubmit, formState } = useTyped(REASON, { reason: "" });
  const decide = (verdict: Verdict) =>
    handleSubmit(async ({ reason }) => {
      await perform({
        path: "/api/items/decide",
        body: { verdict, items: [item.id], reason },
        done: VERDICTS[verdict].told(shortName(item)),
      });
      onDone?.();
    });
  return (
    <form
      className="flex flex-col gap-2"
      noValidate
      onSubmit={quietly(decide(verdicts[0] ?? "quarantine"))}
    >
      <TextField
        label="Because"
        hint="stands in the history"
        maxLength={200}
        fault={formState.errors.reason?.message}
        {...register("reason")}
      />
      <div className="flex flex-wrap gap-2">
        {verdicts.map((verdict) => (
          <Button
            key={verdict}
            kind={verdict === "discard" ? "stop" : "outlined"}
            disabled={formState.isSubmitting}
            onClick={(event) => quietly(decide(verdict))(event)}
          >
            {VERDICTS[verdict].act}
          </Button>
        ))}
      </div>
    </form>
  );
}

import { Button } from "./Button";

type ChangedElsewhereProps = { what: string; onKeepMine: () => void; onTakeTheirs: () => void };

/** Somebody changed it in between: what was typed here is still here. */
export function ChangedElsewhere({ what, onKeepMine, onTakeTheirs }: ChangedElsewhereProps) {
  return (
    <div role="alert" className="flex flex-col gap-2 rounded-md border-2 border-stop p-4">
      <p>
        This {what} was changed somewhere else while you were writing. Nothing was saved, and what
        you wrote is still here.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={onKeepMine}>Save mine over it</Button>
        <Button onClick={onTakeTheirs}>Show what it is now</Button>
      </div>
    </div>
  );
}

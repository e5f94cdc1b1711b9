import { z } from "zod";
import { useActs } from "../../api/acts";
import { useBookings } from "../../api/booking";
import type { Item } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { fieldsOf, neededWord, quietly, useTyped } from "../../parts/typed";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { placePath, shortName } from "../../words/items";

const LIFTED = z.object({ to: neededWord("Choose where it goes."), person: z.string() });

type LiftOutProps = { item: Item; open: boolean; onClose: () => void };

/** Takes a pan along for one face; its slot waits for it. */
export function LiftOut({ item, open, onClose }: LiftOutProps) {
  const { perform } = useActs();
  const places = usePlaces();
  const today = useToday();
  const faces = [
    ...new Set(
      (useBookings().data ?? [])
        .filter((booking) => booking.lastDay >= today)
        .flatMap((booking) => booking.faces.map((face) => face.name)),
    ),
  ];
  const form = useTyped(LIFTED, { to: "", person: "" });
  const field = fieldsOf(form);
  const lift = form.handleSubmit(async ({ to, person }) => {
    await perform({
      path: `/api/items/${item.id}/lift-out`,
      body: { to, person },
      done: `Lifted ${shortName(item)} out${person ? ` for ${person}` : ""}.`,
    });
    onClose();
  });
  return (
    <Sheet title={`Lift ${shortName(item)} out`} open={open} onOpenChange={onClose}>
      <form className="flex flex-col gap-4" onSubmit={quietly(lift)}>
        <SelectField
          label="It goes to"
          empty="Choose a place"
          choices={[...places.keys()]
            .filter((id) => id !== item.now)
            .map((id) => ({ value: id, word: placePath(id, places) }))}
          {...field("to")}
        />
        <TextField
          label="For whom"
          hint="or leave it open"
          list="faces-ahead"
          {...field("person")}
        />
        <datalist id="faces-ahead">
          {faces.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
        <Button kind="solid" type="submit">
          Lift out
        </Button>
      </form>
    </Sheet>
  );
}

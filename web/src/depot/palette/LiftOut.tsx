import { useState } from "react";
import { useActs } from "../../api/acts";
import { useBookings } from "../../api/booking";
import type { Item } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { useToday } from "../../api/session";
import { Button } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { placePath, shortName } from "../../words/items";

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
  const [to, setTo] = useState("");
  const [person, setPerson] = useState("");
  const lift = async () => {
    await perform({
      path: `/api/items/${item.id}/lift-out`,
      body: { to, person },
      done: `Lifted ${shortName(item)} out${person ? ` for ${person}` : ""}.`,
    });
    onClose();
  };
  return (
    <Sheet title={`Lift ${shortName(item)} out`} open={open} onOpenChange={onClose}>
      <div className="flex flex-col gap-4">
        <SelectField
          label="It goes to"
          empty="Choose a place"
          value={to}
          choices={[...places.keys()]
            .filter((id) => id !== item.now)
            .map((id) => ({ value: id, word: placePath(id, places) }))}
          onChange={(event) => setTo(event.target.value)}
        />
        <TextField
          label="For whom"
          hint="or leave it open"
          list="faces-ahead"
          value={person}
          onChange={(event) => setPerson(event.target.value)}
        />
        <datalist id="faces-ahead">
          {faces.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
        <Button kind="solid" disabled={!to} onClick={() => void lift().catch(() => {})}>
          Lift out
        </Button>
      </div>
    </Sheet>
  );
}

import { useEffect, useState } from "react";
import { Link } from "react-router";
import type { Item } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { Marks } from "../../parts/Marks";
import { Swatch } from "../../parts/Swatch";
import { Button } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { fullName, kindOf, placeChoices } from "../../words/items";
import { leftOf, mass } from "../../words/quantities";
import { useMoving } from "../item/useMoving";

/** The piece that was chosen in an open case: what it is, and where else it may go. */
export function ChosenPiece({ item }: { item: Item | undefined }) {
  const places = usePlaces();
  const move = useMoving();
  const [to, setTo] = useState("");
  // biome-ignore lint/correctness/useExhaustiveDependencies: another piece, another question.
  useEffect(() => setTo(""), [item?.id]);
  if (!item) {
    return (
      <p className="text-soft">
        Choose a piece to see what it is. Drag it to another compartment, or choose it and say where
        it goes.
      </p>
    );
  }
  return (
    <div className="flex flex-col gap-3 border-ink border-t pt-3">
      <div className="flex items-center gap-3">
        <Swatch item={item} />
        <Link to={`/kit/items/${item.id}`} className="min-w-0 font-semibold hover:underline">
          {fullName(item)}
        </Link>
        <span className="ml-auto">
          <Marks item={item} />
        </span>
      </div>
      <p className="text-soft">
        {kindOf(item)}, {leftOf(item)}, {mass(item.massG)}
        {item.product.measures.estimated && !item.decant && " (estimated)"}
      </p>
      <div className="flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <SelectField
            label="Move it to"
            empty="Choose a place"
            value={to}
            choices={placeChoices(places)}
            onChange={(event) => setTo(event.target.value)}
          />
        </div>
        <Button disabled={!to} onClick={() => void move(item, to)}>
          Move there
        </Button>
      </div>
      {item.home && item.home !== item.now && (
        <Button onClick={() => void move(item, item.home ?? "")}>
          Put it away in {places.get(item.home)?.name}
        </Button>
      )}
    </div>
  );
}

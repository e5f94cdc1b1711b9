import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { useOpenPlaces, usePlaceList, usePlaces } from "../../api/kit";
import { LiftingArea } from "../../parts/lifting";
import { OpenCase } from "../../parts/OpenCase";
import { Sentence } from "../../parts/Sentence";
import { Button } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { count } from "../../words/codes";
import { fullName, placePath } from "../../words/items";
import { mass } from "../../words/quantities";
import { useMoving } from "../item/useMoving";
import { ChosenPiece } from "./ChosenPiece";
import { Findings } from "./PlaceView";

/** Several bags laid open beside each other, to move things between them. */
export function BagsView() {
  const [search, setSearch] = useSearchParams();
  const places = usePlaces();
  const { places: list } = usePlaceList();
  const asked = search.getAll("place").filter((id) => places.has(id));
  const carried = list.filter((place) => place.portable && !place.parent).map((one) => one.id);
  const shown = asked.length > 0 ? asked : carried.slice(0, 2);
  const { open } = useOpenPlaces(shown);
  const items = useMemo(
    () => new Map(open.flatMap((one) => one.items).map((item) => [item.id, item])),
    [open],
  );
  const move = useMoving();
  const [chosen, setChosen] = useState<string | null>(null);
  const [close, setClose] = useState<string | null>(null);
  const show = (ids: string[]) =>
    setSearch(new URLSearchParams(ids.map((id) => ["place", id])), { replace: true });
  const total = open.reduce((sum, one) => sum + one.tray.mass.grams, 0);
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {open.length === 0
          ? "Choose two bags to lay them beside each other."
          : `${open.map((one) => one.tray.name).join(" and ")}: ${count(items.size, "item")}, ${mass(total)} together.`}
      </Sentence>
      <div className="flex flex-wrap items-end gap-2">
        <SelectField
          label="Lay another beside"
          empty="Choose a place"
          value=""
          choices={list
            .filter((place) => !shown.includes(place.id))
            .map((place) => ({ value: place.id, word: placePath(place.id, places) }))}
          onChange={(event) => show([...shown, event.target.value])}
        />
        {shown.length > 1 &&
          shown.map((id) => (
            <Button
              key={id}
              kind="bare"
              onClick={() => show(shown.filter((other) => other !== id))}
            >
              Close {places.get(id)?.name}
            </Button>
          ))}
      </div>
      <LiftingArea
        onDrop={(item, to) => {
          const thing = items.get(item);
          if (thing) void move(thing, to);
        }}
      >
        <div
          className="grid items-start gap-6 max-hand:grid-cols-1"
          style={{ gridTemplateColumns: columns(open.map((one) => one.tray.box.width)) }}
        >
          {open.map((one) => (
            <OpenCase
              key={one.tray.place}
              tray={one.tray}
              items={items}
              chosen={chosen}
              nameOf={fullName}
              onChoose={setChosen}
              zoom={close}
              onZoom={setClose}
              beside={Math.max(...open.map((other) => other.tray.box.width))}
              canLift
            />
          ))}
        </div>
      </LiftingArea>
      <div className="grid grid-cols-2 gap-8 max-hand:grid-cols-1">
        <ChosenPiece item={items.get(chosen ?? "")} />
        <Findings findings={open.flatMap((one) => one.findings)} items={items} />
      </div>
    </div>
  );
}

/** Beside each other in one scale; no bag so narrow that it cannot be read. */
function columns(widths: number[]): string | undefined {
  const most = Math.max(...widths, 1);
  return window.matchMedia("(max-width: 640px)").matches
    ? undefined
    : widths.map((width) => `minmax(0, ${Math.max(width, most * 0.35)}fr)`).join(" ");
}

import { useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { OpenCase } from "../frame/OpenCase";
import { Counted, Sentence } from "../frame/Sentence";
import { buttonLook } from "../ui/Button";
import { count, word } from "../words/codes";
import { fullName, placePath } from "../words/items";
import { mass, share } from "../words/quantities";
import { useKit, useOpenCase, usePlaces } from "./queries";

/** One place, laid open. */
export function PlaceView() {
  const { id = "" } = useParams();
  const open = useOpenCase(id);
  const kit = useKit();
  const places = usePlaces();
  const navigate = useNavigate();
  const [chosen, setChosen] = useState<string | null>(null);
  const items = useMemo(
    () => new Map((kit.data?.items ?? []).map((item) => [item.id, item])),
    [kit.data],
  );
  const place = places.get(id);
  if (open.error) return <Sentence>{open.error.message}</Sentence>;
  if (!open.data || !place) return <p className="text-soft">Opening…</p>;
  const tray = open.data;
  const pieces = countPieces(tray);
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {placePath(id, places)}: <Counted to={`/kit?place=${id}`}>{count(pieces, "thing")}</Counted>
        , {mass(tray.mass.grams)}
        {tray.greatestMass && ` of ${mass(tray.greatestMass.grams)}`}
        {tray.fill !== null && `, ${share(tray.fill)} full`}.
      </Sentence>
      <div className="flex flex-wrap gap-2">
        <Link to={`/kit/places/${id}/edit`} className={buttonLook()}>
          Change this {word(place.kind)}
        </Link>
        <Link to={`/kit/places/new?in=${id}`} className={buttonLook()}>
          Add a place in it
        </Link>
      </div>
      <div className="max-w-[54rem]">
        <OpenCase
          tray={tray}
          items={items}
          chosen={chosen}
          nameOf={fullName}
          onChoose={(item) => {
            setChosen(item);
            navigate(`/kit/items/${item}`);
          }}
        />
      </div>
      {pieces === 0 && (
        <p className="text-soft">Nothing lies here. Move a thing here from its sheet.</p>
      )}
    </div>
  );
}

function countPieces(tray: { pieces: unknown[]; trays: (typeof tray)[] }): number {
  return tray.pieces.length + tray.trays.reduce((sum, inner) => sum + countPieces(inner), 0);
}

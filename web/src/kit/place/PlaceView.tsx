import { useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import type { OpenPlace, Place, Schemas } from "../../api/client";
import { useOpenPlaces, usePlaceSheet, usePlaces } from "../../api/kit";
import { HistoryList } from "../../parts/HistoryList";
import { LiftingArea } from "../../parts/lifting";
import { OpenCase } from "../../parts/OpenCase";
import { Counted, Sentence } from "../../parts/Sentence";
import { useScans } from "../../scan/scans";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { caseFindingWords } from "../../words/cases";
import { count, word } from "../../words/codes";
import { fullName, placePath } from "../../words/items";
import { mass, share } from "../../words/quantities";
import { PLACE_USES } from "../../words/trailer";
import { beginCount } from "../count/counting";
import { useMoving } from "../item/useMoving";
import { ChosenPiece } from "./ChosenPiece";
import { SetContents } from "./SetContents";

/** One place, laid open. */
export function PlaceView() {
  const { id = "" } = useParams();
  const { open, error } = useOpenPlaces([id]);
  const sheet = usePlaceSheet(id);
  if (error) return <Sentence>{error.message}</Sentence>;
  const opened = open[0];
  if (!opened || !sheet.data) return <p className="text-soft">Opening…</p>;
  return <Opened key={id} opened={opened} sheet={sheet.data} />;
}

function Opened({ opened, sheet }: { opened: OpenPlace; sheet: Schemas["PlaceSheet"] }) {
  const { tray, findings } = opened;
  const { place } = sheet;
  const places = usePlaces();
  const move = useMoving();
  const [search, setSearch] = useSearchParams();
  const [chosen, setChosen] = useState<string | null>(null);
  const items = useMemo(() => new Map(opened.items.map((item) => [item.id, item])), [opened.items]);
  // Scan a thing here, and it goes here.
  useScans((scan) => {
    const item = scan.items[0];
    if (scan.kind !== "item" || !item) return false;
    void move(item, place.id);
    return true;
  }, `Scan items: they go into ${place.name}.`);
  return (
    <div className="flex flex-col gap-5">
      <Sentence>
        {placePath(place.id, places)}:{" "}
        <Counted to={`/kit?place=${place.id}`}>{count(tray.count, "item")}</Counted>,{" "}
        {mass(tray.mass.grams)}
        {tray.greatestMass && ` of ${mass(tray.greatestMass.grams)}`}
        {tray.fill !== null && `, ${share(tray.fill)} full`}.{" "}
        {findings.length > 0 && (
          <Counted to="#findings" state="stop">
            {findings.length === 1 ? "One item doesn’t" : `${findings.length} items don’t`} match.
          </Counted>
        )}
      </Sentence>
      <Doing place={place} openCount={sheet.openCount} />
      <LiftingArea
        onDrop={(item, to) => {
          const thing = items.get(item);
          if (thing) void move(thing, to);
        }}
      >
        <div className="grid grid-cols-[minmax(0,54rem)_minmax(17rem,1fr)] items-start gap-8 max-hand:grid-cols-1">
          <OpenCase
            tray={tray}
            items={items}
            chosen={chosen}
            nameOf={fullName}
            onChoose={setChosen}
            zoom={search.get("close")}
            onZoom={(close) => setSearch(close ? { close } : {}, { replace: true })}
            canLift
          />
          <div className="flex flex-col gap-6">
            <ChosenPiece item={items.get(chosen ?? "")} />
            <Findings findings={findings} items={items} />
            <Facts place={place} />
            <SetContents place={place} />
          </div>
        </div>
      </LiftingArea>
      {tray.count === 0 && (
        <p className="text-soft">
          Nothing lies here. Scan items while this is open, or move them here from their own pages.
        </p>
      )}
      <HistoryList thing={sheet.place.id} history={sheet.history} />
    </div>
  );
}

type FindingsProps = { findings: OpenPlace["findings"]; items: Map<string, OpenPlace["items"][0]> };

export function Findings({ findings, items }: FindingsProps) {
  const places = usePlaces();
  if (!findings.length) return null;
  return (
    <section id="findings" aria-label="What does not match" className="scroll-mt-4">
      <h2 className="border-stop border-b pb-1 font-semibold">Does not match</h2>
      <ul>
        {findings.map((finding) => (
          <li key={JSON.stringify(finding)} className="border-hair border-b py-1.5 text-[0.92rem]">
            {caseFindingWords(finding, items, places)}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is known of the place besides what lies in it. */
function Facts({ place }: { place: Place }) {
  const places = usePlaces();
  const told = [
    `${word(place.kind)}, code ${place.code.slice(0, 3)} ${place.code.slice(3)}`,
    place.innerWidthMm &&
      `inside ${place.innerWidthMm} × ${place.innerDepthMm ?? "?"} × ${place.innerHeightMm ?? "?"} mm${place.estimated ? ", estimated" : ""}`,
    place.slots && count(place.slots.count, "slot"),
    place.sealed && "closes tightly",
    place.windowed && "has a window",
    place.worn && "worn on the body",
    place.use && `for ${PLACE_USES[place.use]}`,
    place.performer && `section of ${place.performer}`,
    place.allowed.length > 0 && `only for ${place.allowed.map(word).join(", ")}`,
    place.home && place.home !== place.parent && `belongs in ${placePath(place.home, places)}`,
    place.cleanliness === "used" && "to be emptied and wiped",
    place.cleanliness === "drying" && "stands open to dry",
    place.note,
  ].filter(Boolean);
  return (
    <ul className="text-soft">
      {told.map((text) => (
        <li key={String(text)}>{text}</li>
      ))}
      {place.thing && (
        <li>
          <Link to={`/kit/items/${place.thing}`} className="underline">
            It is also an item of the kit
          </Link>
        </li>
      )}
    </ul>
  );
}

function Doing({ place, openCount }: { place: Place; openCount: string | null }) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const places = usePlaces();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [to, setTo] = useState(place.parent ?? "");
  const move = async (target: string | null) => {
    await perform({
      path: `/api/places/${place.id}/move`,
      body: { to: target },
      done: `Moved ${place.name} with all it holds.`,
    });
    setAsking(false);
  };
  const isUsed = () =>
    perform({
      path: `/api/places/${place.id}/used`,
      done: `${place.name} is to be emptied and wiped.`,
    });
  const countIt = async () => {
    try {
      await beginCount(place.id);
      await queries.invalidateQueries({ queryKey: ["place", place.id] });
    } finally {
      // What went wrong is told there, where it can be begun again.
      navigate(`/kit/places/${place.id}/count`);
    }
  };
  const remove = async () => {
    await perform({ path: `/api/places/${place.id}/remove`, done: `Removed ${place.name}.` });
    navigate("/kit");
  };
  return (
    <div className="flex flex-wrap gap-2">
      {openCount ? (
        <Link to={`/kit/places/${place.id}/count`} className={buttonLook("solid")}>
          Continue counting
        </Link>
      ) : (
        <Button kind="solid" onClick={() => void countIt().catch(() => {})}>
          Count it
        </Button>
      )}
      {place.home && place.home !== place.parent && (
        <Button onClick={() => void move(place.home).catch(() => {})}>
          Put it away in {places.get(place.home)?.name}
        </Button>
      )}
      <Button onClick={() => setAsking(true)}>Move it</Button>
      <Link to={`/kit/places/${place.id}/walk`} className={buttonLook()}>
        Go through it
      </Link>
      {place.slots && (
        <Link to={`/bench/palettes/${place.id}`} className={buttonLook()}>
          Its slots
        </Link>
      )}
      <Link to={`/kit/bags?place=${place.id}`} className={buttonLook()}>
        Beside another
      </Link>
      <Link to={`/kit/labels?inside=${place.id}`} className={buttonLook()}>
        Labels
      </Link>
      <Link to={`/kit/places/${place.id}/edit`} className={buttonLook()}>
        Edit
      </Link>
      <Link to={`/kit/lines?place=${place.id}`} className={buttonLook()}>
        Add items here
      </Link>
      <Link to={`/kit/places/new?in=${place.id}`} className={buttonLook()}>
        Add a place in it
      </Link>
      {place.carrier && place.cleanliness !== "used" && (
        <Button onClick={() => void isUsed().catch(() => {})}>It is to be cleaned</Button>
      )}
      <Button kind="bare" onClick={() => void remove().catch(() => {})}>
        Remove this place
      </Button>
      <Sheet title={`Move ${place.name}`} open={asking} onOpenChange={() => setAsking(false)}>
        <div className="flex flex-col gap-4">
          <p className="text-soft">Everything in it moves with it.</p>
          <SelectField
            label="Into"
            empty="nothing: it stands on its own"
            value={to}
            choices={[...places.keys()]
              .filter((one) => one !== place.id)
              .map((one) => ({ value: one, word: placePath(one, places) }))}
            onChange={(event) => setTo(event.target.value)}
          />
          <Button kind="solid" onClick={() => void move(to || null).catch(() => {})}>
            Move there
          </Button>
        </div>
      </Sheet>
    </div>
  );
}

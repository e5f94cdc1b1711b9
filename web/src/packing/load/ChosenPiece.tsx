import { useActs } from "../../api/acts";
import { type LoadPiece, type LoadPlan, type LoadRoom, useFits } from "../../api/load";
import { Button } from "../../ui/Button";
import { Chip } from "../../ui/Chip";
import { SelectField } from "../../ui/Field";
import { shortName } from "../../words/items";
import { cornerWord, OBSTACLES, postureWord, REASONS, roomName } from "../../words/load";
import { mass } from "../../words/quantities";

type ChosenProps = { booking: string; plan: LoadPlan; piece: LoadPiece };

/** One piece: where it lies, why, and what else can be done with it. */
export function ChosenPiece({ booking, plan, piece }: ChosenProps) {
  const { perform } = useActs();
  const rooms = plan.bags.flatMap((bag) => bag.rooms.map((room) => ({ bag, room })));
  const at = rooms.find(({ room }) => room.id === piece.compartment);
  const home = rooms.find(({ room }) => room.id === piece.usual);
  const isMoved = at && home && at.room.id !== home.room.id;
  const name = shortName(piece.item);
  const quiet = (act: Promise<unknown>) => void act.catch(() => {});
  return (
    <section aria-label={name} className="flex flex-col gap-2">
      <h2 className="font-semibold text-lg">
        {piece.order !== null && <span className="text-soft">{piece.order}. </span>}
        {name}
      </h2>
      {at && (
        <p>
          {at.bag.name}, <b>{roomName(at.room)}</b>: {postureWord(piece)},{" "}
          {cornerWord(piece, at.room)}.
        </p>
      )}
      <p className="text-soft">
        {piece.widthMm} x {piece.depthMm} x {piece.heightMm} mm, {mass(piece.massG)}
        {piece.estimated && ", measures estimated: it may need more room"}
      </p>
      <p className="flex flex-wrap gap-1">
        {piece.reasons.map((reason) => (
          <Chip key={reason} word={REASONS[reason][0]}>
            {REASONS[reason][1]}
          </Chip>
        ))}
      </p>
      {isMoved && <NotHome booking={booking} piece={piece} home={home.room} />}
      {!piece.packed && (
        <SelectField
          label="Lay it elsewhere"
          value=""
          choices={[
            { value: "", word: "choose a compartment" },
            ...rooms
              .filter(({ room }) => room.id !== piece.compartment && !room.closed)
              .map(({ bag, room }) => ({
                value: room.id,
                word: `${bag.name}, ${room.slot === null ? roomName(room) : room.name}`,
              })),
          ]}
          onChange={(event) => {
            const compartment = event.target.value;
            const to = rooms.find(({ room }) => room.id === compartment);
            if (!to) return;
            quiet(
              perform({
                path: `/api/bookings/${booking}/load/move`,
                body: { item: piece.item.id, compartment },
                done: `${name} goes into ${roomName(to.room)}.`,
              }),
            );
          }}
        />
      )}
      <span className="flex flex-wrap gap-2">
        {!piece.packed && piece.compartment && (
          <Button
            onClick={() =>
              quiet(
                perform({
                  path: `/api/bookings/${booking}/load/pin`,
                  body: {
                    item: piece.item.id,
                    compartment: piece.pinned ? null : piece.compartment,
                  },
                  done: piece.pinned ? `${name} may lie anywhere.` : `${name} stays there.`,
                }),
              )
            }
          >
            {piece.pinned ? "Let it lie anywhere" : "Keep it here"}
          </Button>
        )}
      </span>
    </section>
  );
}

/** What stood against its usual place. */
function NotHome({ booking, piece, home }: { booking: string; piece: LoadPiece; home: LoadRoom }) {
  const fits = useFits(booking, piece.item.id, home.id);
  return (
    <p className="text-soon">
      Usually in {roomName(home)}
      {fits && `: ${fits.obstacle ? OBSTACLES[fits.obstacle] : "it would fit there now"}`}.
    </p>
  );
}

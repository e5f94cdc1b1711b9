import { useState } from "react";
import { useActs } from "../../api/acts";
import type { Piece, Session } from "../../api/depot";
import { Sentence } from "../../parts/Sentence";
import { Swatch } from "../../parts/Swatch";
import { useStance } from "../../parts/stance";
import { Button } from "../../ui/Button";
import { Progress } from "../../ui/Progress";
import { count } from "../../words/codes";
import { stopwatch } from "../../words/depot";
import { shortName } from "../../words/items";
import { amount, minutes } from "../../words/quantities";
import { PieceCard } from "./PieceCard";

/** Working through a session: one container at a time, its clock, its caution, one large button. */
export function WorkView({ session }: { session: Session }) {
  const stance = useStance();
  const { perform } = useActs();
  const [picked, setPicked] = useState<string | null>(null);
  const open = session.pieces.filter(isOpen);
  const done = session.pieces.filter((piece) => piece.state === "done");
  const working = session.pieces.find((piece) => piece.state === "working");
  const current = open.find((piece) => piece.id === picked) ?? working ?? open[0] ?? null;
  const path = `/api/bench/sessions/${session.id}`;
  const act = (what: string, told: string) =>
    void perform({ path: `${path}/${what}`, done: told }).catch(() => {});
  const isPaused = session.state === "paused";
  return (
    <div className="flex flex-col gap-5 max-hand:gap-4 max-hand:pb-44">
      <WorkSentence session={session} open={open} done={done.length} />
      <Progress label="Filled" done={done.length} all={session.pieces.length} />
      {done.length === 0 && !isPaused && (
        <p className="text-soft">
          First a clean table and clean hands; empties wiped with 70 % alcohol and dry.
        </p>
      )}
      {isPaused ? (
        <div className="flex flex-col items-start gap-3">
          <p>The session is paused and the clocks have stopped. Continue whenever you like.</p>
          <Button kind="solid" onClick={() => act("resume", "Continued the session.")}>
            Continue
          </Button>
        </div>
      ) : (
        <div className="grid grid-cols-[minmax(0,34rem)_minmax(0,1fr)] items-start gap-10 max-hand:grid-cols-1 max-hand:gap-4">
          {current ? (
            <PieceCard
              key={current.id}
              session={session}
              piece={current}
              onDone={() => setPicked(null)}
            />
          ) : (
            <ClearAway onFinish={() => act("finish", "Cleared up the bench.")} />
          )}
          <div className="flex flex-col gap-5">
            <Line
              title="Then"
              pieces={open.filter((piece) => piece !== current)}
              onPick={setPicked}
            />
            <DoneLine pieces={done} />
            <LeftOut
              pieces={session.pieces.filter((piece) => piece.state === "left-out")}
              path={path}
            />
            <div className="flex flex-wrap gap-2">
              <Button onClick={() => act("pause", "Paused the session.")}>
                Pause for another day
              </Button>
              {current && (
                <Button kind="bare" onClick={() => act("finish", "Cleared up the bench.")}>
                  {stance === "hand" ? "Skip the rest" : "Skip the rest and clear up"}
                </Button>
              )}
            </div>
          </div>
        </div>
      )}
    </div>
  );
}

const isOpen = (piece: Piece) => piece.state === "waiting" || piece.state === "working";

type WorkSentenceProps = { session: Session; open: Piece[]; done: number };

function WorkSentence({ session, open, done }: WorkSentenceProps) {
  const left = open.reduce((sum, piece) => sum + piece.usualMinutes + 1, 0);
  if (open.length === 0) {
    return <Sentence>All done: {count(done, "container")} filled and labelled.</Sentence>;
  }
  return (
    <Sentence>
      {done} of {session.pieces.length} filled. {open.length === 1 ? "One" : open.length} to go,
      about {minutes(left)}.
    </Sentence>
  );
}

function ClearAway({ onFinish }: { onFinish: () => void }) {
  return (
    <section className="flex flex-col gap-3 rounded-md border-2 border-ink bg-paper p-4">
      <h2 className="font-semibold font-voice text-2xl leading-tight">Clean up</h2>
      <p>Wipe the table and the tools with 70 % alcohol, let them dry, close every pack.</p>
      <Button kind="solid" size="thumb" onClick={onFinish}>
        Cleared up
      </Button>
    </section>
  );
}

type LineProps = { title: string; pieces: Piece[]; onPick: (piece: string) => void };

function Line({ title, pieces, onPick }: LineProps) {
  if (pieces.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="border-ink border-b pb-1 font-semibold">{title}</h2>
      <ul>
        {pieces.map((piece) => (
          <li key={piece.id} className="border-hair border-b">
            <button
              type="button"
              onClick={() => onPick(piece.id)}
              className="flex min-h-10 w-full items-center gap-3 py-1 text-left hover:bg-lit max-hand:min-h-11 max-hand:flex-wrap max-hand:gap-x-3 max-hand:gap-y-0"
            >
              <Swatch item={piece.source} size="small" />
              <span className="min-w-0 flex-1 truncate">{shortName(piece.source)}</span>
              <span className="text-soft text-sm max-hand:w-full max-hand:pl-9">
                {amount(piece.amount, piece.source.product.unit)} into {piece.emptyName}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is done, each with its own undo. */
function DoneLine({ pieces }: { pieces: Piece[] }) {
  const { undo } = useActs();
  if (pieces.length === 0) return null;
  return (
    <section aria-label="Done">
      <h2 className="border-ink border-b pb-1 font-semibold">Done</h2>
      <ul>
        {pieces.map((piece) => (
          <li key={piece.id} className="flex items-center gap-3 border-hair border-b py-1">
            <Swatch item={piece.source} size="small" />
            <span className="min-w-0 flex-1 truncate">{shortName(piece.source)}</span>
            <span className="text-soft text-sm">{stopwatch(piece.seconds)}</span>
            {piece.finishedBy && (
              <button
                type="button"
                aria-label={`Undo ${shortName(piece.source)}`}
                className="min-h-9 px-2 underline max-hand:min-h-11"
                onClick={() => undo(piece.finishedBy ?? "")}
              >
                undo
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function LeftOut({ pieces, path }: { pieces: Piece[]; path: string }) {
  const { perform } = useActs();
  if (pieces.length === 0) return null;
  return (
    <section aria-label="Left out">
      <h2 className="border-hair border-b pb-1 font-semibold text-soft">Left out</h2>
      <ul>
        {pieces.map((piece) => (
          <li key={piece.id} className="flex items-center gap-3 border-hair border-b py-1">
            <span className="min-w-0 flex-1 truncate text-soft">{shortName(piece.source)}</span>
            <button
              type="button"
              className="min-h-9 px-2 underline max-hand:min-h-11"
              onClick={() =>
                void perform({
                  path: `${path}/pieces/${piece.id}/pick-up`,
                  done: `Picked up ${shortName(piece.source)} after all.`,
                }).catch(() => {})
              }
            >
              do it after all
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

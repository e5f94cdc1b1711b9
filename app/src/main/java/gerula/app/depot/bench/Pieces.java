package gerula.app.depot.bench;

import gerula.app.depot.bench.SessionStore.PieceState;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The pieces of a session and their clocks. Everything here is part of an act. */
@Component
class Pieces {

  /** A piece lies about for longer only when nobody works at it. */
  private static final Duration LONGEST = Duration.ofHours(1);

  private final SessionStore store;
  private final Clock clock;

  Pieces(SessionStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /** Stops the clocks of all pieces, but for one. */
  void putDownAll(Act act, UUID session, @Nullable UUID but) {
    for (StoredPiece piece : store.pieces(session)) {
      if (piece.state() == PieceState.WORKING && !piece.id().equals(but)) {
        save(act, piece.now(PieceState.WAITING, null, worked(piece)));
      }
    }
  }

  /** Seconds worked at a piece up to now. */
  int worked(StoredPiece piece) {
    Instant begun = piece.begunAt();
    if (begun == null) {
      return piece.seconds();
    }
    Duration since = Duration.between(begun, clock.instant());
    Duration counted = since.compareTo(LONGEST) > 0 ? LONGEST : since;
    return piece.seconds() + (int) Math.max(0, counted.toSeconds());
  }

  void save(Act act, StoredPiece piece) {
    act.touch(ThingKind.BENCH_PIECE_THING, piece.id(), () -> store.save(piece));
  }
}

package gerula.app.depot.bench;

import gerula.app.depot.bench.SessionStore.Mishap;
import gerula.app.depot.bench.SessionStore.PieceState;
import gerula.app.depot.bench.SessionStore.State;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.depot.bench.SessionStore.StoredSession;
import gerula.app.depot.empties.Empties;
import gerula.app.depot.lineage.Decants;
import gerula.app.kit.Kit;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.Obstacles;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Quantity;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Working through a session, piece by piece. */
@Component
class Working {

  /** What the act is called that finishes a piece. */
  static final String FINISHED = "filled";

  private final Sessions sessions;
  private final SessionStore store;
  private final Pieces pieces;
  private final Decants decants;
  private final Empties empties;
  private final Kit kit;
  private final Handling handling;
  private final Ledger ledger;
  private final WorkspaceTime time;
  private final Clock clock;

  Working(
      Sessions sessions,
      SessionStore store,
      Pieces pieces,
      Decants decants,
      Empties empties,
      Kit kit,
      Handling handling,
      Ledger ledger,
      WorkspaceTime time,
      Clock clock) {
    this.sessions = sessions;
    this.store = store;
    this.pieces = pieces;
    this.decants = decants;
    this.empties = empties;
    this.kit = kit;
    this.handling = handling;
    this.ledger = ledger;
    this.time = time;
    this.clock = clock;
  }

  /** Picks a piece up: its clock runs. One is worked at at a time. */
  void pickUp(SignedIn who, UUID actId, UUID id, UUID pieceId) {
    ledger.perform(
        who,
        actId,
        "picked-up",
        act -> {
          StoredPiece piece = open(id, pieceId);
          pieces.putDownAll(act, id, pieceId);
          pieces.save(act, piece.now(PieceState.WORKING, clock.instant(), pieces.worked(piece)));
        });
  }

  /**
   * What came of a piece.
   *
   * @param amount that went in, in the unit of the product
   * @param place where the filled container belongs, null for its source's home
   * @param openedOn the day the source was opened, to be told when it was sealed until now
   */
  record Filled(
      UUID newItem,
      BigDecimal amount,
      @Nullable UUID place,
      @Nullable Integer slot,
      @Nullable LocalDate openedOn) {}

  /** The piece is filled and labelled. */
  void fill(SignedIn who, UUID actId, UUID id, UUID pieceId, Filled filled) {
    ledger.perform(
        who,
        actId,
        FINISHED,
        Map.of(),
        act -> {
          StoredPiece piece = open(id, pieceId);
          StoredSession session = sessions.existing(id);
          decants.decant(
              act,
              new Decants.Decanting(
                  filled.newItem(),
                  piece.source(),
                  piece.empty(),
                  filled.amount(),
                  filled.place(),
                  filled.slot(),
                  isLastOf(piece) ? session.backStock() : null,
                  filled.openedOn()));
          pieces.save(act, piece.done(filled.amount(), filled.newItem(), pieces.worked(piece)));
        });
  }

  /** A pack goes to the back stock once the last container of it is filled. */
  private boolean isLastOf(StoredPiece piece) {
    return store.pieces(piece.session()).stream()
        .filter(other -> other.source().equals(piece.source()))
        .filter(other -> !other.id().equals(piece.id()))
        .noneMatch(
            other -> other.state() == PieceState.WAITING || other.state() == PieceState.WORKING);
  }

  void leaveOut(SignedIn who, UUID actId, UUID id, UUID pieceId) {
    ledger.perform(
        who,
        actId,
        "left-out",
        act -> {
          StoredPiece piece = open(id, pieceId);
          pieces.save(act, piece.now(PieceState.LEFT_OUT, null, pieces.worked(piece)));
        });
  }

  /**
   * Something was spilt or broke; the piece stays to be done.
   *
   * @param lost what was spilt of the source, in the unit of the product; null for nothing
   */
  void mishap(
      SignedIn who, UUID actId, UUID id, UUID pieceId, Mishap what, @Nullable BigDecimal lost) {
    ledger.perform(
        who,
        actId,
        what.code(),
        lost == null ? Map.of() : Map.of("lost", lost),
        act -> {
          StoredPiece piece = open(id, pieceId);
          StoredItem source = kit.inKit(piece.source());
          ItemRecord besides = new ItemRecord();
          if (what == Mishap.PACK_BROKE) {
            besides.setBrokenPackOn(time.today());
          }
          if (what == Mishap.CONTAINER_BROKE) {
            empties.takeOne(act, piece.empty());
          }
          if (lost != null || what == Mishap.PACK_BROKE) {
            handling.became(act, source, afterLosing(source.item(), lost), besides);
          }
          pieces.save(act, piece.with(what));
        });
  }

  private static Item afterLosing(Item source, @Nullable BigDecimal lost) {
    if (lost == null) {
      return source;
    }
    Faults faults = new Faults();
    Obstacles.toPouring(faults, "lost", source, lost);
    faults.refuseIfAny();
    return source.less(Quantity.of(lost, source.left().unit()));
  }

  private StoredPiece open(UUID id, UUID pieceId) {
    StoredSession session = sessions.locked(id);
    if (session.state() != State.RUNNING) {
      throw Refused.notNow(
          "not-running", "This session is not running. Go on with it, then work at its pieces.");
    }
    StoredPiece piece =
        store.pieces(id).stream()
            .filter(one -> one.id().equals(pieceId))
            .findFirst()
            .orElseThrow(() -> Refused.notThere("piece", pieceId));
    if (piece.state() == PieceState.DONE) {
      throw Refused.notNow("done-already", "This piece is done already. Undo it to do it again.");
    }
    return piece;
  }
}

package gerula.app.depot.bench;

import gerula.app.depot.bench.Planning.OnTheBench;
import gerula.app.depot.bench.Planning.Planned;
import gerula.app.depot.bench.SessionStore.Mishap;
import gerula.app.depot.bench.SessionStore.PieceState;
import gerula.app.depot.bench.SessionStore.State;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.depot.bench.SessionStore.StoredSession;
import gerula.app.depot.empties.Empties;
import gerula.app.depot.lineage.Decants;
import gerula.app.kit.Kit;
import gerula.app.kit.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.depot.DepotPlan;
import gerula.core.depot.Handling;
import gerula.core.quantity.Quantity;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Working through a session, piece by piece. */
@Component
class Working {

  /** What the act is called that finishes a piece. */
  static final String FINISHED = "filled";

  /** A piece lies about for longer only when nobody works at it. */
  private static final Duration LONGEST = Duration.ofHours(1);

  private final Sessions sessions;
  private final SessionStore store;
  private final Planning planning;
  private final Decants decants;
  private final Empties empties;
  private final Kit kit;
  private final Ledger ledger;
  private final Clock clock;

  Working(
      Sessions sessions,
      SessionStore store,
      Planning planning,
      Decants decants,
      Empties empties,
      Kit kit,
      Ledger ledger,
      Clock clock) {
    this.sessions = sessions;
    this.store = store;
    this.planning = planning;
    this.decants = decants;
    this.empties = empties;
    this.kit = kit;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** The plan as it is now becomes the work to do. */
  void begin(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "begun",
        Map.of(),
        act -> {
          StoredSession session = sessions.locked(id);
          Sessions.refuseUnlessPlanned(session);
          Planned planned = planning.plan(session);
          List<StoredPiece> pieces = pieces(id, planned);
          refuseWhatCannotBegin(planned, pieces);
          act.touch(
              ThingKind.BENCH_SESSION_THING,
              id,
              () -> store.save(session.now(State.RUNNING, clock.instant(), null)));
          pieces.forEach(piece -> save(act, piece));
        });
  }

  private static void refuseWhatCannotBegin(Planned planned, List<StoredPiece> pieces) {
    planned.packs().stream()
        .filter(one -> one.fault() != null)
        .findFirst()
        .ifPresent(
            one -> {
              throw Refused.notNow(
                  "choice-impossible",
                  one.stored().item().product().name()
                      + ": "
                      + one.fault()
                      + " Change that row, then begin.");
            });
    if (pieces.isEmpty()) {
      throw Refused.notNow(
          "nothing-to-do",
          "Nothing would be filled: choose packs for which there are suitable empties.");
    }
  }

  private static List<StoredPiece> pieces(UUID session, Planned planned) {
    List<StoredPiece> pieces = new ArrayList<>();
    for (String pack : planned.plan().order()) {
      OnTheBench one =
          planned.packs().stream()
              .filter(packs -> packs.pack().id().equals(pack))
              .findFirst()
              .orElseThrow();
      planned.plan().pieces().stream()
          .filter(piece -> piece.pack().equals(pack))
          .forEach(piece -> addPieces(session, planned, one, piece, pieces));
    }
    return pieces;
  }

  private static void addPieces(
      UUID session,
      Planned planned,
      OnTheBench one,
      DepotPlan.Piece piece,
      List<StoredPiece> pieces) {
    for (int i = 0; i < piece.count(); i++) {
      pieces.add(
          new StoredPiece(
              UUID.randomUUID(),
              session,
              pieces.size() + 1,
              one.stored().id(),
              planned.empties().get(piece.empty()).id(),
              one.bench().ofMl(piece.fillMl()).amount(),
              Handling.of(one.pack().content()),
              PieceState.WAITING,
              null,
              0,
              null,
              null,
              0));
    }
  }

  /** Puts everything down; nothing is lost, and the clocks stand still. */
  void pause(SignedIn who, UUID actId, UUID id) {
    changeState(who, actId, id, "paused", State.RUNNING, State.PAUSED);
  }

  void resume(SignedIn who, UUID actId, UUID id) {
    changeState(who, actId, id, "resumed", State.PAUSED, State.RUNNING);
  }

  /** Everything that is still waiting is left out. */
  void finish(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "cleared-away",
        Map.of(),
        act -> {
          StoredSession session = sessions.locked(id);
          if (session.state() == State.PLANNED || session.state() == State.DONE) {
            throw Refused.notNow("not-under-way", "This session is not under way.");
          }
          for (StoredPiece piece : store.pieces(id)) {
            if (piece.state() == PieceState.WAITING || piece.state() == PieceState.WORKING) {
              save(act, piece.now(PieceState.LEFT_OUT, null, worked(piece)));
            }
          }
          act.touch(
              ThingKind.BENCH_SESSION_THING,
              id,
              () -> store.save(session.now(State.DONE, session.startedAt(), clock.instant())));
        });
  }

  private void changeState(SignedIn who, UUID actId, UUID id, String name, State from, State to) {
    ledger.perform(
        who,
        actId,
        name,
        Map.of(),
        act -> {
          StoredSession session = sessions.locked(id);
          if (session.state() != from) {
            throw Refused.notNow("not-under-way", "This session is not " + from.code() + " now.");
          }
          putDownAll(act, id, null);
          act.touch(
              ThingKind.BENCH_SESSION_THING,
              id,
              () -> store.save(session.now(to, session.startedAt(), null)));
        });
  }

  private void putDownAll(Act act, UUID session, @Nullable UUID but) {
    for (StoredPiece piece : store.pieces(session)) {
      if (piece.state() == PieceState.WORKING && !piece.id().equals(but)) {
        save(act, piece.now(PieceState.WAITING, null, worked(piece)));
      }
    }
  }

  /** Picks a piece up: its clock runs. One is worked at at a time. */
  void pickUp(SignedIn who, UUID actId, UUID id, UUID pieceId) {
    ledger.perform(
        who,
        actId,
        "picked-up",
        Map.of(),
        act -> {
          StoredPiece piece = open(id, pieceId);
          putDownAll(act, id, pieceId);
          save(act, piece.now(PieceState.WORKING, clock.instant(), worked(piece)));
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
          save(act, piece.done(filled.amount(), filled.newItem(), worked(piece)));
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
        Map.of(),
        act -> {
          StoredPiece piece = open(id, pieceId);
          save(act, piece.now(PieceState.LEFT_OUT, null, worked(piece)));
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
          ItemRecord changed = new ItemRecord();
          if (lost != null) {
            changed.setAmountLeft(rest(source, lost));
          }
          if (what == Mishap.PACK_BROKE) {
            changed.setBrokenPackOn(LocalDate.now(clock));
          }
          if (what == Mishap.CONTAINER_BROKE) {
            empties.takeOne(act, piece.empty());
          }
          if (lost != null || what == Mishap.PACK_BROKE) {
            kit.touch(act, source, changed);
          }
          save(act, piece.with(what));
        });
  }

  private static BigDecimal rest(StoredItem source, BigDecimal lost) {
    Quantity left = source.item().left();
    new Faults()
        .unless(
            lost.signum() > 0 && lost.scale() <= 3 && lost.compareTo(left.amount()) <= 0,
            "lost",
            "out-of-range",
            "Only " + left.amount() + " " + left.unit().code() + " were left in it.")
        .refuseIfAny();
    return left.minus(Quantity.of(lost, left.unit())).amount();
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

  private int worked(StoredPiece piece) {
    Instant begun = piece.begunAt();
    if (begun == null) {
      return piece.seconds();
    }
    Duration since = Duration.between(begun, clock.instant());
    Duration counted = since.compareTo(LONGEST) > 0 ? LONGEST : since;
    return piece.seconds() + (int) Math.max(0, counted.toSeconds());
  }

  private void save(Act act, StoredPiece piece) {
    act.touch(ThingKind.BENCH_PIECE_THING, piece.id(), () -> store.save(piece));
  }
}

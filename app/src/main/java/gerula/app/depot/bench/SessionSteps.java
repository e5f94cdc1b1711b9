package gerula.app.depot.bench;

import gerula.app.depot.bench.Planning.OnTheBench;
import gerula.app.depot.bench.Planning.Planned;
import gerula.app.depot.bench.SessionStore.PieceState;
import gerula.app.depot.bench.SessionStore.State;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.depot.bench.SessionStore.StoredSession;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.depot.bench.DepotPlan;
import gerula.core.depot.bench.Handling;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Beginning a session, putting it aside, going on with it, clearing away. */
@Component
class SessionSteps {

  private final Sessions sessions;
  private final SessionStore store;
  private final Planning planning;
  private final Pieces pieces;
  private final Ledger ledger;
  private final Clock clock;

  SessionSteps(
      Sessions sessions,
      SessionStore store,
      Planning planning,
      Pieces pieces,
      Ledger ledger,
      Clock clock) {
    this.sessions = sessions;
    this.store = store;
    this.planning = planning;
    this.pieces = pieces;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** The plan as it is now becomes the work to do. */
  void begin(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "begun",
        act -> {
          StoredSession session = sessions.locked(id);
          Sessions.refuseUnlessPlanned(session);
          Planned planned = planning.plan(session);
          List<StoredPiece> work = work(id, planned);
          refuseWhatCannotBegin(planned, work);
          act.touch(
              ThingKind.BENCH_SESSION_THING,
              id,
              () -> store.save(session.now(State.RUNNING, clock.instant(), null)));
          work.forEach(piece -> pieces.save(act, piece));
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

  private static List<StoredPiece> work(UUID session, Planned planned) {
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
      DepotPlan.PlannedPiece piece,
      List<StoredPiece> pieces) {
    for (int i = 0; i < piece.count(); i++) {
      pieces.add(
          StoredPieceBuilder.stagedBuilder()
              .id(UUID.randomUUID())
              .session(session)
              .position(pieces.size() + 1)
              .source(one.stored().id())
              .empty(planned.empties().get(piece.empty()).id())
              .amount(one.bench().amount(piece.fill()).amount())
              .handling(Handling.of(one.pack().content()))
              .state(PieceState.WAITING)
              .begunAt(null)
              .seconds(0)
              .decant(null)
              .mishap(null)
              .version(0)
              .build());
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
        act -> {
          StoredSession session = sessions.locked(id);
          if (session.state() == State.PLANNED || session.state() == State.DONE) {
            throw Refused.notNow("not-under-way", "This session is not under way.");
          }
          for (StoredPiece piece : store.pieces(id)) {
            if (piece.state() == PieceState.WAITING || piece.state() == PieceState.WORKING) {
              pieces.save(act, piece.now(PieceState.LEFT_OUT, null, pieces.worked(piece)));
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
          pieces.putDownAll(act, id, null);
          act.touch(
              ThingKind.BENCH_SESSION_THING,
              id,
              () -> store.save(session.now(to, session.startedAt(), null)));
        });
  }
}

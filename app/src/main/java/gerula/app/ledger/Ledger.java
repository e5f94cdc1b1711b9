package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import gerula.app.platform.errors.Refused;
import gerula.app.platform.web.TouchedHeader;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The append-only record of every act. An act first has the workspace to itself, then changes
 * things, then is held against what always has to be so, and then writes its entry: all of that is
 * one transaction. Acts carry an id made by the client: sent again, they change nothing.
 */
@Component
public class Ledger {

  /** An answer that shows a thing carries no more of its past than one looks at. */
  private static final int HISTORY_SHOWN = 20;

  private static final int EARLIER_HISTORY_SHOWN = 100;

  private static final String UNDONE = "undone";

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final States states;
  private final History history;
  private final Entries entries;
  private final InEffect inEffect;
  private final LaterActs later;
  private final NotUndone notUndone;
  private final Projections projections;
  private final List<Derived> derived;
  private final List<ActGuard> guards;

  Ledger(
      DSLContext sql,
      Workspaces workspaces,
      States states,
      History history,
      Entries entries,
      InEffect inEffect,
      LaterActs later,
      NotUndone notUndone,
      Projections projections,
      List<Derived> derived,
      List<ActGuard> guards) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.states = states;
    this.history = history;
    this.entries = entries;
    this.inEffect = inEffect;
    this.later = later;
    this.notUndone = notUndone;
    this.projections = projections;
    this.derived = derived;
    this.guards = guards;
  }

  /** Does an act of which nothing is told besides the things it touched. */
  public void perform(SignedIn who, UUID id, String name, Consumer<Act> work) {
    perform(who, id, name, Map.of(), work);
  }

  /**
   * Does an act, unless it has been done already.
   *
   * @param name what was done, as in "moved"
   * @param facts what is worth telling about it besides the things it touched
   * @throws Refused when the same id stands for another act, or what would come of it cannot be
   */
  public void perform(
      SignedIn who, UUID id, String name, Map<String, ?> facts, Consumer<Act> work) {
    workspaces.write(
        who.workspace(),
        () -> {
          if (!entries.isDone(id)) {
            requireMayAct(who);
            Act act = new Act(id, entries.nextNumber(), facts, sql, states);
            work.accept(act);
            finish(who, id, name, act, null);
          }
        });
  }

  /** Whether this act was done before. To be called within the workspace. */
  public boolean isDone(UUID id) {
    return entries.isDone(id);
  }

  private static void requireMayAct(SignedIn who) {
    if (!who.role().mayAct()) {
      throw Refused.notAllowed("You may look at this workspace, but not change it.");
    }
  }

  private void finish(SignedIn who, UUID id, String name, Act act, @Nullable UUID undoes) {
    Touched touched = act.touched();
    guards.forEach(guard -> guard.check(touched));
    entries.write(who, id, name, act, undoes);
    projections.done(id, name);
    // What is erased is changed past the act, anywhere: then nobody says what was touched.
    if (!touched.things().isEmpty()) {
      TouchedHeader.tell(touched.things().keySet().stream().map(ThingKind::code).toList());
    }
  }

  /**
   * Undoes an act: everything it touched is as it was before.
   *
   * @throws Refused when there is no such act, it is undone already, something it touched has been
   *     touched again since, or things cannot be as they were any more
   */
  public void undo(SignedIn who, UUID undone, UUID id) {
    workspaces.write(
        who.workspace(),
        () -> {
          if (entries.isDone(id)) {
            return;
          }
          requireMayAct(who);
          Record act =
              sql.selectFrom(LEDGER)
                  .where(LEDGER.ID.eq(undone))
                  .fetchOptional()
                  .orElseThrow(() -> Refused.notThere("act", undone));
          notUndone
              .why(act.get(LEDGER.ACT))
              .ifPresent(
                  why -> {
                    throw Refused.notNow("not-undone", why + " Nothing was changed.");
                  });
          refuseWhenUndone(act);
          refuseWhenTouchedSince(undone);
          Act undo =
              new Act(id, entries.nextNumber(), Map.of("act", act.get(LEDGER.ACT)), sql, states);
          putBack(undone, undo);
          finish(who, id, UNDONE, undo, undone);
          inEffect.workOutAround(undone);
        });
  }

  private static void refuseWhenUndone(Record act) {
    if (!act.get(LEDGER.IN_EFFECT)) {
      throw Refused.notNow("undone-already", "This has been undone already. Nothing was changed.");
    }
  }

  private List<Record> things(UUID act) {
    return List.copyOf(
        sql.selectFrom(LEDGER_THING)
            .where(LEDGER_THING.LEDGER_ID.eq(act))
            .orderBy(LEDGER_THING.KIND, LEDGER_THING.THING_ID)
            .fetch());
  }

  /** What came later rests on what was done: undoing it alone would tear the history. */
  private void refuseWhenTouchedSince(UUID act) {
    later
        .inTheWayOf(act)
        .ifPresent(
            since -> {
              throw Refused.notNow(
                  "touched-since",
                  "This cannot be undone alone: something it touched was \""
                      + since
                      + "\" since. Undo that first.");
            });
  }

  private void putBack(UUID undone, Act act) {
    // Places before what lies in them when they come back, after it when they go.
    for (Record thing : things(undone)) {
      ThingKind kind = kind(thing);
      UUID id = thing.get(LEDGER_THING.THING_ID);
      int level = thing.get(LEDGER_THING.LEVEL);
      act.touch(kind, id, () -> states.put(kind, id, level, thing.get(LEDGER_THING.BEFORE)));
    }
    things(undone).stream()
        .collect(
            Collectors.groupingBy(
                Ledger::kind,
                Collectors.mapping(thing -> thing.get(LEDGER_THING.THING_ID), Collectors.toSet())))
        .forEach(
            (kind, ids) ->
                derived.stream()
                    .filter(one -> one.follows().contains(kind))
                    .forEach(one -> one.workOutAgain(kind, ids)));
  }

  private static ThingKind kind(Record thing) {
    return gerula.core.rule.Code.of(ThingKind.class, thing.get(LEDGER_THING.KIND));
  }

  /** The newest acts that touched a thing. To be called within the workspace. */
  public HistoryPage historyOf(UUID thing) {
    return history.of(thing, null, HISTORY_SHOWN);
  }

  /** The number of the newest act; 0 before the first. */
  public long newest(SignedIn who) {
    return workspaces.read(who.workspace(), history::newest);
  }

  /** Those before one of them. */
  HistoryPage historyBefore(SignedIn who, UUID thing, UUID before) {
    return workspaces.read(who.workspace(), () -> history.of(thing, before, EARLIER_HISTORY_SHOWN));
  }
}

package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The append-only record of every act. An act, its entry and the new state of what it touched are
 * one transaction. Acts carry an id made by the client: sent again, they change nothing.
 */
@Component
public class Ledger {

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final States states;
  private final History history;
  private final Clock clock;
  private final JsonMapper json;
  private final List<Derived> derived;

  Ledger(
      DSLContext sql,
      Workspaces workspaces,
      States states,
      History history,
      Clock clock,
      JsonMapper json,
      List<Derived> derived) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.states = states;
    this.history = history;
    this.clock = clock;
    this.json = json;
    this.derived = derived;
  }

  /**
   * Does an act, unless it has been done already.
   *
   * @param name what was done, as in "moved"
   * @param facts what is worth telling about it besides the things it touched
   */
  public void perform(
      SignedIn who, UUID id, String name, Map<String, ?> facts, Consumer<Act> work) {
    workspaces.in(
        who.workspace(),
        () -> {
          if (enter(who, id, name, facts, null)) {
            Act act = new Act(id, sql, states);
            work.accept(act);
            act.finish();
          }
        });
  }

  /**
   * Undoes an act: everything it touched is as it was before.
   *
   * @throws Refused when there is no such act, it is undone already, or something it touched has
   *     been touched again since
   */
  public void undo(SignedIn who, UUID undone, UUID id) {
    workspaces.in(
        who.workspace(),
        () -> {
          if (isEntered(id)) {
            return;
          }
          Record act =
              sql.selectFrom(LEDGER)
                  .where(LEDGER.ID.eq(undone))
                  .fetchOptional()
                  .orElseThrow(() -> Refused.notThere("act", undone));
          refuseWhenUndone(undone);
          lockThings(undone);
          refuseWhenTouchedSince(act);
          enter(who, id, "undone", Map.of("act", act.get(LEDGER.ACT)), undone);
          Act undo = new Act(id, sql, states);
          putBack(undone, undo);
          undo.finish();
        });
  }

  private boolean isEntered(UUID id) {
    return sql.fetchExists(LEDGER, LEDGER.ID.eq(id));
  }

  private void refuseWhenUndone(UUID undone) {
    if (sql.fetchExists(LEDGER, LEDGER.UNDOES.eq(undone))) {
      throw Refused.notNow("undone-already", "This has been undone already. Nothing was changed.");
    }
  }

  private boolean enter(
      SignedIn who, UUID id, String name, Map<String, ?> facts, @Nullable UUID undoes) {
    return sql.insertInto(LEDGER)
            .set(LEDGER.ID, id)
            .set(LEDGER.ACT, name)
            .set(LEDGER.AT, clock.instant())
            .set(LEDGER.WHO, who.account())
            .set(LEDGER.FACTS, JSONB.valueOf(json.writeValueAsString(facts)))
            .set(LEDGER.UNDOES, undoes)
            .onConflict(LEDGER.WORKSPACE_ID, LEDGER.ID)
            .doNothing()
            .execute()
        == 1;
  }

  private List<Record> things(UUID act) {
    return List.copyOf(
        sql.selectFrom(LEDGER_THING)
            .where(LEDGER_THING.LEDGER_ID.eq(act))
            .orderBy(LEDGER_THING.KIND, LEDGER_THING.THING_ID)
            .fetch());
  }

  private void lockThings(UUID act) {
    for (Record thing : things(act)) {
      states.take(kind(thing), thing.get(LEDGER_THING.THING_ID));
    }
  }

  /** What came later rests on what was done: undoing it alone would tear the history. */
  private void refuseWhenTouchedSince(Record act) {
    LaterActs.of(history.after(act.get(LEDGER.ID)))
        .newestInEffect()
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
      act.touch(kind, id, () -> states.put(kind, id, thing.get(LEDGER_THING.BEFORE)));
    }
    things(undone).stream()
        .collect(
            Collectors.groupingBy(
                Ledger::kind,
                Collectors.mapping(thing -> thing.get(LEDGER_THING.THING_ID), Collectors.toSet())))
        .forEach((kind, ids) -> derived.forEach(one -> one.workOutAgain(kind, ids)));
  }

  private static ThingKind kind(Record thing) {
    return gerula.core.rule.Code.of(ThingKind.class, thing.get(LEDGER_THING.KIND));
  }

  /** Acts that touched a thing, the newest first. To be called within the workspace. */
  public List<LedgerEntry> historyOf(UUID thing, int most) {
    return history.of(thing, most);
  }
}

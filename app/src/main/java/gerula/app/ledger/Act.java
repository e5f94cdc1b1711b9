package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER_THING;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;

/**
 * One act while it is being done: every thing it changes is changed through it. How each was before
 * its first change and is after its last stands in the ledger.
 */
public final class Act {

  private record Thing(ThingKind kind, UUID id) {}

  /** How a thing was; null when it was not there. */
  private record Before(@Nullable JSONB state) {}

  private final UUID id;
  private final DSLContext sql;
  private final States states;
  private final Map<Thing, Before> touched = new LinkedHashMap<>();

  Act(UUID id, DSLContext sql, States states) {
    this.id = id;
    this.sql = sql;
    this.states = states;
  }

  /**
   * Makes many things at once and notes how they are; none of them was there before.
   *
   * @param make inserts exactly the things with these ids
   */
  public void create(ThingKind kind, List<UUID> things, Runnable make) {
    make.run();
    // Joined with the list rather than looked up in it: after thousands of inserts the planner
    // still
    // takes the table for an empty one.
    sql.execute(
        """
        insert into gerula.ledger_thing (ledger_id, kind, thing_id, before, after)
        select {0}, {1}, thing.{2}, null, to_jsonb(thing) - 'sought' - 'workspace_id'
        from unnest({4}) as made (id) join {3} thing on thing.{2} = made.id
        """,
        DSL.val(id),
        DSL.val(kind.code()),
        DSL.name(kind.id().getName()),
        kind.table(),
        DSL.val(things.toArray(UUID[]::new)));
  }

  /** Changes one thing, as often as the act needs to. */
  public void touch(ThingKind kind, UUID thing, Runnable change) {
    touched.computeIfAbsent(
        new Thing(kind, thing), one -> new Before(states.take(one.kind(), one.id())));
    change.run();
  }

  /** Writes down how everything it touched was and is. */
  void finish() {
    touched.forEach(
        (thing, before) ->
            sql.insertInto(LEDGER_THING)
                .set(LEDGER_THING.LEDGER_ID, id)
                .set(LEDGER_THING.KIND, thing.kind().code())
                .set(LEDGER_THING.THING_ID, thing.id())
                .set(LEDGER_THING.BEFORE, before.state())
                .set(LEDGER_THING.AFTER, states.take(thing.kind(), thing.id()))
                .execute());
  }
}

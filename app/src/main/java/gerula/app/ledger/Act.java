package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER_THING;

import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;

/** One act while it is being done: every thing it changes is changed through it. */
public final class Act {

  private final UUID id;
  private final DSLContext sql;
  private final States states;

  Act(UUID id, DSLContext sql, States states) {
    this.id = id;
    this.sql = sql;
    this.states = states;
  }

  /** Changes one thing and notes how it was and how it is. An act touches a thing once. */
  public void touch(ThingKind kind, UUID thing, Runnable change) {
    JSONB before = states.take(kind, thing);
    change.run();
    JSONB after = states.take(kind, thing);
    sql.insertInto(LEDGER_THING)
        .set(LEDGER_THING.LEDGER_ID, id)
        .set(LEDGER_THING.KIND, kind.code())
        .set(LEDGER_THING.THING_ID, thing)
        .set(LEDGER_THING.BEFORE, before)
        .set(LEDGER_THING.AFTER, after)
        .execute();
  }
}

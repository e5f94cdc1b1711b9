package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER;

import gerula.app.platform.errors.Faults;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Holds states that came from outside against the tables they would be put back into. */
@Component
public class HistoryCheck {

  private final DSLContext sql;
  private final InEffect inEffect;
  private final Projections projections;

  HistoryCheck(DSLContext sql, InEffect inEffect, Projections projections) {
    this.sql = sql;
    this.inEffect = inEffect;
    this.projections = projections;
  }

  /**
   * Every state in the history must be one the tables could take back, of the thing it says it is:
   * an undo puts it there. An undo follows what it undoes. To be called within the workspace; works
   * out which acts count.
   *
   * @throws Refused when one is not
   */
  public void check() {
    Faults faults = new Faults();
    for (ThingKind kind : ThingKind.values()) {
      faults.unless(
          areOfTheirThings(kind),
          "ledger",
          "wrong-state",
          "The ledger tells a state that the " + kind.code() + " it is told of cannot have.");
      faults.refuseIfAny();
    }
    faults.unless(
        undosFollow(), "ledger", "wrong-order", "The ledger tells an undo before what it undoes.");
    faults.refuseIfAny();
    inEffect.workOut();
    projections.workOut();
  }

  private boolean undosFollow() {
    var undone = LEDGER.as("undone");
    return !sql.fetchExists(
        DSL.selectOne()
            .from(LEDGER)
            .join(undone)
            .on(undone.ID.eq(LEDGER.UNDOES))
            .where(undone.SEQ.ge(LEDGER.SEQ)));
  }

  private boolean areOfTheirThings(ThingKind kind) {
    try {
      return sql.resultQuery(
              """
              select 1 from gerula.ledger_thing t
              cross join lateral (values (t.before), (t.after)) as told (state)
              cross join lateral jsonb_populate_record(null::{0}, told.state) as row_
              where t.kind = {1} and told.state is not null
                and row_.{2} is distinct from t.thing_id
              limit 1
              """,
              kind.table(), DSL.val(kind.code()), DSL.name(kind.id().getName()))
          .fetch()
          .isEmpty();
    } catch (DataAccessException | org.springframework.dao.DataAccessException impossibleState) {
      return false;
    }
  }
}

package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER;

import gerula.app.platform.workspace.KeptByDay;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Keeps what follows from the history. Everything here runs within a workspace. */
@Component
class Projections implements KeptByDay {

  private final DSLContext sql;
  private final List<Projection> all;

  Projections(DSLContext sql, List<Projection> all) {
    this.sql = sql;
    this.all = all;
  }

  /** An act was written down. */
  void done(UUID act, String name) {
    all.stream()
        .filter(one -> one.acts().contains(name))
        .forEach(one -> one.turn(Set.of(act), true));
  }

  /** An undo has turned these acts round. */
  void turned(Collection<UUID> acts, boolean count) {
    if (acts.isEmpty()) {
      return;
    }
    for (Projection one : all) {
      List<UUID> followed =
          sql.select(LEDGER.ID)
              .from(LEDGER)
              .where(LEDGER.ID.in(acts))
              .and(LEDGER.ACT.in(one.acts()))
              .fetch(LEDGER.ID);
      if (!followed.isEmpty()) {
        one.turn(followed, count);
      }
    }
  }

  @Override
  public void daysAreOthers() {
    workOut();
  }

  /** After a history came from outside. */
  void workOut() {
    all.forEach(Projection::workOut);
  }
}

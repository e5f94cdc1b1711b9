package gerula.app.platform.workspace;

import static gerula.app.tables.Tables.WORKSPACE;

import gerula.app.platform.errors.Refused;
import gerula.core.dates.DateOrder;
import java.time.ZoneId;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Changes where the artist works, and how dates are written there. */
@Component
class Zones {

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final WorkspaceTime time;
  private final List<KeptByDay> kept;

  Zones(DSLContext sql, Workspaces workspaces, WorkspaceTime time, List<KeptByDay> kept) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.time = time;
    this.kept = kept;
  }

  /**
   * @throws Refused when it is not hers to settle
   */
  void change(SignedIn who, ZoneId zone) {
    if (!who.role().maySettle()) {
      throw Refused.notAllowed("The time zone holds for the whole workspace.");
    }
    workspaces.write(
        who.workspace(),
        () -> {
          if (!zone.equals(time.zone())) {
            sql.update(WORKSPACE).set(WORKSPACE.ZONE, zone.getId()).execute();
            time.forget();
            kept.forEach(KeptByDay::daysAreOthers);
          }
        });
  }

  /**
   * @throws Refused when it is not hers to settle
   */
  void change(SignedIn who, DateOrder order) {
    if (!who.role().maySettle()) {
      throw Refused.notAllowed("How dates are written holds for the whole workspace.");
    }
    workspaces.write(
        who.workspace(),
        () -> {
          sql.update(WORKSPACE).set(WORKSPACE.DATE_ORDER, order.code()).execute();
        });
  }
}

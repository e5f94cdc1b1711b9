package gerula.app.platform.workspace;

import static gerula.app.tables.Tables.WORKSPACE;

import gerula.core.dates.DateOrder;
import gerula.core.rule.Code;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/**
 * Which day it is where the artist works. Instants are kept in UTC; on which day they fall is said
 * by the workspace's zone. What is asked without saying by whom runs within a workspace.
 */
@Component
public class WorkspaceTime {

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final Clock clock;
  private final PerTransaction<ZoneId> zone = new PerTransaction<>(ZoneId.class);

  WorkspaceTime(DSLContext sql, Workspaces workspaces, Clock clock) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  public LocalDate today(SignedIn who) {
    return workspaces.read(who.workspace(), () -> today());
  }

  public LocalDate today() {
    return dayOf(clock.instant());
  }

  public Instant now() {
    return clock.instant();
  }

  /** The day on which an instant falls. */
  public LocalDate dayOf(Instant instant) {
    return LocalDate.ofInstant(instant, zone());
  }

  /** The first instant of a day. */
  public Instant startOf(LocalDate day) {
    return day.atStartOfDay(zone()).toInstant();
  }

  /** Asked once a transaction. */
  public ZoneId zone() {
    return zone.get(
        () -> ZoneId.of(sql.select(WORKSPACE.ZONE).from(WORKSPACE).fetchSingle(WORKSPACE.ZONE)));
  }

  /** How dates are written and read here. */
  public DateOrder dateOrder() {
    return Code.of(
        DateOrder.class,
        sql.select(WORKSPACE.DATE_ORDER).from(WORKSPACE).fetchSingle(WORKSPACE.DATE_ORDER));
  }

  /** It has been changed in this transaction. */
  void forget() {
    zone.forget();
  }
}

package gerula.app.cleandown;

import static gerula.app.tables.Tables.INCIDENT;

import gerula.app.tables.tables.records.IncidentRecord;
import gerula.core.cleandown.IncidentReport;
import gerula.core.cleandown.treatment.Incident;
import gerula.core.rule.Code;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Incidents in the database. Everything here runs within a workspace. */
@Component
public class IncidentStore {

  private final DSLContext sql;

  IncidentStore(DSLContext sql) {
    this.sql = sql;
  }

  public void insert(IncidentReport one) {
    IncidentRecord row = sql.newRecord(INCIDENT);
    row.setId(one.id());
    row.setItemId(one.item());
    row.setBookingId(one.booking());
    row.setFaceId(one.face());
    row.setKind(one.incident().code());
    row.setAt(one.at());
    row.insert();
  }

  List<IncidentReport> ofItems(Collection<UUID> items) {
    return some(INCIDENT.ITEM_ID.in(items));
  }

  List<IncidentReport> some(Condition which) {
    return sql.selectFrom(INCIDENT)
        .where(which)
        .orderBy(INCIDENT.AT, INCIDENT.ID)
        .fetch(IncidentStore::incident);
  }

  /** All of them, the oldest first. */
  public Stream<IncidentReport> all() {
    return sql.selectFrom(INCIDENT)
        .orderBy(INCIDENT.AT, INCIDENT.ID)
        .fetchSize(500)
        .fetchStream()
        .map(IncidentStore::incident);
  }

  private static IncidentReport incident(IncidentRecord row) {
    return new IncidentReport(
        row.getId(),
        row.getItemId(),
        row.getBookingId(),
        row.getFaceId(),
        Code.of(Incident.class, row.getKind()),
        row.getAt());
  }
}

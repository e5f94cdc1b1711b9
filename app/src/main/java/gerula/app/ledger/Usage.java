package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import gerula.app.platform.workspace.WorkspaceTime;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Component;

/** What the ledger says of how things were used. Everything here runs within a workspace. */
@Component
public class Usage {

  /** A thing was used when somebody said so, and when it came back from a booking. */
  private static final List<String> USES = List.of("used", "put-back");

  /** What is poured into another container is not used up. */
  private static final List<String> USES_UP = List.of("used", "measured");

  private final DSLContext sql;
  private final WorkspaceTime time;

  Usage(DSLContext sql, WorkspaceTime time) {
    this.sql = sql;
    this.time = time;
  }

  /**
   * The days on which each of these items was used, the newest first; those never used are missing.
   */
  public Map<UUID, List<LocalDate>> uses(Collection<UUID> items) {
    return sql.select(LEDGER_THING.THING_ID, LEDGER.AT)
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .where(ofItems(items))
        .and(LEDGER.ACT.in(USES))
        .and(LEDGER.IN_EFFECT)
        .orderBy(LEDGER.AT.desc())
        .fetchGroups(row -> row.value1(), row -> time.dayOf(row.value2()));
  }

  /** The day on which each of these items was first touched. */
  public Map<UUID, LocalDate> knownSince(Collection<UUID> items) {
    Field<Instant> first = DSL.min(LEDGER.AT);
    return sql.select(LEDGER_THING.THING_ID, first)
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .where(ofItems(items))
        .groupBy(LEDGER_THING.THING_ID)
        .fetchMap(row -> row.value1(), row -> time.dayOf(row.value2()));
  }

  /**
   * So much of an item was used up on a day.
   *
   * @param amount above 0, in the unit of its product
   */
  public record UsedUp(UUID item, LocalDate on, BigDecimal amount) {}

  /** What was used up of these items since that day. */
  public List<UsedUp> usedUp(Collection<UUID> items, LocalDate since) {
    Field<BigDecimal> amount = left("before").minus(left("after"));
    return sql.select(LEDGER_THING.THING_ID, LEDGER.AT, amount)
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .where(ofItems(items))
        .and(LEDGER.ACT.in(USES_UP))
        .and(LEDGER.AT.ge(time.startOf(since)))
        .and(amount.gt(BigDecimal.ZERO))
        .and(LEDGER.IN_EFFECT)
        .fetch(row -> new UsedUp(row.value1(), time.dayOf(row.value2()), row.value3()));
  }

  private static Condition ofItems(Collection<UUID> items) {
    return LEDGER_THING.KIND.eq(ThingKind.ITEM_THING.code()).and(LEDGER_THING.THING_ID.in(items));
  }

  private static Field<BigDecimal> left(String state) {
    return DSL.field(
        "({0} ->> 'amount_left')::numeric",
        SQLDataType.NUMERIC, DSL.field(DSL.name("ledger_thing", state)));
  }
}

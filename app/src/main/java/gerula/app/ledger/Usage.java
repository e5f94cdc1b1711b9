package gerula.app.ledger;

import static gerula.app.tables.Tables.ITEM_DAY;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import gerula.app.platform.workspace.WorkspaceTime;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the ledger says of how things were used. Everything here runs within a workspace. */
@Component
public class Usage {

  private final DSLContext sql;
  private final WorkspaceTime time;

  Usage(DSLContext sql, WorkspaceTime time) {
    this.sql = sql;
    this.time = time;
  }

  /**
   * How much an item was used.
   *
   * @param inAYear of these, within the last year
   * @param last the day of the last one, null when it was never used
   */
  public record Wear(int uses, int inAYear, @Nullable LocalDate last) {
    public static final Wear NONE = new Wear(0, 0, null);
  }

  /** Those never used are missing. */
  public Map<UUID, Wear> wear(Collection<UUID> items, LocalDate today) {
    var uses = DSL.sum(ITEM_DAY.USES);
    return sql
        .select(
            ITEM_DAY.ITEM_ID,
            uses,
            uses.filterWhere(ITEM_DAY.DAY.gt(today.minusYears(1))),
            DSL.max(ITEM_DAY.DAY))
        .from(ITEM_DAY)
        .where(ITEM_DAY.ITEM_ID.in(items))
        .and(ITEM_DAY.USES.gt(0))
        .groupBy(ITEM_DAY.ITEM_ID)
        .fetch()
        .stream()
        .collect(
            Collectors.toMap(
                row -> row.value1(),
                row -> new Wear(whole(row.value2()), whole(row.value3()), row.value4())));
  }

  private static int whole(@Nullable BigDecimal sum) {
    return sum == null ? 0 : sum.intValueExact();
  }

  /**
   * The day on which each of these items was first touched: its first entry, found by its index.
   */
  public Map<UUID, LocalDate> knownSince(Collection<UUID> items) {
    var asked = DSL.unnest(items.toArray(UUID[]::new)).as("asked", "id");
    var id = DSL.field(DSL.name("asked", "id"), SQLDataType.UUID);
    var first =
        DSL.select(LEDGER.AT)
            .from(LEDGER_THING)
            .join(LEDGER)
            .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
            .where(LEDGER_THING.THING_ID.eq(id))
            .and(LEDGER_THING.KIND.eq(ThingKind.ITEM_THING.code()))
            .orderBy(LEDGER_THING.SEQ)
            .limit(1);
    return sql.select(id, DSL.field(first)).from(asked).fetch().stream()
        .filter(row -> row.value2() != null)
        .collect(Collectors.toMap(row -> row.value1(), row -> time.dayOf(row.value2())));
  }

  /** When it was last written down how much is in an item; empty when it never was. */
  public Optional<Instant> lastMeasured(UUID item) {
    Condition told =
        DSL.condition("{0} -> 'amount_left' is not null", LEDGER_THING.AFTER)
            .or(DSL.condition("{0} -> 'amount_left' is not null", LEDGER_THING.BEFORE));
    return sql.select(LEDGER.AT)
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .where(LEDGER_THING.THING_ID.eq(item))
        .and(LEDGER_THING.KIND.eq(ThingKind.ITEM_THING.code()))
        .and(told)
        .orderBy(LEDGER_THING.SEQ.desc())
        .limit(1)
        .fetchOptional(LEDGER.AT);
  }

  /**
   * So much of an item was used up on a day.
   *
   * @param times how often something was taken
   * @param amount in the unit of its product; below 0 where more was left than was thought
   */
  public record UsedUp(UUID item, LocalDate on, int times, BigDecimal amount) {}

  /** What was used up of these items since that day. */
  public List<UsedUp> usedUp(Collection<UUID> items, LocalDate since) {
    return sql.select(ITEM_DAY.ITEM_ID, ITEM_DAY.DAY, ITEM_DAY.DRAWS, ITEM_DAY.USED_UP)
        .from(ITEM_DAY)
        .where(ITEM_DAY.ITEM_ID.in(items))
        .and(ITEM_DAY.DAY.ge(since))
        .and(ITEM_DAY.USED_UP.ne(BigDecimal.ZERO))
        .fetch(row -> new UsedUp(row.value1(), row.value2(), row.value3(), row.value4()));
  }
}

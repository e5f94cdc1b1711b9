package gerula.app.kit.count;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.STOCKTAKE;
import static gerula.app.tables.Tables.STOCKTAKE_SEEN;

import gerula.app.tables.tables.records.StocktakeRecord;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Counts in the database. Everything here runs within a workspace. */
@Component
class CountStore {

  private final DSLContext sql;

  CountStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A count and what was seen in it: numbers by item, null where it was only ticked. */
  record StoredCount(
      UUID id, UUID place, Instant startedAt, @Nullable Instant settledAt, Seen seen) {}

  /**
   * What was seen.
   *
   * @param items every item ticked, scanned or counted
   * @param numbers of those that were counted
   */
  record Seen(Set<UUID> items, Map<UUID, BigDecimal> numbers) {}

  Optional<StoredCount> find(UUID id) {
    return sql.selectFrom(STOCKTAKE).where(STOCKTAKE.ID.eq(id)).fetchOptional(this::stored);
  }

  Optional<StoredCount> openOf(UUID place) {
    return sql.selectFrom(STOCKTAKE)
        .where(STOCKTAKE.PLACE_ID.eq(place))
        .and(STOCKTAKE.SETTLED_AT.isNull())
        .orderBy(STOCKTAKE.STARTED_AT.desc())
        .limit(1)
        .fetchOptional(this::stored);
  }

  /** Every count of a place, settled or not. */
  List<UUID> of(UUID place) {
    return sql.select(STOCKTAKE.ID)
        .from(STOCKTAKE)
        .where(STOCKTAKE.PLACE_ID.eq(place))
        .orderBy(STOCKTAKE.ID)
        .fetch(STOCKTAKE.ID);
  }

  private StoredCount stored(StocktakeRecord row) {
    Set<UUID> items = new HashSet<>();
    Map<UUID, BigDecimal> numbers = new HashMap<>();
    // What was discarded since it was seen is no part of the count any more.
    sql.select(STOCKTAKE_SEEN.fields())
        .from(STOCKTAKE_SEEN)
        .join(ITEM)
        .on(ITEM.ID.eq(STOCKTAKE_SEEN.ITEM_ID).and(ITEM.DISCARDED_ON.isNull()))
        .where(STOCKTAKE_SEEN.STOCKTAKE_ID.eq(row.getId()))
        .fetchInto(STOCKTAKE_SEEN)
        .forEach(
            seen -> {
              items.add(seen.getItemId());
              if (seen.getCounted() != null) {
                numbers.put(seen.getItemId(), seen.getCounted());
              }
            });
    return new StoredCount(
        row.getId(),
        row.getPlaceId(),
        row.getStartedAt(),
        row.getSettledAt(),
        new Seen(items, numbers));
  }

  int count() {
    return sql.fetchCount(STOCKTAKE);
  }

  void begin(UUID id, UUID place, Instant at) {
    sql.insertInto(STOCKTAKE)
        .set(STOCKTAKE.ID, id)
        .set(STOCKTAKE.PLACE_ID, place)
        .set(STOCKTAKE.STARTED_AT, at)
        .execute();
  }

  /** Two devices may count at once: what either saw is kept. */
  void see(UUID count, UUID item, @Nullable BigDecimal counted) {
    sql.insertInto(STOCKTAKE_SEEN)
        .set(STOCKTAKE_SEEN.STOCKTAKE_ID, count)
        .set(STOCKTAKE_SEEN.ITEM_ID, item)
        .set(STOCKTAKE_SEEN.COUNTED, counted)
        .onConflict(
            STOCKTAKE_SEEN.WORKSPACE_ID, STOCKTAKE_SEEN.STOCKTAKE_ID, STOCKTAKE_SEEN.ITEM_ID)
        .doUpdate()
        .set(STOCKTAKE_SEEN.COUNTED, counted)
        .execute();
  }

  void unsee(UUID count, UUID item) {
    sql.deleteFrom(STOCKTAKE_SEEN)
        .where(STOCKTAKE_SEEN.STOCKTAKE_ID.eq(count))
        .and(STOCKTAKE_SEEN.ITEM_ID.eq(item))
        .execute();
  }

  /** Holds back every other settling until the transaction ends. */
  void lock(UUID id) {
    sql.selectOne().from(STOCKTAKE).where(STOCKTAKE.ID.eq(id)).forUpdate().fetch();
  }

  void settle(UUID id, Instant at) {
    sql.update(STOCKTAKE)
        .set(STOCKTAKE.SETTLED_AT, at)
        .set(STOCKTAKE.VERSION, STOCKTAKE.VERSION.plus(1))
        .where(STOCKTAKE.ID.eq(id))
        .execute();
  }

  void giveUp(UUID id) {
    sql.deleteFrom(STOCKTAKE).where(STOCKTAKE.ID.eq(id)).execute();
  }
}

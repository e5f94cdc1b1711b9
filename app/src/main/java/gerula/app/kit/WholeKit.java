package gerula.app.kit;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PERSON;
import static gerula.app.tables.Tables.PRODUCT;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.limits.Limit;
import gerula.core.kit.item.Item;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The kit as a whole, for questions about all of it at once. What was read before is kept in memory
 * and only what was written since is read again: PostgreSQL tells of each row which transaction
 * wrote it (xmin), and asking for that takes a twentieth of reading the rows. Nothing is told from
 * memory without asking, so several instances may run on one database.
 */
@Component
public class WholeKit {

  private static final Duration KEPT = Duration.ofMinutes(30);

  /** From this share of changed rows on all of them are read in one go. */
  private static final int MOST_READ_SINGLY = 500;

  private static final Field<Long> ITEM_WRITER = writer(ITEM);
  private static final Field<Long> PRODUCT_WRITER = writer(PRODUCT);

  private final DSLContext sql;
  private final KitStore store;
  private final Clock clock;
  private final Cache<UUID, Kept> kept =
      Caffeine.newBuilder()
          .maximumWeight(Limit.THINGS_IN_MEMORY.value())
          .weigher((UUID _, Kept kit) -> 1 + kit.rows().size())
          .expireAfterAccess(KEPT)
          .build();

  WholeKit(DSLContext sql, KitStore store, Clock clock) {
    this.sql = sql;
    this.clock = clock;
    this.store = store;
  }

  /**
   * Everything that has not been discarded, in the order of the ids.
   *
   * @param byId the same by the ids of the items
   * @param until when the next of what dries is dry: from then on it is otherwise
   */
  public record Things(Map<UUID, StoredItem> byId, List<Item> items, Instant until) {

    static Things of(Collection<StoredItem> stored) {
      Map<UUID, StoredItem> byId = LinkedHashMap.newLinkedHashMap(stored.size());
      stored.stream()
          .sorted(Comparator.comparing(StoredItem::item, Item.BY_ID))
          .forEach(one -> byId.put(one.id(), one));
      List<Item> items = byId.values().stream().map(StoredItem::item).toList();
      Instant until =
          items.stream()
              .map(item -> item.clean().until())
              .filter(Objects::nonNull)
              .min(Instant::compareTo)
              .orElse(Instant.MAX);
      return new Things(byId, items, until);
    }

    /** As it will be at that moment: what is drying may be dry by then. */
    public Things at(Instant now) {
      return now.isBefore(until) ? this : of(stored().stream().map(one -> one.at(now)).toList());
    }

    public Collection<StoredItem> stored() {
      return byId.values();
    }
  }

  /** What tells whether anything was written: any change makes it another one. */
  private record Stamp(UUID workspace, Record writers) {}

  /** Who wrote a row, its product's included. */
  private record Written(long item, long product) {}

  private record Row(Written written, StoredItem stored) {}

  private record Kept(Stamp stamp, Map<UUID, Row> rows, Things things) {}

  /** To be called within the workspace. */
  public Things now() {
    if (!TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
      // It may have changed rows itself, more than once under one number.
      return Things.of(store.items());
    }
    Stamp stamp = stamp();
    Kept before = kept.getIfPresent(stamp.workspace());
    Instant moment = clock.instant();
    if (before != null
        && before.stamp().equals(stamp)
        && moment.isBefore(before.things().until())) {
      return before.things();
    }
    Kept now = read(stamp, before, moment);
    kept.put(stamp.workspace(), now);
    return now.things();
  }

  private Kept read(Stamp stamp, @Nullable Kept before, Instant moment) {
    Map<UUID, Written> written = written();
    Map<UUID, Row> rows = HashMap.newHashMap(written.size());
    if (before != null && people(before.stamp()).equals(people(stamp))) {
      written.forEach(
          (id, writers) -> {
            Row row = before.rows().get(id);
            if (row != null && row.written().equals(writers)) {
              rows.put(id, row);
            }
          });
    }
    List<UUID> others = written.keySet().stream().filter(id -> !rows.containsKey(id)).toList();
    for (StoredItem one :
        others.size() > MOST_READ_SINGLY ? store.items() : store.itemsOf(others)) {
      rows.put(one.id(), new Row(written.get(one.id()), one));
    }
    List<StoredItem> stored = new ArrayList<>(rows.size());
    rows.values().forEach(row -> stored.add(row.stored()));
    return new Kept(stamp, rows, Things.of(stored).at(moment));
  }

  /** How many rows there are and the sum of their writers: the number of a writer only grows. */
  private Stamp stamp() {
    Field<UUID> workspace =
        DSL.field("current_setting('gerula.workspace')::uuid", UUID.class).as("workspace");
    Record row =
        sql.select(workspace)
            .select(DSL.asterisk())
            .from(writers(ITEM), writers(PRODUCT), writers(PERSON))
            .fetchSingle();
    return new Stamp(row.get(workspace), row);
  }

  private Table<?> writers(Table<?> table) {
    return sql.select(
            DSL.count().as(table.getName() + "_rows"),
            DSL.sum(writer(table)).as(table.getName() + "_writers"))
        .from(table)
        .asTable("of_" + table.getName());
  }

  /** Things refer to people by name. */
  private static List<Object> people(Stamp stamp) {
    return Arrays.asList(stamp.writers().get("person_rows"), stamp.writers().get("person_writers"));
  }

  private Map<UUID, Written> written() {
    Map<UUID, Written> written = new HashMap<>();
    sql.select(ITEM.ID, ITEM_WRITER, PRODUCT_WRITER)
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(ITEM.DISCARDED_ON.isNull())
        .forEach(row -> written.put(row.value1(), new Written(row.value2(), row.value3())));
    return written;
  }

  private static Field<Long> writer(Table<?> table) {
    return DSL.field("{0}.xmin::text::bigint", Long.class, table);
  }
}

package gerula.app.kit.find;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PLACE;
import static gerula.app.tables.Tables.PRODUCT;
import static gerula.app.tables.Tables.STOCKTAKE;
import static gerula.app.tables.Tables.UNNAMED_PICTURE;

import gerula.app.kit.KitRecords.EndingDay;
import gerula.app.kit.KitRecords.KitSummary;
import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.ProductClass;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Lists and counts of the kit, as long as it may be. Everything here runs within a workspace. */
@Component
public class KitLists {

  private final DSLContext sql;
  private final KitStore store;
  private final PlaceStore places;
  private final Finder finder;
  private final WorkspaceTime time;

  KitLists(DSLContext sql, KitStore store, PlaceStore places, Finder finder, WorkspaceTime time) {
    this.sql = sql;
    this.store = store;
    this.places = places;
    this.finder = finder;
    this.time = time;
  }

  /** Part of a list and how long it is in all. */
  record Part(int total, List<StoredItem> items) {}

  Part part(KitFilter filter) {
    boolean isSought = filter.q() != null && !filter.q().isBlank();
    boolean isGone = filter.state() == KitFilter.ItemState.DISCARDED;
    if (isSought && !isGone) {
      return found(filter);
    }
    Condition condition =
        isSought ? condition(filter).and(tells(Finder.words(filter.q()))) : condition(filter);
    return new Part(
        count(condition),
        inThisOrder(ids(condition, order(filter), filter.fromOrFirst(), filter.mostOrUsual())));
  }

  private List<SortField<?>> order(KitFilter filter) {
    return KitOrder.of(filter.sort(), filter.isDescending(), places::tree);
  }

  private int count(Condition condition) {
    return sql.fetchCount(
        sql.selectOne()
            .from(ITEM)
            .join(PRODUCT)
            .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
            .where(condition));
  }

  private List<UUID> ids(Condition condition, List<SortField<?>> order, int from, int most) {
    return sql.select(ITEM.ID)
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(condition)
        .orderBy(order)
        .offset(from)
        .limit(most)
        .fetch(ITEM.ID);
  }

  /** Best matches first; among thousands of them nobody looks beyond the first few hundred. */
  private Part found(KitFilter filter) {
    List<UUID> best = finder.ids(filter.q(), Finder.MOST);
    List<UUID> narrowed =
        ids(condition(filter).and(ITEM.ID.in(best)), order(filter), 0, Finder.MOST);
    Set<UUID> those = Set.copyOf(narrowed);
    List<UUID> ids =
        filter.sort() == null ? best.stream().filter(those::contains).toList() : narrowed;
    return new Part(
        ids.size(),
        inThisOrder(ids.stream().skip(filter.fromOrFirst()).limit(filter.mostOrUsual()).toList()));
  }

  /** What is discarded is found only as it was written: the index holds what can be used. */
  private static Condition tells(String[] words) {
    Field<String> told =
        DSL.lower(
            DSL.concat(
                DSL.inline(" "),
                DSL.concat(PRODUCT.NAME, DSL.inline(" "), PRODUCT.SHADE, DSL.inline(" ")),
                DSL.concat(PRODUCT.MAKER, DSL.inline(" "), ITEM.CODE, DSL.inline(" ")),
                ITEM.NOTE));
    return DSL.and(Arrays.stream(words).map(word -> told.contains(" " + word)).toList());
  }

  /** What cannot be used as it is: any of the four marks is at stop. The first few, by name. */
  Part attention(int most) {
    Condition condition = ITEM.DISCARDED_ON.isNull().and(marks().isAnyAtStop());
    return new Part(
        count(condition),
        inThisOrder(ids(condition, KitOrder.of(null, false, places::tree), 0, most)));
  }

  /** Things that match these words, the best first. */
  public List<StoredItem> found(String words, int most) {
    return inThisOrder(finder.ids(words, most));
  }

  List<StoredItem> inThisOrder(List<UUID> ids) {
    Map<UUID, StoredItem> byId =
        store.itemsOf(ids).stream().collect(Collectors.toMap(StoredItem::id, Function.identity()));
    return ids.stream().map(byId::get).filter(Objects::nonNull).toList();
  }

  private Condition condition(KitFilter filter) {
    List<Condition> all = new ArrayList<>();
    all.add(
        filter.state() == KitFilter.ItemState.DISCARDED
            ? ITEM.DISCARDED_ON.isNotNull()
            : ITEM.DISCARDED_ON.isNull());
    if (filter.section() != null) {
      all.add(
          PRODUCT.CLASS.in(
              Arrays.stream(ProductClass.values())
                  .filter(one -> one.section() == filter.section())
                  .map(ProductClass::code)
                  .toList()));
    }
    if (filter.productClass() != null) {
      all.add(isFor(List.of(filter.productClass())));
    }
    if (filter.form() != null) {
      all.add(PRODUCT.FORM.eq(filter.form().code()));
    }
    if (filter.product() != null) {
      all.add(ITEM.PRODUCT_ID.eq(filter.product()));
    }
    if (filter.place() != null) {
      all.add(ITEM.NOW_PLACE_ID.in(places.tree().withAllInside(filter.place())));
    }
    if (filter.until() != null) {
      all.add(ITEM.LAST_DAY.between(time.today(), filter.until()));
    }
    if (filter.state() != null) {
      all.add(isIn(filter.state()));
    }
    if (filter.mark() != null) {
      all.add(marks().isNotInOrder(filter.mark()));
    }
    return DSL.and(all);
  }

  private MarkConditions marks() {
    return new MarkConditions(places.tree(), time.today(), time.now());
  }

  private Condition isIn(KitFilter.ItemState state) {
    return switch (state) {
      case SEALED -> opens().and(ITEM.OPENED_ON.isNull());
      case OPENED -> ITEM.OPENED_ON.isNotNull();
      case DECANT -> ITEM.CONTAINER.isNotNull();
      case FAVOURITE -> ITEM.FAVOURITE.isTrue();
      case RARE -> ITEM.RARE.isTrue();
      case NOT_FOR_ALL -> ITEM.PERSONAL.isTrue().or(ITEM.ONLY_FOR_ID.isNotNull());
      case LENT -> liesIn(PlaceKind.LENT);
      case AT_THE_REPAIRER -> liesIn(PlaceKind.REPAIRER);
      case LOST ->
          liesIn(PlaceKind.LOST).or(liesIn(PlaceKind.UNKNOWN)).or(ITEM.NOW_PLACE_ID.isNull());
      case DISCARDED -> DSL.noCondition();
    };
  }

  /** The core's rule of what is sealed, told to the database. */
  private static Condition opens() {
    return PRODUCT
        .PERIOD_AFTER_OPENING_MONTHS
        .isNotNull()
        .or(
            isFor(
                Arrays.stream(ProductClass.values())
                    .filter(one -> one.dateClass().agesOnceOpen())
                    .toList()));
  }

  /** One of these is what it is for, first or besides. */
  private static Condition isFor(List<ProductClass> classes) {
    String[] codes = classes.stream().map(ProductClass::code).toArray(String[]::new);
    return PRODUCT.CLASS.in(codes).or(DSL.arrayOverlap(PRODUCT.ALSO_SERVES, codes));
  }

  private Condition liesIn(PlaceKind kind) {
    PlaceTree tree = places.tree();
    return ITEM.NOW_PLACE_ID.in(
        tree.inWalkingOrder().stream()
            .filter(place -> place.kind() == kind)
            .flatMap(place -> tree.withAllInside(place.id()).stream())
            .toList());
  }

  KitSummary summary() {
    MarkConditions marks = marks();
    return sql.select(
            DSL.count(),
            DSL.count().filterWhere(marks.isNotInOrder(KitFilter.MarkName.PLACE)),
            DSL.count().filterWhere(marks.isAtStop(KitFilter.MarkName.DATE)),
            DSL.count().filterWhere(marks.isNotInOrder(KitFilter.MarkName.AMOUNT)),
            DSL.count().filterWhere(marks.isNotInOrder(KitFilter.MarkName.CLEAN)))
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(ITEM.DISCARDED_ON.isNull())
        .fetchSingle(
            row ->
                new KitSummary(
                    row.value1(), row.value2(), row.value3(), row.value4(), row.value5()));
  }

  /** How many things end on each day of the coming weeks. */
  List<EndingDay> ending(int days) {
    LocalDate today = time.today();
    return sql.select(ITEM.LAST_DAY, DSL.count())
        .from(ITEM)
        .where(ITEM.DISCARDED_ON.isNull())
        .and(ITEM.LAST_DAY.between(today, today.plusDays(days)))
        .groupBy(ITEM.LAST_DAY)
        .orderBy(ITEM.LAST_DAY)
        .fetch(row -> new EndingDay(row.value1(), row.value2()));
  }

  public Map<UUID, Integer> thingsByPlace() {
    return sql.select(ITEM.NOW_PLACE_ID, DSL.count())
        .from(ITEM)
        .where(ITEM.DISCARDED_ON.isNull())
        .and(ITEM.NOW_PLACE_ID.isNotNull())
        .groupBy(ITEM.NOW_PLACE_ID)
        .fetchMap(ITEM.NOW_PLACE_ID, DSL.count());
  }

  /** Whether anything, discarded or not, lies in a place or belongs in it. */
  public boolean isInUse(UUID place) {
    return sql.fetchExists(ITEM, ITEM.NOW_PLACE_ID.eq(place).or(ITEM.HOME_PLACE_ID.eq(place)))
        || sql.fetchExists(PLACE, PLACE.PARENT_ID.eq(place).or(PLACE.HOME_ID.eq(place)))
        || sql.fetchExists(UNNAMED_PICTURE, UNNAMED_PICTURE.PLACE_ID.eq(place));
  }

  public Optional<UUID> openCount(UUID place) {
    return sql.select(STOCKTAKE.ID)
        .from(STOCKTAKE)
        .where(STOCKTAKE.PLACE_ID.eq(place))
        .and(STOCKTAKE.SETTLED_AT.isNull())
        .orderBy(STOCKTAKE.STARTED_AT.desc())
        .limit(1)
        .fetchOptional(STOCKTAKE.ID);
  }
}

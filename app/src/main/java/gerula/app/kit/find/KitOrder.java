package gerula.app.kit.find;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jooq.Field;
import org.jooq.SortField;
import org.jooq.SortOrder;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;

/** By which of its columns a list of the kit is sorted; what has nothing in it comes last. */
final class KitOrder {

  /** What a list can be sorted by. */
  enum SortBy implements Code {
    NAME,
    MAKER,
    /** In the order of the work. */
    CLASS,
    /** In the order one walks. */
    PLACE,
    USE_BY,
    OPENED,
    /** The share of it that is left. */
    LEFT,
    DEPTH,
    BOUGHT,
    PRICE
  }

  private static final String[] CLASSES =
      Arrays.stream(ProductClass.values()).map(Code::code).toArray(String[]::new);

  private KitOrder() {}

  /**
   * @param by null for the usual order, by name
   */
  static List<SortField<?>> of(
      @Nullable SortBy by, boolean isDescending, Supplier<PlaceTree> places) {
    SortOrder order = isDescending ? SortOrder.DESC : SortOrder.ASC;
    Stream<SortField<?>> first =
        by == null ? Stream.empty() : Stream.of(column(by, places).sort(order).nullsLast());
    Stream<SortField<?>> then =
        Stream.of(PRODUCT.NAME.asc(), PRODUCT.DEPTH.asc(), PRODUCT.SHADE.asc(), ITEM.ID.asc());
    return Stream.concat(first, then).toList();
  }

  private static Field<?> column(SortBy by, Supplier<PlaceTree> places) {
    return switch (by) {
      case NAME -> PRODUCT.NAME;
      case MAKER -> DSL.nullif(PRODUCT.MAKER, "");
      case CLASS -> position(DSL.val(CLASSES), PRODUCT.CLASS);
      case PLACE -> position(DSL.val(walk(places.get())), ITEM.NOW_PLACE_ID);
      case USE_BY -> ITEM.LAST_DAY;
      case OPENED -> ITEM.OPENED_ON;
      case LEFT ->
          ITEM.AMOUNT_LEFT.div(
              DSL.nullif(DSL.coalesce(ITEM.CONTAINER_SIZE, PRODUCT.CONTENT), BigDecimal.ZERO));
      case DEPTH -> PRODUCT.DEPTH;
      case BOUGHT -> ITEM.BOUGHT_ON;
      case PRICE -> ITEM.PRICE;
    };
  }

  private static UUID[] walk(PlaceTree tree) {
    return tree.inWalkingOrder().stream().map(Place::id).toArray(UUID[]::new);
  }

  private static Field<Integer> position(Field<?> all, Field<?> one) {
    return DSL.field("array_position({0}, {1})", Integer.class, all, one);
  }
}

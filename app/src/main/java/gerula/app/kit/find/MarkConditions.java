package gerula.app.kit.find;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Marks;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.impl.DSL;

/**
 * The core's marks ({@link Marks}) told to the database, once, so that it can list and count what
 * they say of thousands of items. A property test holds the two together for every item of random
 * kits.
 */
final class MarkConditions {

  private final PlaceTree tree;
  private final LocalDate today;
  private final Instant now;

  MarkConditions(PlaceTree tree, LocalDate today, Instant now) {
    this.tree = tree;
    this.today = today;
    this.now = now;
  }

  /** The mark says that something has to be seen to, soon or at once. */
  Condition isNotInOrder(KitFilter.MarkName mark) {
    return switch (mark) {
      case PLACE ->
          ITEM.NOW_PLACE_ID
              .isNull()
              .or(ITEM.NOW_PLACE_ID.isDistinctFrom(ITEM.HOME_PLACE_ID))
              .or(liesElsewhere(Set.of(PlaceKind.values())));
      case DATE ->
          isAtStop(mark)
              .or(ITEM.LAST_DAY.le(today.plusDays(Marks.SOON_DAYS)))
              .or(ITEM.REPLACE_BY.lt(today));
      case CLEAN -> ITEM.CLEANLINESS.ne(Cleanliness.CLEAN.code()).and(isStillWet());
      case AMOUNT ->
          ITEM.AMOUNT_LEFT.le(
              DSL.coalesce(ITEM.CONTAINER_SIZE, PRODUCT.CONTENT)
                  .times(BigDecimal.valueOf(Marks.LOW_SHARE)));
    };
  }

  /** The mark says that it cannot be used as it is. */
  Condition isAtStop(KitFilter.MarkName mark) {
    return switch (mark) {
      case PLACE ->
          ITEM.NOW_PLACE_ID
              .isNull()
              .or(liesElsewhere(Set.of(PlaceKind.LOST, PlaceKind.UNKNOWN)))
              .or(liesElsewhere(Set.of(PlaceKind.LENT)).and(ITEM.ASK_BACK_ON.le(today)));
      case DATE -> ITEM.SPOILAGE_ON.isNotNull().or(ITEM.LAST_DAY.lt(today));
      case CLEAN ->
          ITEM.CLEANLINESS.in(
              Arrays.stream(Cleanliness.values())
                  .filter(Cleanliness::isStopped)
                  .map(Cleanliness::code)
                  .toList());
      case AMOUNT -> ITEM.AMOUNT_LEFT.eq(BigDecimal.ZERO);
    };
  }

  /** Or never was: what was drying is clean as soon as it is dry. */
  private Condition isStillWet() {
    return ITEM.CLEAN_UNTIL.isNull().or(ITEM.CLEAN_UNTIL.gt(now));
  }

  /** Any of the four. */
  Condition isAnyAtStop() {
    return DSL.or(Arrays.stream(KitFilter.MarkName.values()).map(this::isAtStop).toList());
  }

  /** It lies where the reason why it is out of the artist's hands is one of these kinds. */
  private Condition liesElsewhere(Set<PlaceKind> kinds) {
    List<UUID> there =
        tree.inWalkingOrder().stream()
            .map(Place::id)
            .filter(id -> tree.elsewhere(id).filter(why -> kinds.contains(why.kind())).isPresent())
            .toList();
    return there.isEmpty() ? DSL.falseCondition() : ITEM.NOW_PLACE_ID.in(there);
  }
}

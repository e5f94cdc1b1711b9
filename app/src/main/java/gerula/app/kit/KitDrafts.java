package gerula.app.kit;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.item.ItemRows;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceDraft;
import gerula.app.kit.place.PlaceRows;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.kit.product.ProductDraft;
import gerula.app.kit.product.ProductRows;
import gerula.app.person.PersonNames;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.app.tables.tables.records.ProductRecord;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.place.PlaceTree;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The whole kit as somebody would type it. Everything here runs within a workspace. */
@Component
public class KitDrafts {

  private static final int AT_ONCE = 500;

  /** What dries is told as drying, until when. */
  private static final Instant AS_WRITTEN = Instant.MIN;

  private final DSLContext sql;
  private final PlaceStore places;
  private final PersonNames people;

  KitDrafts(DSLContext sql, PlaceStore places, PersonNames people) {
    this.sql = sql;
    this.people = people;
    this.places = places;
  }

  /**
   * A place and what it would be typed as.
   *
   * @param usedSince of a bag that is to be cleaned, null of any other
   * @param wetUntil of a bag that stands open to dry, null of any other
   */
  public record PlaceToType(
      UUID id,
      String code,
      int version,
      PlaceDraft draft,
      @Nullable Instant usedSince,
      @Nullable Instant wetUntil) {}

  /**
   * A product and what it would be typed as.
   *
   * @param discontinuedOn since when it is no longer made, null as long as it is
   */
  public record ProductToType(
      UUID id, int version, ProductDraft draft, @Nullable LocalDate discontinuedOn) {}

  /** An item and what it would be typed as. */
  public record ItemToType(
      UUID id,
      String code,
      int version,
      UUID product,
      @Nullable UUID picture,
      @Nullable LocalDate discardedOn,
      @Nullable DiscardCause discardCause,
      StoredItem stored,
      ItemDraft draft) {}

  /** Outer places before what lies in them. */
  public List<PlaceToType> places() {
    Map<UUID, StoredPlace> byId =
        places.places().stream().collect(Collectors.toMap(StoredPlace::id, Function.identity()));
    return new PlaceTree(byId.values().stream().map(StoredPlace::place).toList())
        .inWalkingOrder().stream()
            .map(place -> byId.get(place.id()))
            .map(
                one ->
                    new PlaceToType(
                        one.id(),
                        one.code(),
                        one.version(),
                        PlaceRows.draft(one),
                        one.place().carrier().usedSince(),
                        one.place().carrier().wetUntil()))
            .toList();
  }

  public List<ProductToType> products() {
    return sql.selectFrom(PRODUCT)
        .orderBy(PRODUCT.NAME, PRODUCT.SHADE, PRODUCT.ID)
        .fetch(KitDrafts::toType);
  }

  private static ProductToType toType(ProductRecord row) {
    return new ProductToType(
        row.getId(), row.getVersion(), ProductRows.draft(row), row.getDiscontinuedOn());
  }

  /**
   * @param withDiscarded whether what was discarded is told too
   */
  public List<ItemToType> items(boolean withDiscarded) {
    return sql.select(ITEM.fields())
        .select(PRODUCT.fields())
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(withDiscarded ? DSL.noCondition() : ITEM.DISCARDED_ON.isNull())
        .orderBy(ITEM.ID)
        .fetch(row -> toType(row.into(ITEM), row.into(PRODUCT)));
  }

  /** All products, some hundreds at a time. */
  public Stream<ProductToType> allProducts() {
    return pages(
            after ->
                sql.selectFrom(PRODUCT)
                    .where(after == null ? DSL.noCondition() : PRODUCT.ID.gt(after))
                    .orderBy(PRODUCT.ID)
                    .limit(AT_ONCE)
                    .fetch(),
            ProductRecord::getId)
        .map(KitDrafts::toType);
  }

  /** All items, discarded ones too, some hundreds at a time. */
  public Stream<ItemToType> allItems() {
    return pages(
        after ->
            sql.select(ITEM.fields())
                .select(PRODUCT.fields())
                .from(ITEM)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
                .where(after == null ? DSL.noCondition() : ITEM.ID.gt(after))
                .orderBy(ITEM.ID)
                .limit(AT_ONCE)
                .fetch(row -> toType(row.into(ITEM), row.into(PRODUCT))),
        ItemToType::id);
  }

  private static <T> Stream<T> pages(Function<@Nullable UUID, List<T>> page, Function<T, UUID> id) {
    return Stream.iterate(
            page.apply(null), some -> !some.isEmpty(), some -> page.apply(id.apply(some.getLast())))
        .flatMap(List::stream);
  }

  private ItemToType toType(ItemRecord row, ProductRecord product) {
    StoredItem stored = ItemRows.item(row, product, people, AS_WRITTEN);
    return new ItemToType(
        row.getId(),
        row.getCode(),
        row.getVersion(),
        row.getProductId(),
        row.getPictureId(),
        stored.details().discardedOn(),
        stored.details().discardCause(),
        stored,
        ItemRows.draft(row));
  }
}

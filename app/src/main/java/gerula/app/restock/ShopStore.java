package gerula.app.restock;

import static gerula.app.tables.Tables.OFFER;
import static gerula.app.tables.Tables.SHOP;

import gerula.app.kit.NewRows;
import gerula.app.tables.tables.records.OfferRecord;
import gerula.app.tables.tables.records.ShopRecord;
import gerula.core.restock.offer.DiscountKind;
import gerula.core.restock.offer.DiscountTerms;
import gerula.core.restock.shop.Shop;
import gerula.core.restock.shop.ShopOffer;
import gerula.core.rule.Code;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Shops and what they offer, in the database. Everything here runs within a workspace. */
@Component
public class ShopStore {

  private final DSLContext sql;

  ShopStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A shop with what the core does not ask about. */
  public record StoredShop(Shop shop, String note, boolean takesOrders, int version) {

    public static StoredShop of(UUID id, ShopDraft draft, int version) {
      return new StoredShop(
          draft.toShop(id), draft.note(), Boolean.TRUE.equals(draft.takesOrders()), version);
    }

    public ShopDraft draft() {
      return ShopDraft.of(shop, note, takesOrders);
    }
  }

  /** An offer as it is kept. */
  public record StoredOffer(ShopOffer offer, int version) {}

  /** By name. */
  public List<StoredShop> shops() {
    return sql.selectFrom(SHOP).orderBy(SHOP.NAME, SHOP.ID).fetch(ShopStore::stored);
  }

  public Map<UUID, StoredShop> byId() {
    return shops().stream().collect(Collectors.toMap(one -> one.shop().id(), Function.identity()));
  }

  Optional<StoredShop> find(UUID id) {
    return sql.selectFrom(SHOP).where(SHOP.ID.eq(id)).fetchOptional(ShopStore::stored);
  }

  Optional<StoredShop> locked(UUID id) {
    return sql.selectFrom(SHOP).where(SHOP.ID.eq(id)).forUpdate().fetchOptional(ShopStore::stored);
  }

  private static StoredShop stored(ShopRecord row) {
    return new StoredShop(
        new Shop(
            row.getId(),
            row.getName(),
            row.getDeliveryDays(),
            Arrays.stream(row.getWorkingDays()).map(DayOfWeek::of).collect(Collectors.toSet()),
            row.getShipping(),
            row.getFreeFrom(),
            row.getLeastOrder(),
            row.getCurrency(),
            row.getProfessionalPercent(),
            row.getProofUntil()),
        row.getNote(),
        row.getTakesOrders(),
        row.getVersion());
  }

  /** Keeps it as it stands. */
  public void save(StoredShop one) {
    Shop shop = one.shop();
    sql.insertInto(SHOP)
        .set(SHOP.ID, shop.id())
        .set(SHOP.NAME, shop.name())
        .set(SHOP.DELIVERY_DAYS, (short) shop.deliveryDays())
        .set(
            SHOP.WORKING_DAYS,
            shop.workingDays().stream()
                .map(day -> (short) day.getValue())
                .sorted()
                .toArray(Short[]::new))
        .set(SHOP.SHIPPING, shop.shipping())
        .set(SHOP.FREE_FROM, shop.freeFrom())
        .set(SHOP.LEAST_ORDER, shop.leastOrder())
        .set(SHOP.CURRENCY, shop.currency())
        .set(SHOP.PROFESSIONAL_PERCENT, shop.professionalPercent())
        .set(SHOP.PROOF_UNTIL, shop.proofUntil())
        .set(SHOP.NOTE, one.note())
        .set(SHOP.TAKES_ORDERS, one.takesOrders())
        .set(SHOP.VERSION, one.version())
        .onConflict(SHOP.WORKSPACE_ID, SHOP.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }

  void removeShop(UUID id) {
    sql.deleteFrom(SHOP).where(SHOP.ID.eq(id)).execute();
  }

  /** All that were ever written down, the newest first. */
  public List<StoredOffer> offers() {
    return sql.selectFrom(OFFER)
        .orderBy(OFFER.NOTED_ON.desc(), OFFER.ID)
        .fetch(ShopStore::storedOffer);
  }

  /** Those of these products that count, whatever day it is. */
  public List<ShopOffer> open(Collection<UUID> products) {
    return sql.selectFrom(OFFER)
        .where(OFFER.ENDED_ON.isNull())
        .and(OFFER.PRODUCT_ID.in(products))
        .orderBy(OFFER.ID)
        .fetch(row -> storedOffer(row).offer());
  }

  /** Which shops sell what on that day: shops by product. */
  public Map<UUID, List<UUID>> sellers(LocalDate day) {
    return sql.selectDistinct(OFFER.PRODUCT_ID, OFFER.SHOP_ID)
        .from(OFFER)
        .where(OFFER.ENDED_ON.isNull())
        .and(OFFER.UNTIL.isNull().or(OFFER.UNTIL.ge(day)))
        .fetchGroups(OFFER.PRODUCT_ID, OFFER.SHOP_ID);
  }

  /** How many offers of each shop count on that day. */
  Map<UUID, Integer> counting(LocalDate day) {
    return sql.select(OFFER.SHOP_ID, DSL.count())
        .from(OFFER)
        .where(OFFER.ENDED_ON.isNull())
        .and(OFFER.UNTIL.isNull().or(OFFER.UNTIL.ge(day)))
        .groupBy(OFFER.SHOP_ID)
        .fetchMap(OFFER.SHOP_ID, DSL.count());
  }

  int offersInAll() {
    return sql.fetchCount(OFFER);
  }

  /** So many, those that count in front, then the newest. */
  List<StoredOffer> first(int most) {
    return sql.selectFrom(OFFER)
        .orderBy(OFFER.ENDED_ON.isNull().desc(), OFFER.NOTED_ON.desc(), OFFER.ID)
        .limit(most)
        .fetch(ShopStore::storedOffer);
  }

  List<StoredOffer> ofShop(UUID shop) {
    return sql.selectFrom(OFFER)
        .where(OFFER.SHOP_ID.eq(shop))
        .orderBy(OFFER.ID)
        .forUpdate()
        .fetch(ShopStore::storedOffer);
  }

  Optional<StoredOffer> lockedOffer(UUID id) {
    return sql.selectFrom(OFFER)
        .where(OFFER.ID.eq(id))
        .forUpdate()
        .fetchOptional(ShopStore::storedOffer);
  }

  /** The offers of this shop for this product that count, one for each size. */
  List<StoredOffer> lockedLike(ShopOffer offer) {
    return sql.selectFrom(OFFER)
        .where(OFFER.SHOP_ID.eq(offer.shop()))
        .and(OFFER.PRODUCT_ID.eq(offer.product()))
        .and(OFFER.PACKS.eq(offer.packs()))
        .and(OFFER.ENDED_ON.isNull())
        .orderBy(OFFER.ID)
        .forUpdate()
        .fetch(ShopStore::storedOffer);
  }

  private static StoredOffer storedOffer(OfferRecord row) {
    String kind = row.getDiscountKind();
    return new StoredOffer(
        new ShopOffer(
            row.getId(),
            row.getShopId(),
            row.getProductId(),
            row.getPacks(),
            row.getPrice(),
            new DiscountTerms(
                kind == null ? null : Code.of(DiscountKind.class, kind),
                row.getDiscountPercent(),
                row.getDiscountAmount(),
                row.getDiscountFrom()),
            row.getUntil(),
            row.getMost(),
            row.getNotedOn(),
            row.getEndedOn()),
        row.getVersion());
  }

  /** Keeps it as it stands. */
  public void save(StoredOffer one) {
    sql.insertInto(OFFER)
        .set(row(one))
        .onConflict(OFFER.WORKSPACE_ID, OFFER.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }

  /** Many that were never there. */
  void insert(List<StoredOffer> some) {
    NewRows.insert(sql, some.stream().map(ShopStore::row).toList());
  }

  private static OfferRecord row(StoredOffer one) {
    ShopOffer offer = one.offer();
    DiscountTerms terms = offer.discount();
    OfferRecord row = new OfferRecord();
    row.setId(offer.id());
    row.setShopId(offer.shop());
    row.setProductId(offer.product());
    row.setPacks(offer.packs());
    row.setPrice(offer.price());
    row.setDiscountKind(terms.kind() == null ? null : terms.kind().code());
    row.setDiscountPercent(terms.percent());
    row.setDiscountAmount(terms.amount());
    row.setDiscountFrom(terms.fromPacks());
    row.setUntil(offer.until());
    row.setMost(offer.most());
    row.setNotedOn(offer.notedOn());
    row.setEndedOn(offer.endedOn());
    row.setVersion(one.version());
    return row;
  }

  void removeOffer(UUID id) {
    sql.deleteFrom(OFFER).where(OFFER.ID.eq(id)).execute();
  }
}

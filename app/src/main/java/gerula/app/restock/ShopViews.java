package gerula.app.restock;

import gerula.app.kit.KitRecords.ItemView;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.core.restock.shop.Shop;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Shops and offers as they are answered. */
final class ShopViews {

  private ShopViews() {}

  /**
   * @param offers how many of its offers count
   */
  record ShopView(UUID id, int version, ShopDraft shop, LocalDate arrivesOn, int offers) {}

  /** A shop as it is kept. */
  record ShopNow(UUID id, int version, ShopDraft shop) {}

  /**
   * @param like a thing of the product
   * @param counts whether one can buy by it today
   * @param perPack what one pack of the product costs then, 4 decimals
   */
  record OfferView(
      UUID id,
      int version,
      ItemView like,
      OfferDraft offer,
      LocalDate notedOn,
      @Nullable LocalDate endedOn,
      boolean counts,
      double perPack) {}

  /**
   * @param offers those that count in front, then the newest; at most 500
   * @param offersInAll how many there are
   * @param hasDesk whether orders can be sent from here, to shops that take them
   */
  record ShopsView(
      List<ShopView> shops, List<OfferView> offers, int offersInAll, boolean hasDesk) {}

  static ShopNow shop(StoredShop one) {
    return new ShopNow(one.shop().id(), one.version(), one.draft());
  }

  static ShopView shop(StoredShop one, int offers, LocalDate today) {
    Shop shop = one.shop();
    return new ShopView(shop.id(), one.version(), one.draft(), shop.arrivesOn(today), offers);
  }
}

package gerula.core.restock.shop;

import gerula.core.restock.offer.DiscountTerms;
import gerula.core.restock.offer.Offer;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A shop sells so many packs of a product together.
 *
 * @param packs of the product, 1 to 10,000
 * @param price of all of them in the shop's currency, without a discount
 * @param until the last day on which it counts; null where it has no end
 * @param most how many times it can be had; null where that is not known
 * @param notedOn the day it was written down
 * @param endedOn the day from which another price counts; null as long as it does
 */
public record ShopOffer(
    UUID id,
    UUID shop,
    UUID product,
    int packs,
    BigDecimal price,
    DiscountTerms discount,
    @Nullable LocalDate until,
    @Nullable Integer most,
    LocalDate notedOn,
    @Nullable LocalDate endedOn) {

  public ShopOffer {
    // The same bounds as what is reckoned with.
    new Offer(id.toString(), "", "", packs, price, discount.toDiscount(), most);
  }

  /** Whether one can buy by it on that day. */
  public boolean countsOn(LocalDate day) {
    return endedOn == null && (until == null || !day.isAfter(until));
  }

  public ShopOffer ended(LocalDate day) {
    return new ShopOffer(id, shop, product, packs, price, discount, until, most, notedOn, day);
  }
}

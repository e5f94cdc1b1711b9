package gerula.core.restock.offer;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What a parcel of this shop costs.
 *
 * @param shipping of one parcel
 * @param freeFrom goods of so much, after discounts, are sent for nothing; null where that never is
 */
public record OfferShop(String id, BigDecimal shipping, @Nullable BigDecimal freeFrom) {

  public OfferShop {
    checked(shipping);
    if (freeFrom != null) {
      checked(freeFrom);
    }
  }

  private static void checked(BigDecimal amount) {
    if (amount.signum() < 0 || amount.compareTo(Offer.HIGHEST_PRICE) > 0) {
      throw new IllegalArgumentException(
          "Shipping lies between 0 and 1,000,000, not " + amount + ".");
    }
  }
}

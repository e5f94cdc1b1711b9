package gerula.core.restock.shop;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What somebody says of a shop in passing, beside an offer. Null where nothing is said.
 *
 * @param deliveryDays how many of its working days an order takes
 * @param shipping what a parcel costs
 * @param freeFrom goods of so much are sent for nothing
 * @param currency ISO 4217
 */
public record SaidOfShop(
    @Nullable Integer deliveryDays,
    @Nullable BigDecimal shipping,
    @Nullable BigDecimal freeFrom,
    @Nullable String currency) {

  public static final SaidOfShop NOTHING = new SaidOfShop(null, null, null, null);

  /** What of it is otherwise than what is written down of the shop: it changes nothing there. */
  public SaidOfShop otherThan(Shop known) {
    boolean isOtherDays = deliveryDays != null && deliveryDays != known.deliveryDays();
    return new SaidOfShop(
        isOtherDays ? deliveryDays : null,
        other(shipping, known.shipping()),
        other(freeFrom, known.freeFrom()),
        currency == null || currency.equals(known.currency()) ? null : currency);
  }

  private static @Nullable BigDecimal other(@Nullable BigDecimal said, @Nullable BigDecimal known) {
    return said == null || (known != null && said.compareTo(known) == 0) ? null : said;
  }

  /** Whether it says anything but in which money prices are. */
  public boolean isOfTerms() {
    return deliveryDays != null || shipping != null || freeFrom != null;
  }
}

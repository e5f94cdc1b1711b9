package gerula.core.restock.offer;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A shop sells this for something that is needed.
 *
 * @param need which of the needs it serves
 * @param packPieces how many pieces a pack holds, 1 or more
 * @param price of one pack without a discount
 * @param most how many packs can be had, null where that is not known
 */
public record Offer(
    String id,
    String shop,
    String need,
    int packPieces,
    BigDecimal price,
    Discount discount,
    @Nullable Integer most) {

  /** Beyond that nobody buys, and sums would not be exact. */
  public static final int MOST_PIECES = 10_000;

  public static final BigDecimal HIGHEST_PRICE = BigDecimal.valueOf(1_000_000);

  public Offer {
    if (packPieces < 1 || packPieces > MOST_PIECES) {
      throw new IllegalArgumentException(
          "A pack holds 1 to 10,000 pieces, not " + packPieces + ".");
    }
    if (price.signum() < 0 || price.compareTo(HIGHEST_PRICE) > 0) {
      throw new IllegalArgumentException(
          "A price lies between 0 and 1,000,000, not " + price + ".");
    }
    if (most != null && most < 0) {
      throw new IllegalArgumentException("So many packs cannot be had: " + most + ".");
    }
  }

  /** So many packs more than needed are looked at for a parcel that is sent for nothing. */
  static final int LARGEST_EXTRA = 200;

  int mostPacks() {
    return most == null ? MOST_PIECES : Math.min(most, MOST_PIECES);
  }
}

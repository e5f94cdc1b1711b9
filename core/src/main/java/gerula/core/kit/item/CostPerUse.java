package gerula.core.kit.item;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** What a thing has cost each time it was used. */
public final class CostPerUse {

  private CostPerUse() {}

  /**
   * The price over the uses, half-even to the hundredth; the whole price when it was never used.
   *
   * @param price 0 or more
   * @param uses 0 or more
   */
  public static BigDecimal of(BigDecimal price, int uses) {
    if (uses < 0) {
      throw new IllegalArgumentException("An item is used 0 or more times, not " + uses + ".");
    }
    return price.divide(BigDecimal.valueOf(Math.max(1, uses)), 2, RoundingMode.HALF_EVEN);
  }
}

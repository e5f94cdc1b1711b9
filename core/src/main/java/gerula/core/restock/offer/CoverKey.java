package gerula.core.restock.offer;

/**
 * Money, waste and shops in one number, so that less money counts before all waste, and less waste
 * before all shops; the numbers add up.
 */
final class CoverKey {

  private static final int WASTE_BITS = 22;
  private static final int SHOP_BITS = 5;
  private static final long MOST_WASTE = (1L << WASTE_BITS) - 1;

  /** One shop more. */
  static final long A_SHOP = 1;

  /** The hundredth of the currency. */
  static final long A_CENT = 1L << (WASTE_BITS + SHOP_BITS);

  static final long NONE = Long.MAX_VALUE / 4;

  private CoverKey() {}

  static long of(long cents, long waste) {
    return cents * A_CENT + (Math.min(waste, MOST_WASTE) << SHOP_BITS);
  }
}

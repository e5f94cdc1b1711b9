package gerula.core.kit.place;

import gerula.core.kit.product.ProductClass;

/**
 * What a place is to hold when it is ready, and how many of it.
 *
 * @param pieces 1 to {@value #MOST_PIECES}
 */
public record SetContent(ProductClass productClass, int pieces) {

  public static final int MOST_PIECES = 9999;

  /** So much is told of one place. */
  public static final int MOST = 40;

  public SetContent {
    if (pieces < 1 || pieces > MOST_PIECES) {
      throw new IllegalArgumentException(
          "A place is to hold 1 to 9,999 of something, but this says " + pieces + ".");
    }
  }
}

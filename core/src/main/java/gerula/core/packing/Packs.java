package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;

/** How much items hold, for those who use them up and for those who share them. */
final class Packs {

  private static final long WITHOUT_END = Long.MAX_VALUE / 1_000_000;

  private final Suitability suitability;

  Packs(Suitability suitability) {
    this.suitability = suitability;
  }

  /** Thousandths that can be used up. */
  long held(Item item) {
    return isNeverUsedUp(item) ? WITHOUT_END : suitability.leftOf(item);
  }

  /** A trimmer serves as often as a razor a face. */
  static boolean isNeverUsedUp(Item item) {
    return item.product().classes().contains(ProductClass.TRIMMER);
  }

  /** How many pieces of what is shared one item is. */
  long shares(Item item) {
    return switch (item.left().unit()) {
      case PIECE -> Math.max(1000, suitability.leftOf(item));
      case ML, G -> 1000;
    };
  }
}

package gerula.core.booking;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;

/**
 * What one face takes of one product or of all colours of one kind, a day and look. Common
 * practice; those below a tenth are estimates from memory.
 */
public final class UsualAmounts {

  private UsualAmounts() {}

  /**
   * About how much of it one use on a face takes; nothing of what is counted or not used up.
   *
   * @param tenths how much of a mix it is, 1 to 10
   */
  public static Quantity aUse(Item item, int tenths) {
    if (item.left().unit() == Unit.PIECE) {
      return new Quantity(0, Unit.PIECE);
    }
    return new Quantity(of(item.product().productClass()) * tenths / 10, item.left().unit());
  }

  /** Thousandths of a millilitre or gram that a face takes a day; pieces of what is counted. */
  public static long ofAFace(ProductClass one) {
    return of(one);
  }

  /** Thousandths of a millilitre or gram; pieces of what is counted. */
  static long of(ProductClass one) {
    return switch (one) {
      case STRIP_LASHES -> 1;
      case CLUSTER_LASHES -> 16;
      case FOUNDATION -> 600;
      case AIRBRUSH_COLOUR -> 500;
      case FACE_POWDER -> 300;
      case EYE_SHADOW, CREAM_SHADOW, LIP_COLOUR, LIP_GLOSS, CONCEALER -> 100;
      case EYE_PENCIL, GEL_LINER, LIQUID_LINER, LIP_PENCIL -> 20;
      default -> 50;
    };
  }

  static Unit unit(ProductClass one) {
    return switch (one) {
      case STRIP_LASHES, CLUSTER_LASHES -> Unit.PIECE;
      case FOUNDATION, AIRBRUSH_COLOUR -> Unit.ML;
      default -> Unit.G;
    };
  }
}

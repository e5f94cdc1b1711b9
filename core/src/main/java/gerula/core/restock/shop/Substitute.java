package gerula.core.restock.shop;

import gerula.core.kit.product.Product;
import gerula.core.shade.ColourDifference;
import gerula.core.shade.Lab;
import java.util.OptionalDouble;

/**
 * Whether a product does for another: of the same class and unit, with every trait of it, and of a
 * colour within the house's distance.
 */
public final class Substitute {

  private Substitute() {}

  /**
   * How far its colour lies from the other's by CIEDE2000, 0 where neither has one.
   *
   * @param limit the farthest that still does
   * @return empty where it does not do
   */
  public static OptionalDouble distance(Product wanted, Product other, double limit) {
    boolean isAlike =
        wanted.productClass() == other.productClass()
            && wanted.content().unit() == other.content().unit()
            && wanted.form() == other.form()
            && wanted.shades().isEmpty()
            && other.shades().isEmpty()
            && wanted.traits().stream().allMatch(other::has)
            && other.classes().containsAll(wanted.classes());
    if (!isAlike || wanted.id().equals(other.id())) {
      return OptionalDouble.empty();
    }
    String one = wanted.colour();
    String two = other.colour();
    if (one == null || two == null || !wanted.productClass().leavesColour()) {
      return isSameWords(wanted, other) ? OptionalDouble.of(0) : OptionalDouble.empty();
    }
    double distance = ColourDifference.between(Lab.ofSrgb(one), Lab.ofSrgb(two));
    return distance <= limit ? OptionalDouble.of(distance) : OptionalDouble.empty();
  }

  /** What was not measured does for what is called the same. */
  private static boolean isSameWords(Product wanted, Product other) {
    boolean isOfOneDepth =
        wanted.depth() == null ? other.depth() == null : wanted.depth().equals(other.depth());
    return wanted.shade().equalsIgnoreCase(other.shade()) && isOfOneDepth;
  }
}

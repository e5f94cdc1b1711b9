package gerula.core.depot.empties;

import gerula.core.depot.Amounts;
import gerula.core.kit.item.Container;

/**
 * A kind of empty container in stock.
 *
 * @param sizeMl what it holds to the brim, above 0
 * @param tareG what it weighs empty, 0 or more
 * @param outerMl the room it takes outside, above 0
 * @param count how many there are, 0 or more
 */
public record Empty(
    Container container,
    Material material,
    double sizeMl,
    double tareG,
    double outerMl,
    int count) {

  /** Filled to about 95 %: a full one spills when it is opened. Common practice. */
  public static final double FILLED = 0.95;

  public Empty {
    Amounts.positive("size", "ml", sizeMl);
    Amounts.notNegative("empty weight", "g", tareG);
    Amounts.positive("outer volume", "ml", outerMl);
    if (count < 0) {
      throw new IllegalArgumentException("There are 0 or more empties, but this is " + count + ".");
    }
  }

  /** One whose material nobody told is of the usual one. */
  public Empty(Container container, double sizeMl, double tareG, double outerMl, int count) {
    this(container, Material.POLYETHYLENE, sizeMl, tareG, outerMl, count);
  }

  /** What it is filled with at most, in ml. */
  public double mostMl() {
    return sizeMl * FILLED;
  }
}

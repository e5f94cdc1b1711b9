package gerula.core.depot.empties;

import gerula.core.depot.Amounts;
import gerula.core.kit.item.Container;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;

/**
 * A kind of empty container in stock.
 *
 * @param size what it holds to the brim, above 0
 * @param tare what it weighs empty
 * @param outer the room it takes outside, above 0
 * @param count how many there are, 0 or more
 */
public record Empty(
    Container container, Material material, Volume size, Mass tare, Volume outer, int count) {

  /** Filled to about 95 %: a full one spills when it is opened. Common practice. */
  public static final double FILLED = 0.95;

  public Empty {
    Amounts.positive("size", size);
    Amounts.bounded("empty weight", tare);
    Amounts.positive("outer volume", outer);
    if (count < 0) {
      throw new IllegalArgumentException("There are 0 or more empties, but this is " + count + ".");
    }
  }

  /** One whose material nobody told is of the usual one. */
  public Empty(Container container, Volume size, Mass tare, Volume outer, int count) {
    this(container, Material.POLYETHYLENE, size, tare, outer, count);
  }

  /** What it is filled with at most. */
  public Volume most() {
    return size.times(FILLED);
  }
}

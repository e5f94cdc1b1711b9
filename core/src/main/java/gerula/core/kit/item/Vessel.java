package gerula.core.kit.item;

import gerula.core.kit.product.Measures;
import gerula.core.quantity.Quantity;
import org.jspecify.annotations.Nullable;

/**
 * What a thing is in. Closed: everything is either as it was bought or moved into something else.
 */
public sealed interface Vessel {

  Vessel PACK = new OwnPack();

  /** The pack it was bought in. */
  record OwnPack() implements Vessel {}

  /**
   * Moved into a container of the artist's.
   *
   * @param size what the container holds when full, in the product's unit; more than nothing
   * @param measures own measures of the full container, null where they are to be estimated
   */
  record Decant(Container container, Quantity size, @Nullable Measures measures) implements Vessel {
    public Decant {
      if (size.isNone()) {
        throw new IllegalArgumentException("A container holds more than nothing.");
      }
    }
  }
}

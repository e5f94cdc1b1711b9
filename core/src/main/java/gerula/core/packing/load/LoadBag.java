package gerula.core.packing.load;

import gerula.core.quantity.Mass;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A bag that is taken along.
 *
 * @param ownMass of the empty bag
 * @param greatestMass with all it holds, null without a limit
 */
public record LoadBag(
    String id, Mass ownMass, @Nullable Mass greatestMass, List<Compartment> compartments) {

  public LoadBag {
    compartments = List.copyOf(compartments);
  }

  /** More than anything weighs, and adds up. */
  private static final long UNLIMITED_MG = 1L << 50;

  /** What may go into it, in mg; below 0 where the empty bag is too heavy. */
  long roomMg() {
    return greatestMass == null ? UNLIMITED_MG : greatestMass.milligrams() - ownMass.milligrams();
  }
}

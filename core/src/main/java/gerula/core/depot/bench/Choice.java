package gerula.core.depot.bench;

import gerula.core.depot.Amounts;
import gerula.core.quantity.Volume;
import org.jspecify.annotations.Nullable;

/**
 * What the artist wants for one pack; the plan is made around it. Closed: each is planned
 * otherwise.
 */
public sealed interface Choice {

  /** The pack stays as it is. */
  record Stays() implements Choice {}

  /**
   * Into containers of one kind.
   *
   * @param empty position of the kind among the empties, from 0
   * @param count how many, 1 to {@link SessionPlanner#MOST_PORTIONS}
   * @param fill in each, above 0; null to have it worked out
   */
  record Into(int empty, int count, @Nullable Volume fill) implements Choice {
    public Into {
      if (count < 1 || count > SessionPlanner.MOST_PORTIONS) {
        throw new IllegalArgumentException(
            "A pack is parted into 1 to "
                + SessionPlanner.MOST_PORTIONS
                + " containers, but this is "
                + count
                + ".");
      }
      if (fill != null) {
        Amounts.positive("amount", fill);
      }
    }
  }
}

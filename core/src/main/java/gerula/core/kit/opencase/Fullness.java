package gerula.core.kit.opencase;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.product.Measures;
import gerula.core.quantity.Volume;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How full a place is. */
final class Fullness {

  private static final double MM3_PER_ML = 1000;

  private Fullness() {}

  /**
   * By slots where it has slots, else by volume: outer volumes of the pieces against the inner
   * volume of the place. 1 is full to the last corner, which loose things never reach.
   *
   * @return null for a place with compartments of its own, or one that was never measured
   */
  static @Nullable Double of(Place place, List<Tray> trays, List<Item> items) {
    Inside inside = place.inside();
    if (!trays.isEmpty()) {
      return null;
    }
    if (inside.slots() != null) {
      return (double) items.size() / inside.slots().count();
    }
    if (inside.widthMm() == null || inside.depthMm() == null || inside.heightMm() == null) {
      return null;
    }
    double roomMl = (double) inside.widthMm() * inside.depthMm() * inside.heightMm() / MM3_PER_ML;
    return Volume.sum(items.stream().map(Item::measures).map(Measures::volume))
        .per(Volume.ofMl(roomMl));
  }
}

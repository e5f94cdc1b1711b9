package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Mass;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/** Palettes come whole: what lies in one goes along with it, as one piece. */
final class Palettes {

  private final PlaceTree places;
  private final Map<UUID, Item> kit;
  private final Map<UUID, Mass> masses = new HashMap<>();

  Palettes(PlaceTree places, Map<UUID, Item> kit) {
    this.places = places;
    this.kit = kit;
  }

  /** The palette it lies in, or the item itself. */
  Item comesAs(Item item) {
    UUID now = item.now();
    Item whole = now == null ? null : places.find(now).map(Place::thing).map(kit::get).orElse(null);
    return whole == null ? item : whole;
  }

  /** The mass of what it comes as, all pans included. */
  Mass mass(Item item) {
    Item whole = comesAs(item);
    if (whole == item) {
      return item.mass();
    }
    return masses.computeIfAbsent(
        whole.id(),
        _ ->
            Mass.sum(
                Stream.concat(
                    Stream.of(whole.mass()),
                    kit.values().stream()
                        .filter(other -> other != whole && comesAs(other) == whole)
                        .map(Item::mass))));
  }
}

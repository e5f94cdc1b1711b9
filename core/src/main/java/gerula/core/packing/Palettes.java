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

  private final Map<UUID, Item> kit;

  /** By the place inside. */
  private final Map<UUID, Item> wholes = new HashMap<>();

  private final Map<UUID, Mass> masses = new HashMap<>();

  Palettes(PlaceTree places, Map<UUID, Item> kit) {
    this.kit = kit;
    for (Place place : places.inWalkingOrder()) {
      UUID thing = place.thing();
      Item whole = thing == null ? null : kit.get(thing);
      if (whole != null) {
        wholes.put(place.id(), whole);
      }
    }
  }

  /** The palette it lies in, or the item itself. */
  Item comesAs(Item item) {
    UUID now = item.now();
    Item whole = now == null ? null : wholes.get(now);
    return whole == null ? item : whole;
  }

  /** The mass of what it comes as, all pans included. */
  Mass mass(Item item) {
    Item whole = comesAs(item);
    Mass known = masses.get(whole.id());
    if (known == null) {
      known = whole == item ? item.mass() : massWithPans(whole);
      masses.put(whole.id(), known);
    }
    return known;
  }

  private Mass massWithPans(Item whole) {
    return Mass.sum(Stream.concat(Stream.of(whole.mass()), pansOf(whole).map(Item::mass)));
  }

  /** What lies in a palette; nothing, of anything else. */
  Stream<Item> pansOf(Item whole) {
    return kit.values().stream().filter(other -> other != whole && comesAs(other) == whole);
  }
}

package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Mass;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Palettes come whole: what lies in one goes along with it, as one piece. A pan that is lifted out
 * for the booking is a piece of its own, carried in another palette.
 */
final class Palettes {

  private final KitInOrder order;
  private final Map<UUID, Item> kit;

  /** By the place inside. */
  private final Map<UUID, Item> wholes = new HashMap<>();

  private final Set<UUID> palettes = new HashSet<>();

  /** By pan: the palette it is carried in. */
  private final Map<UUID, Item> carriers = new HashMap<>();

  private final Map<UUID, Mass> masses = new HashMap<>();

  /**
   * @param packed what is with the booking already: a pan of it that lies in a palette it does not
   *     belong to was lifted for the booking
   * @param lifted the palette that each pan is carried in, by pan
   */
  Palettes(PlaceTree places, KitInOrder order, Set<UUID> packed, Map<UUID, Item> lifted) {
    this.order = order;
    this.kit = order.items();
    for (Place place : places.inWalkingOrder()) {
      UUID thing = place.thing();
      Item whole = thing == null ? null : kit.get(thing);
      if (whole != null) {
        wholes.put(place.id(), whole);
        palettes.add(whole.id());
      }
    }
    packed.stream().map(kit::get).filter(Objects::nonNull).forEach(this::noteGuest);
    carriers.putAll(lifted);
  }

  private void noteGuest(Item pan) {
    Item carrier = pan.now() == null ? null : wholes.get(pan.now());
    if (carrier != null && pan.home() != null && !pan.home().equals(pan.now())) {
      carriers.put(pan.id(), carrier);
    }
  }

  /** The palette it lies in, or the item itself. */
  Item comesAs(Item item) {
    UUID now = item.now();
    Item whole = now == null || carriers.containsKey(item.id()) ? null : wholes.get(now);
    return whole == null ? item : whole;
  }

  /** The palette a lifted pan is carried in; null for everything else. */
  @Nullable Item carrierOf(Item pan) {
    return carriers.get(pan.id());
  }

  /** The palette it belongs to; null where it belongs to none. */
  @Nullable Item belongsTo(Item pan) {
    return pan.home() == null ? null : wholes.get(pan.home());
  }

  /** The mass of what it comes as, all pans included. */
  Mass mass(Item item) {
    Item whole = comesAs(item);
    Mass known = masses.get(whole.id());
    if (known == null) {
      known = palettes.contains(whole.id()) ? massWithPans(whole) : order.mass(item);
      masses.put(whole.id(), known);
    }
    return known;
  }

  private Mass massWithPans(Item whole) {
    return Mass.sum(Stream.concat(Stream.of(whole), pansOf(whole)).map(order::mass));
  }

  /** What lies in a palette and comes with it; nothing, of anything else. */
  Stream<Item> pansOf(Item whole) {
    return kit.values().stream().filter(other -> other != whole && comesAs(other) == whole);
  }
}

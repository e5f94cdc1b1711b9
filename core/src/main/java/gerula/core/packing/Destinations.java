package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Section;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Which compartment of the chosen bags a thing is packed into. */
final class Destinations {

  private final PlaceTree places;
  private final List<UUID> bags;

  Destinations(PlaceTree places, List<UUID> bags) {
    this.places = places;
    this.bags = bags.stream().filter(bag -> places.find(bag).isPresent()).toList();
  }

  boolean isInABag(Item item) {
    return bags.stream().anyMatch(bag -> places.liesIn(item.now(), bag));
  }

  /** Its own home when that travels along, else the first compartment laid out for its section. */
  @Nullable UUID of(Item item) {
    if (bags.stream().anyMatch(bag -> places.liesIn(item.home(), bag))) {
      return item.home();
    }
    return bags.stream()
        .flatMap(bag -> compartment(bag, item.product().productClass().section()).stream())
        .findFirst()
        .orElse(bags.isEmpty() ? null : bags.getFirst());
  }

  private Optional<UUID> compartment(UUID within, Section section) {
    for (Place place : places.inside(within)) {
      if (place.purpose().section() == section) {
        return Optional.of(place.id());
      }
      Optional<UUID> deeper = compartment(place.id(), section);
      if (deeper.isPresent()) {
        return deeper;
      }
    }
    return Optional.empty();
  }
}

package gerula.core.packing;

import gerula.core.kit.PersonRef;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Section;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Which compartment of the chosen bags a thing is packed into. */
final class Destinations {

  private final PlaceTree places;
  private final List<UUID> bags;
  private final LoadChoices load;

  Destinations(PlaceTree places, List<UUID> bags, LoadChoices load) {
    this.load = load;
    this.places = places;
    this.bags = bags.stream().filter(bag -> places.find(bag).isPresent()).toList();
  }

  boolean isInABag(Item item) {
    return bags.stream().anyMatch(bag -> places.liesIn(item.now(), bag));
  }

  /**
   * Where it is packed: what is one person's, or touches nobody else while one stands by, into her
   * section; what is only for standing by into the bag that is worn; else its own home when that
   * travels along; what is only there in case another fails to the back stock; else the first
   * compartment laid out for its section.
   */
  @Nullable UUID of(LineDraft line) {
    Item item = line.item();
    return hers(line)
        .or(() -> worn(line))
        .or(() -> own(item))
        .or(() -> inBackStock(line))
        .or(() -> bags.stream().flatMap(bag -> compartment(bag, item).stream()).findFirst())
        .orElse(bags.isEmpty() ? null : bags.getFirst());
  }

  /** Where it has to go or was planned, as long as that is in a chosen bag. */
  Optional<UUID> planned(LineDraft line) {
    return load.spot(line.item().id())
        .map(LoadChoices.Spot::place)
        .filter(place -> bags.stream().anyMatch(bag -> places.liesIn(place, bag)));
  }

  private Optional<UUID> own(Item item) {
    return bags.stream().anyMatch(bag -> places.liesIn(item.home(), bag))
        ? Optional.ofNullable(item.home())
        : Optional.empty();
  }

  private Optional<UUID> hers(LineDraft line) {
    UUID person =
        switch (line.item().forWhom()) {
          case ForWhom.Only only -> only.person().id();
          case ForWhom.Everybody _, ForWhom.TheArtist _ ->
              line.isForStandByOnly() && line.onlyUser() != null ? line.onlyUser().person() : null;
        };
    return person == null
        ? Optional.empty()
        : within().filter(place -> isOf(person, place)).map(Place::id).findFirst();
  }

  private Optional<UUID> worn(LineDraft line) {
    return line.isForStandByOnly()
        ? bags.stream()
            .filter(bag -> places.find(bag).map(Destinations::isWorn).orElse(false))
            .findFirst()
        : Optional.empty();
  }

  /** The trailer, or the last of several bags that are not worn. */
  private Optional<UUID> inBackStock(LineDraft line) {
    List<Place> kept =
        bags.stream()
            .flatMap(bag -> places.find(bag).stream())
            .filter(bag -> !isWorn(bag))
            .toList();
    if (!line.isSpareOnly() || kept.size() < 2) {
      return Optional.empty();
    }
    Place last =
        kept.stream()
            .filter(bag -> bag.kind() == PlaceKind.TRAILER)
            .findFirst()
            .orElse(kept.getLast());
    return compartment(last.id(), line.item()).or(() -> Optional.of(last.id()));
  }

  private static boolean isOf(UUID person, Place place) {
    PersonRef performer = place.purpose().performer();
    return performer != null && performer.id().equals(person);
  }

  private static boolean isWorn(Place bag) {
    return bag.kind() == PlaceKind.SET_BAG || bag.kind() == PlaceKind.BELT;
  }

  private Stream<Place> within() {
    return bags.stream()
        .flatMap(bag -> places.withAllInside(bag).stream())
        .flatMap(id -> places.find(id).stream());
  }

  private Optional<UUID> compartment(UUID within, Item item) {
    return compartment(within, item.product().productClass().section());
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

package gerula.core.packing;

import gerula.core.kit.PersonRef;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.place.PlaceUse;
import gerula.core.kit.place.Purpose;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Which compartment of the chosen bags a thing is packed into. */
final class Destinations {

  /** Filled for somebody and not seen again. */
  private static final Set<ProductClass> GIVEN_AWAY =
      EnumSet.of(ProductClass.TOUCH_UP_JAR, ProductClass.CARD);

  private final PlaceTree places;

  /** All that are chosen. */
  private final List<UUID> chosen;

  /** What the kit travels in: a trailer is moved into, unless there is nothing else. */
  private final List<UUID> bags;

  /** The trailer that is chosen, or null. */
  private final @Nullable UUID trailer;

  /** Those that are chosen, and every place in them. */
  private final Set<UUID> withAllInside = new HashSet<>();

  private final LoadChoices load;

  Destinations(PlaceTree places, List<UUID> bags, LoadChoices load) {
    this.load = load;
    this.places = places;
    chosen = bags.stream().filter(bag -> places.find(bag).isPresent()).toList();
    this.bags = ListTrailer.carried(chosen, places);
    trailer = ListTrailer.of(chosen, places).map(Place::id).orElse(null);
    chosen.forEach(bag -> withAllInside.addAll(places.withAllInside(bag)));
  }

  boolean isInABag(Item item) {
    return item.now() != null && withAllInside.contains(item.now());
  }

  /**
   * Where it is packed: what lies in the trailer already stays there; what is one person's, or
   * touches nobody else while one stands by, into her section; what is only for standing by into
   * the bag that is worn; what is given away to the rest of that; else its own home when that
   * travels along; what is only there in case another fails to the back stock; else the first
   * compartment laid out for its section.
   */
  @Nullable UUID of(LineDraft line) {
    return inTheTrailer(line.item()).orElseGet(() -> usual(line));
  }

  private @Nullable UUID usual(LineDraft line) {
    Item item = line.item();
    return hers(line)
        .or(() -> worn(line))
        .or(() -> givenAway(item))
        .or(() -> own(item))
        .or(() -> inBackStock(line))
        .or(() -> bags.stream().flatMap(bag -> compartment(bag, item).stream()).findFirst())
        .or(() -> bags.stream().filter(bag -> !isWornBag(bag)).findFirst())
        .orElseGet(() -> bags.isEmpty() ? null : bags.getFirst());
  }

  /** Where there are bags beside it: a trailer alone is a bag like others. */
  private Optional<UUID> inTheTrailer(Item item) {
    return Optional.ofNullable(trailer)
        .filter(_ -> !bags.contains(trailer) && places.liesIn(item.now(), trailer))
        .map(_ -> item.now());
  }

  /**
   * Where it has to go or was planned, as long as that is in a bag that is carried and it does not
   * lie in the trailer already.
   */
  Optional<UUID> planned(LineDraft line) {
    return inTheTrailer(line.item()).isPresent() ? Optional.empty() : plannedIn(line);
  }

  private Optional<UUID> plannedIn(LineDraft line) {
    return load.spot(line.item().id())
        .map(LoadChoices.Spot::place)
        .filter(place -> bags.stream().anyMatch(bag -> places.liesIn(place, bag)));
  }

  /**
   * Where it stands in the trailer that is chosen: what is worn or for somebody to take home stays
   * in its bag.
   */
  PackingLine.@Nullable AtWork atWork(LineDraft line) {
    if (trailer == null) {
      return null;
    }
    UUID station = station(line, trailer);
    boolean isAtHome =
        places.liesIn(line.item().home(), trailer) && places.liesIn(line.item().now(), trailer);
    UUID bag = isAtHome || bags.contains(trailer) ? null : carriedIn(line);
    return station == null || (bag != null && staysInItsBag(bag))
        ? null
        : new PackingLine.AtWork(station, bag);
  }

  /**
   * Where it was set up, or where the trailer is laid out for it; what nothing is laid out for
   * stands at the first station.
   */
  private @Nullable UUID station(LineDraft line, UUID trailer) {
    UUID now = line.item().now();
    boolean isSetUp =
        places.liesIn(now, trailer) && !trailer.equals(now) && !serves(now, PlaceUse.BACK_STOCK);
    if (isSetUp) {
      return now;
    }
    UUID laidOut = new Destinations(places, List.of(trailer), load).usual(line);
    return trailer.equals(laidOut) ? firstStation(trailer) : laidOut;
  }

  private UUID firstStation(UUID trailer) {
    return places.inWalkingOrder().stream()
        .filter(place -> place.kind() == PlaceKind.STATION)
        .map(Place::id)
        .filter(place -> places.liesIn(place, trailer))
        .findFirst()
        .orElse(trailer);
  }

  private @Nullable UUID carriedIn(LineDraft line) {
    return plannedIn(line).orElseGet(() -> usual(line));
  }

  private boolean staysInItsBag(UUID place) {
    return places.outermost(place).map(Destinations::isWorn).orElse(false)
        || serves(place, PlaceUse.GIVEN_AWAY);
  }

  private boolean serves(UUID place, PlaceUse use) {
    return places.path(place).stream().anyMatch(one -> serves(one, use));
  }

  private Optional<UUID> givenAway(Item item) {
    return GIVEN_AWAY.contains(item.product().productClass())
        ? within().filter(place -> serves(place, PlaceUse.GIVEN_AWAY)).map(Place::id).findFirst()
        : Optional.empty();
  }

  private static boolean serves(Place place, PlaceUse use) {
    return place.purpose().use() == use;
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
        ? bags.stream().filter(this::isWornBag).findFirst()
        : Optional.empty();
  }

  /** What is laid out as back stock, else the last of several that are not worn. */
  private Optional<UUID> inBackStock(LineDraft line) {
    if (!line.isSpareOnly()) {
      return Optional.empty();
    }
    Optional<UUID> laidOut =
        within().filter(place -> serves(place, PlaceUse.BACK_STOCK)).map(Place::id).findFirst();
    return laidOut.or(() -> inTheLastBag(line));
  }

  private Optional<UUID> inTheLastBag(LineDraft line) {
    List<Place> kept =
        bags.stream()
            .flatMap(bag -> places.find(bag).stream())
            .filter(bag -> !isWorn(bag))
            .toList();
    if (kept.size() < 2) {
      return Optional.empty();
    }
    Place last = kept.getLast();
    return compartment(last.id(), line.item()).or(() -> Optional.of(last.id()));
  }

  private static boolean isOf(UUID person, Place place) {
    PersonRef performer = place.purpose().performer();
    return performer != null && performer.id().equals(person);
  }

  private boolean isWornBag(UUID bag) {
    return places.find(bag).map(Destinations::isWorn).orElse(false);
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

  /** One that is laid out for it, else one that is kept for it among others. */
  private Optional<UUID> compartment(UUID within, Section section) {
    return compartment(within, purpose -> purpose.section() == section)
        .or(() -> compartment(within, purpose -> purpose.allowed().contains(section)));
  }

  private Optional<UUID> compartment(UUID within, Predicate<Purpose> suits) {
    for (Place place : places.inside(within)) {
      if (place.purpose().use() != null) {
        continue;
      }
      if (suits.test(place.purpose())) {
        return Optional.of(place.id());
      }
      Optional<UUID> deeper = compartment(place.id(), suits);
      if (deeper.isPresent()) {
        return deeper;
      }
    }
    return Optional.empty();
  }
}

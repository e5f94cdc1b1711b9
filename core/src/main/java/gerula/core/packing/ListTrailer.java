package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.packing.trailer.TrailerPiece;
import gerula.core.packing.trailer.TrailerPlan;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The lines of a list as what is worked with in the chosen trailer.
 *
 * @param trailer the place
 * @param places of it in the order in which one walks through it
 */
public record ListTrailer(Place trailer, List<Place> places, TrailerPlan plan) {

  public ListTrailer {
    places = List.copyOf(places);
  }

  /** The first trailer among chosen bags. */
  static Optional<Place> of(Collection<UUID> bags, PlaceTree places) {
    return bags.stream()
        .flatMap(bag -> places.find(bag).stream())
        .filter(bag -> bag.kind() == PlaceKind.TRAILER)
        .findFirst();
  }

  /** What a kit travels in: a trailer is moved into, unless there is nothing else. */
  public static List<UUID> carried(List<UUID> bags, PlaceTree places) {
    List<UUID> moved =
        bags.stream()
            .filter(bag -> places.find(bag).map(ListTrailer::isNoTrailer).orElse(false))
            .toList();
    return moved.isEmpty() ? bags : moved;
  }

  private static boolean isNoTrailer(Place place) {
    return place.kind() != PlaceKind.TRAILER;
  }

  /**
   * @param lines of the list; once the bags have left those that went along
   * @return empty where no trailer is chosen
   */
  public static Optional<ListTrailer> of(
      List<PackingLine> lines, PackingList.PackingFacts facts, LocalDate today) {
    return of(facts.bags(), facts.places()).map(trailer -> inIt(trailer, lines, facts, today));
  }

  private static ListTrailer inIt(
      Place trailer, List<PackingLine> lines, PackingList.PackingFacts facts, LocalDate today) {
    PlaceTree tree = facts.places();
    Set<UUID> within = tree.withAllInside(trailer.id());
    List<Place> places =
        tree.inWalkingOrder().stream().filter(place -> within.contains(place.id())).toList();
    Booking booking = facts.booking();
    Map<UUID, Face> faces =
        booking.faces().stream().collect(Collectors.toMap(Face::id, Function.identity()));
    List<TrailerPiece> pieces =
        lines.stream()
            .filter(line -> line.atWork() != null)
            .map(line -> piece(line, booking, faces, within))
            .toList();
    return new ListTrailer(
        trailer,
        places,
        TrailerPlan.of(
            pieces,
            places.stream().map(Place::id).toList(),
            booking.firstDay(),
            booking.lastDay(),
            today));
  }

  private static TrailerPiece piece(
      PackingLine line, Booking booking, Map<UUID, Face> faces, Set<UUID> within) {
    Item item = line.item();
    PackingLine.AtWork atWork = Objects.requireNonNull(line.atWork());
    return new TrailerPiece(
        item.id(),
        days(line, booking, faces),
        atWork.bag(),
        atWork.station(),
        line.section().ordinal(),
        within.contains(item.now()),
        within.contains(item.home()),
        booking.conditions().contains(Condition.VEHICLE_HEAT_OR_FROST)
            && ListLoad.melts(item.product().form()));
  }

  /** Those of the faces it is for; what all share is needed every day. */
  private static SortedSet<LocalDate> days(
      PackingLine line, Booking booking, Map<UUID, Face> faces) {
    SortedSet<LocalDate> days = new TreeSet<>();
    for (UUID id : line.faces()) {
      Set<LocalDate> hers = faces.get(id).daysPresent();
      hers.stream().filter(booking::isOn).forEach(days::add);
      if (hers.isEmpty()) {
        return all(booking);
      }
    }
    return days.isEmpty() ? all(booking) : days;
  }

  private static SortedSet<LocalDate> all(Booking booking) {
    return booking
        .firstDay()
        .datesUntil(booking.lastDay().plusDays(1))
        .collect(Collectors.toCollection(TreeSet::new));
  }
}

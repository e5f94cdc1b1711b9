package gerula.core.packing;

import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.packing.load.Compartment;
import gerula.core.packing.load.LoadObstacle;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.Orientation;
import gerula.core.packing.load.Posture;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A part of a chosen bag that comes off with all it holds: a pouch that unclips, the top of a case.
 *
 * @param bag the chosen one it lies in now
 * @param mass with all that goes into it
 * @param home where it belongs, when it does not lie there
 * @param ways the other chosen bags, in their order, without the one it belongs in
 */
public record PortablePart(
    UUID place, UUID bag, Mass mass, @Nullable UUID home, List<WholeWay> ways) {

  /**
   * Into another bag as a whole.
   *
   * @param into the place of that bag it would lie in
   * @param obstacle what speaks against it; null where it goes in
   */
  public record WholeWay(UUID bag, UUID into, @Nullable LoadObstacle obstacle) {}

  public PortablePart {
    ways = List.copyOf(ways);
  }

  /** The way into that place, if there is one. */
  public Stream<WholeWay> into(UUID target) {
    return ways.stream().filter(way -> way.into().equals(target));
  }

  /**
   * @param load of the same list
   */
  public static List<PortablePart> of(
      PackingList list, PackingList.PackingFacts facts, ListLoad load) {
    return new Parts(list, facts, load).all();
  }

  /** Looks at each part and each bag. */
  private static final class Parts {

    private final PackingList.PackingFacts facts;
    private final PlaceTree places;
    private final ListLoad load;
    private final Map<UUID, Mass> massOfBag = new HashMap<>();

    /** Pieces by the place they go to. */
    private final Map<UUID, List<LoadPiece>> in = new HashMap<>();

    Parts(PackingList list, PackingList.PackingFacts facts, ListLoad load) {
      this.facts = facts;
      this.places = facts.places();
      this.load = load;
      list.bags().forEach(one -> massOfBag.put(one.bag(), one.mass()));
      Map<String, LoadPiece> pieces = new HashMap<>();
      load.load().pieces().forEach(piece -> pieces.put(piece.id(), piece));
      for (PackingLine line : list.lines()) {
        LoadPiece piece = pieces.get(line.item().id().toString());
        if (piece != null && line.goesTo() != null) {
          in.computeIfAbsent(line.goesTo(), _ -> new ArrayList<>()).add(piece);
        }
      }
    }

    List<PortablePart> all() {
      return load.bags().stream()
          .flatMap(
              bag ->
                  places.inWalkingOrder().stream()
                      .filter(Place::comesOff)
                      .filter(part -> !part.id().equals(bag.bag()))
                      .filter(part -> places.liesIn(part.id(), bag.bag()))
                      .map(part -> part(part, bag)))
          .toList();
    }

    private PortablePart part(Place part, BagRooms bag) {
      Set<UUID> within = places.withAllInside(part.id());
      List<LoadPiece> holds =
          within.stream().flatMap(id -> in.getOrDefault(id, List.of()).stream()).toList();
      Mass mass =
          Mass.sum(
              Stream.concat(
                  within.stream().flatMap(id -> places.find(id).stream()).map(Place::ownMass),
                  holds.stream().map(LoadPiece::mass)));
      UUID home = places.homeElsewhere(part).orElse(null);
      return new PortablePart(
          part.id(),
          bag.bag(),
          mass,
          home,
          load.bags().stream()
              .filter(other -> !other.bag().equals(bag.bag()))
              .filter(other -> home == null || !places.liesIn(home, other.bag()))
              .flatMap(other -> way(part, holds, mass, other).stream())
              .toList());
    }

    /**
     * The compartment of that bag that takes it, else the one of which least speaks against it; of
     * several the bag's own room first, where nothing else has its place.
     */
    private Optional<WholeWay> way(Place part, List<LoadPiece> holds, Mass mass, BagRooms other) {
      return other.rooms().stream()
          .filter(room -> !room.isClosed() && room.slot() == null)
          .sorted(Comparator.comparing(room -> !room.place().equals(other.bag())))
          .map(
              room ->
                  new WholeWay(other.bag(), room.place(), obstacle(part, holds, mass, other, room)))
          .max(Comparator.comparingInt(Parts::mildness));
    }

    private static int mildness(WholeWay way) {
      return way.obstacle() == null ? LoadObstacle.values().length : way.obstacle().ordinal();
    }

    private @Nullable LoadObstacle obstacle(
        Place part, List<LoadPiece> holds, Mass mass, BagRooms other, BagRooms.Room room) {
      Compartment compartment = room.compartment();
      if (!takesAll(compartment, holds)) {
        return compartment.person() == null
            ? LoadObstacle.NOT_ALLOWED
            : LoadObstacle.SOMEBODY_ELSES;
      }
      boolean leaks = holds.stream().anyMatch(LoadPiece::isWet) && !part.inside().isSealed();
      if (leaks && !compartment.isSealed()) {
        return LoadObstacle.NOT_SEALED;
      }
      Posture measures = BagRooms.measures(part);
      // With what stands in it it may be turned and not tipped.
      boolean stands = holds.stream().anyMatch(piece -> piece.orientation() == Orientation.UPRIGHT);
      if (!compartment.takes(measures, stands ? Orientation.UPRIGHT : Orientation.ANY)) {
        return LoadObstacle.TOO_LARGE;
      }
      Mass whole = massOfBag.getOrDefault(other.bag(), other.ownMass()).plus(mass);
      if (other.greatestMass() != null && whole.compareTo(other.greatestMass()) > 0) {
        return LoadObstacle.TOO_HEAVY;
      }
      double taken =
          in.getOrDefault(room.place(), List.of()).stream().mapToDouble(LoadPiece::taken).sum()
              + measures.volume();
      return taken > compartment.usableShare() * compartment.volume()
          ? LoadObstacle.TOO_FULL
          : null;
    }

    private static boolean takesAll(Compartment room, List<LoadPiece> holds) {
      return holds.stream()
          .allMatch(
              piece ->
                  (room.person() == null || Objects.equals(room.person(), piece.person()))
                      && (room.allowed().isEmpty() || room.allowed().contains(piece.section())));
    }
  }
}

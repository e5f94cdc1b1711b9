package gerula.app.packing.load;

import gerula.app.depot.empties.EmptyStore;
import gerula.app.ledger.Usage;
import gerula.app.packing.Packing.Listed;
import gerula.app.packing.load.LoadRecords.BagWay;
import gerula.app.packing.load.LoadRecords.DecantWay;
import gerula.app.packing.load.LoadRecords.WaysOut;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.depot.Contents;
import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.place.Place;
import gerula.core.kit.product.Finish;
import gerula.core.packing.ListLoad;
import gerula.core.packing.PackingLine;
import gerula.core.packing.PackingList;
import gerula.core.packing.load.Load;
import gerula.core.packing.load.LoadEffort;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.LoadPieceBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What can be done about pieces that do not fit. Everything here runs within a workspace. */
@Component
class WaysOutOf {

  /** A container has to hold what the booking takes and a fifth more. */
  private static final double RESERVE = 1.2;

  private static final int MOST_BAGS_TRIED = 8;
  private static final LoadEffort A_MOMENT = LoadEffort.of(500, 1);

  private final Usage usage;
  private final EmptyStore empties;
  private final WorkspaceTime time;

  WaysOutOf(Usage usage, EmptyStore empties, WorkspaceTime time) {
    this.usage = usage;
    this.empties = empties;
    this.time = time;
  }

  Map<UUID, WaysOut> of(Listed listed, Collection<PackingLine> left) {
    if (left.isEmpty()) {
      return Map.of();
    }
    Set<UUID> ids = left.stream().map(line -> line.item().id()).collect(Collectors.toSet());
    Map<UUID, Usage.Wear> wear = usage.wear(ids, time.today());
    List<Empty> atHand = empties.all().stream().map(one -> one.draft().toEmpty()).toList();
    BagWay bag = bag(listed, ids);
    Map<UUID, WaysOut> ways = new HashMap<>();
    for (PackingLine line : left) {
      UUID id = line.item().id();
      ways.put(
          id,
          new WaysOut(
              wear.getOrDefault(id, Usage.Wear.NONE).inAYear(),
              alike(listed, line),
              decant(line, atHand),
              bag));
    }
    return ways;
  }

  private static int alike(Listed listed, PackingLine line) {
    return (int)
        listed.lines().stream()
            .filter(other -> !other.item().id().equals(line.item().id()))
            .filter(
                other ->
                    other.item().product().productClass() == line.item().product().productClass())
            .count();
  }

  /** The smallest empty that suits and holds enough, where that saves room. */
  private static @Nullable DecantWay decant(PackingLine line, List<Empty> atHand) {
    Item item = line.item();
    if (!item.isDecantable()
        || !(item.vessel() instanceof Vessel.OwnPack)
        || line.thousandths() == 0) {
      return null;
    }
    double wantedMl = line.thousandths() / 1000.0 * RESERVE;
    var content = Contents.of(item.product(), (Finish) null);
    return atHand.stream()
        .filter(empty -> empty.count() > 0 && empty.most().ml() >= wantedMl)
        .filter(
            empty ->
                ContainerFit.of(content, empty.container(), empty.material()).verdict()
                    != FitReason.Verdict.NO)
        .min(Comparator.comparingDouble(empty -> empty.size().ml()))
        .map(empty -> saving(item, empty, wantedMl))
        .filter(way -> way.savedMl() > 0)
        .orElse(null);
  }

  private static DecantWay saving(Item item, Empty empty, double fillMl) {
    long volume = Math.round(item.measures().volume().ml() - empty.outer().ml());
    long mass = item.mass().grams() - Math.round(empty.tare().exactGrams() + fillMl);
    return new DecantWay(empty.container(), empty.size().ml(), mass, volume);
  }

  /** The lightest bag at hand that takes all of them. */
  private static @Nullable BagWay bag(Listed listed, Set<UUID> left) {
    return others(listed).stream()
        .filter(place -> takes(listed, List.of(place.id()), left))
        .findFirst()
        .map(place -> new BagWay(place.id(), place.name(), place.ownMass().grams()))
        .orElse(null);
  }

  /** Bags that could come along and do not, the lightest first. */
  static List<Place> others(Listed listed) {
    return candidates(listed).stream()
        .filter(place -> !listed.known().bags().contains(place.id()))
        .toList();
  }

  /**
   * Every bag that could come along, the lightest first; what lies in another bag is left there.
   */
  static List<Place> candidates(Listed listed) {
    var places = listed.known().places();
    return places.inWalkingOrder().stream()
        .filter(place -> place.kind().isCarrier() && places.canBeTaken(place))
        .filter(
            place ->
                places.path(place.id()).stream()
                    .noneMatch(outer -> outer != place && outer.isPortable()))
        .sorted(
            Comparator.comparing(Place::ownMass)
                .thenComparing(Place::name)
                .thenComparing(Place::id))
        .limit(MOST_BAGS_TRIED)
        .toList();
  }

  /** Whether these bags take what has to come of these, wherever it is now. */
  static boolean takes(Listed listed, List<UUID> bags, Set<UUID> items) {
    Load load = with(listed, bags).load();
    List<LoadPiece> free = new ArrayList<>();
    Set<String> rooms =
        load.bags().stream()
            .flatMap(bag -> bag.compartments().stream())
            .map(one -> one.id())
            .collect(Collectors.toSet());
    for (LoadPiece piece : load.pieces()) {
      if (items.contains(UUID.fromString(piece.id()))) {
        free.add(
            LoadPieceBuilder.builder(piece)
                .isRequired(true)
                .pinned(null)
                .companionOf(null)
                .usual(rooms.contains(piece.usual()) ? piece.usual() : null)
                .build());
      }
    }
    return new Load(load.bags(), free).takesAll(A_MOMENT);
  }

  private static ListLoad with(Listed listed, List<UUID> bags) {
    PackingList.PackingFacts known = listed.known();
    return ListLoad.of(
        listed.list(),
        new PackingList.PackingFacts(
            known.booking(),
            known.kit(),
            known.places(),
            bags,
            Set.of(),
            known.house(),
            known.choices(),
            known.claims()));
  }

  /** The fewest bags that take everything that has to come, of those the lightest. */
  static Optional<List<Place>> needed(Listed listed) {
    List<Place> candidates = candidates(listed);
    Set<UUID> required =
        with(listed, List.of()).load().pieces().stream()
            .filter(LoadPiece::isRequired)
            .map(piece -> UUID.fromString(piece.id()))
            .collect(Collectors.toSet());
    List<List<Place>> sets = new ArrayList<>();
    for (int mask = 1; mask < 1 << candidates.size(); mask++) {
      if (Integer.bitCount(mask) <= 3) {
        List<Place> set = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
          if ((mask & 1 << i) != 0) {
            set.add(candidates.get(i));
          }
        }
        sets.add(set);
      }
    }
    return sets.stream()
        .sorted(
            Comparator.<List<Place>>comparingInt(List::size)
                .thenComparingLong(
                    set -> set.stream().mapToLong(one -> one.ownMass().milligrams()).sum()))
        .filter(set -> takes(listed, set.stream().map(Place::id).toList(), required))
        .findFirst();
  }
}

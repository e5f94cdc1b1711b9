package gerula.core.packing;

import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Section;
import gerula.core.packing.LoadChoices.Spot;
import gerula.core.packing.load.Compartment;
import gerula.core.packing.load.CompartmentBuilder;
import gerula.core.packing.load.LoadBag;
import gerula.core.packing.load.Posture;
import gerula.core.quantity.Mass;
import gerula.core.rule.LoadRules;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A chosen bag as compartments: its innermost places, the slots of those that have some, and what
 * is left beside them.
 *
 * @param ownMass of the bag and what it is parted into
 * @param greatestMass with all it holds, null without a limit
 * @param rooms in the order in which they are opened, closed ones too
 */
public record BagRooms(UUID bag, Mass ownMass, @Nullable Mass greatestMass, List<Room> rooms) {

  /** Beside its parts a bag has room of its own when they leave so much of it; from memory. */
  private static final double LOOSE_FROM = 0.2;

  private static final int LEAST_MM = 10;

  /**
   * One compartment.
   *
   * @param name as one finds it within its bag
   * @param isLoose whether it is what a place has beside its parts
   * @param isGuessed whether its measures are usual ones of its kind and not its own
   * @param isClosed whether the artist wants it left alone
   */
  public record Room(
      UUID place,
      @Nullable Integer slot,
      String name,
      boolean isLoose,
      boolean isGuessed,
      boolean isClosed,
      Compartment compartment) {

    public String id() {
      return compartment.id();
    }
  }

  public BagRooms {
    rooms = List.copyOf(rooms);
  }

  /** Those of the chosen bags; what lies in another chosen one is a part of that. */
  static List<BagRooms> of(PackingList.PackingFacts facts) {
    PlaceTree places = facts.places();
    List<Place> bags =
        facts.carried().stream().distinct().flatMap(id -> places.find(id).stream()).toList();
    return bags.stream()
        .filter(
            bag ->
                bags.stream()
                    .noneMatch(other -> other != bag && places.liesIn(bag.id(), other.id())))
        .map(bag -> new Walk(facts, bag).rooms())
        .toList();
  }

  LoadBag toLoadBag() {
    return new LoadBag(
        bag.toString(),
        ownMass,
        greatestMass,
        rooms.stream().filter(room -> !room.isClosed()).map(Room::compartment).toList());
  }

  /** Goes through one bag. */
  private static final class Walk {

    private final PackingList.PackingFacts facts;
    private final PlaceTree places;
    private final Place bag;
    private final List<Room> rooms = new ArrayList<>();
    private final Set<UUID> parts = new HashSet<>();

    Walk(PackingList.PackingFacts facts, Place bag) {
      this.facts = facts;
      this.places = facts.places();
      this.bag = bag;
    }

    BagRooms rooms() {
      add(bag);
      Mass own =
          Mass.sum(parts.stream().flatMap(id -> places.find(id).stream()).map(Place::ownMass));
      return new BagRooms(bag.id(), own, greatest(), rooms);
    }

    private @Nullable Mass greatest() {
      LoadRules rules = facts.house().load();
      int house =
          switch (bag.kind()) {
            case SET_BAG, BELT -> rules.wornGrams();
            case BACKPACK, POUCH ->
                ListLoad.isCarried(facts) ? rules.carriedGrams() : Integer.MAX_VALUE;
            default -> Integer.MAX_VALUE;
          };
      Mass own = bag.greatestMass();
      if (house == Integer.MAX_VALUE) {
        return own;
      }
      Mass most = Mass.ofGrams((long) house);
      return own == null || own.compareTo(most) > 0 ? most : own;
    }

    private void add(Place place) {
      parts.add(place.id());
      List<Place> inner =
          places.inside(place.id()).stream().filter(one -> !isPalette(one)).toList();
      inner.forEach(this::add);
      Inside inside = place.inside();
      if (inside.slots() != null) {
        addSlots(place, inside.slots());
      } else if (inner.isEmpty()) {
        addWhole(place, 1);
      } else {
        double left = 1 - inner.stream().mapToDouble(Walk::volume).sum() / volume(place);
        if (left >= LOOSE_FROM) {
          addWhole(place, left);
        }
      }
    }

    /** Pans lie in it by their slots; it is packed itself. */
    private static boolean isPalette(Place place) {
      return place.kind() == PlaceKind.PALETTE || place.thing() != null;
    }

    private void addSlots(Place place, Inside.Slots slots) {
      Usual usual = Usual.of(place.kind());
      for (int slot = 1; slot <= slots.count(); slot++) {
        add(
            place,
            slot,
            false,
            slots.widthMm() == null || slots.depthMm() == null,
            or(slots.widthMm(), usual.widthMm / 4),
            or(slots.depthMm(), usual.depthMm),
            or(place.inside().clearHeightMm(), usual.heightMm));
      }
    }

    /**
     * @param share of its height that is left beside its parts
     */
    private void addWhole(Place place, double share) {
      Inside inside = place.inside();
      Usual usual = Usual.of(place.kind());
      boolean isGuessed =
          share < 1
              || inside.widthMm() == null
              || inside.depthMm() == null
              || inside.heightMm() == null;
      int height = (int) Math.round(or(inside.heightMm(), usual.heightMm) * share);
      add(
          place,
          null,
          share < 1,
          isGuessed,
          or(inside.widthMm(), usual.widthMm),
          or(inside.depthMm(), usual.depthMm),
          Math.max(LEAST_MM, height));
    }

    private void add(
        Place place,
        @Nullable Integer slot,
        boolean isLoose,
        boolean isGuessed,
        int width,
        int depth,
        int height) {
      String within =
          places.path(place.id()).stream()
              .skip(places.path(bag.id()).size())
              .map(Place::name)
              .collect(Collectors.joining(", "));
      String name = within.isEmpty() ? bag.name() : within;
      String id = new Spot(place.id(), slot).id();
      rooms.add(
          new Room(
              place.id(),
              slot,
              slot == null ? name : name + " " + slot,
              isLoose,
              isGuessed,
              facts.choices().load().closed().contains(id) || !takesTheKit(place),
              CompartmentBuilder.builder()
                  .id(id)
                  .widthMm(width)
                  .depthMm(depth)
                  .heightMm(height)
                  .usableShare(slot != null ? 1 : facts.house().load().usablePercent() / 100.0)
                  .allowed(allowed(place))
                  .isSealed(upTo(place).stream().anyMatch(one -> one.inside().isSealed()))
                  .reach(reach(place))
                  .person(performer(place))
                  .build()));
    }

    /** All slots of a place are opened with it. */
    private int reach(Place place) {
      return 1
          + (int)
              rooms.stream()
                  .map(Room::place)
                  .filter(one -> !one.equals(place.id()))
                  .distinct()
                  .count();
    }

    /** The place and what it lies in, up to the bag, the innermost first. */
    private List<Place> upTo(Place place) {
      List<Place> path = places.path(place.id());
      return path.subList(places.path(bag.id()).size() - 1, path.size()).reversed();
    }

    private Set<String> allowed(Place place) {
      return upTo(place).stream()
          .map(one -> one.purpose().allowed())
          .filter(some -> !some.isEmpty())
          .findFirst()
          .orElse(Set.of())
          .stream()
          .map(Section::code)
          .collect(Collectors.toSet());
    }

    private boolean takesTheKit(Place place) {
      return upTo(place).stream().allMatch(one -> one.purpose().takesTheKit());
    }

    private @Nullable String performer(Place place) {
      return upTo(place).stream()
          .flatMap(one -> Optional.ofNullable(one.purpose().performer()).stream())
          .map(person -> person.id().toString())
          .findFirst()
          .orElse(null);
    }

    private static double volume(Place place) {
      return measures(place).volume();
    }
  }

  /** Of a place, from inside; what was never measured as is usual for its kind. */
  static Posture measures(Place place) {
    Inside inside = place.inside();
    Usual usual = Usual.of(place.kind());
    return new Posture(
        or(inside.widthMm(), usual.widthMm),
        or(inside.depthMm(), usual.depthMm),
        or(inside.heightMm(), usual.heightMm));
  }

  private static int or(@Nullable Integer told, int usual) {
    return told == null ? usual : told;
  }

  /** What a place of a kind usually measures inside; from memory, in mm. */
  private record Usual(int widthMm, int depthMm, int heightMm) {

    static Usual of(PlaceKind kind) {
      return switch (kind) {
        case CASE -> new Usual(400, 280, 300);
        case BACKPACK -> new Usual(300, 180, 450);
        case SET_BAG -> new Usual(260, 110, 200);
        case TRAY, DRAWER -> new Usual(300, 200, 60);
        case POUCH -> new Usual(200, 130, 60);
        case BELT -> new Usual(360, 190, 40);
        case SHELF, STATION -> new Usual(800, 300, 250);
        case TRAILER -> new Usual(2000, 600, 1800);
        default -> new Usual(250, 180, 100);
      };
    }
  }
}

package gerula.core.packing;

import gerula.core.booking.Condition;
import gerula.core.booking.Travel;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.packing.LoadChoices.Spot;
import gerula.core.packing.load.Load;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.LoadPieceBuilder;
import gerula.core.packing.load.Orientation;
import gerula.core.packing.load.Posture;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The lines of a list as pieces, and its bags as compartments. Pieces are named by their items,
 * compartments by their {@linkplain Spot spots}.
 *
 * @param bags the chosen ones, in order
 * @param homes where a piece lies while nothing is planned, by piece; some lie in no bag that comes
 * @param isLeakProof whether anything of it closes; where nothing does, what may leak goes anywhere
 */
public record ListLoad(
    Load load, List<BagRooms> bags, Map<String, String> homes, boolean isLeakProof) {

  /** What gets hot in use. */
  private static final Set<ProductClass> HOT =
      EnumSet.of(ProductClass.HAIR_DRYER, ProductClass.CURLING_IRON, ProductClass.HEAT_MAT);

  /** What a spare is worth beside what is ticked already though nothing asks for it. */
  private static final double SPARE = 3;

  private static final double UNASKED = 1;

  public ListLoad {
    bags = List.copyOf(bags);
    homes = Map.copyOf(homes);
  }

  /**
   * @param list as it stands, whatever was planned
   */
  public static ListLoad of(PackingList list, PackingList.PackingFacts facts) {
    List<BagRooms> bags = BagRooms.of(facts);
    List<BagRooms.Room> rooms =
        bags.stream()
            .flatMap(bag -> bag.rooms().stream())
            .filter(room -> !room.isClosed())
            .toList();
    boolean isLeakProof = rooms.stream().anyMatch(room -> room.compartment().isSealed());
    Pieces pieces = new Pieces(list, facts, rooms, isLeakProof);
    return new ListLoad(
        new Load(bags.stream().map(BagRooms::toLoadBag).toList(), pieces.all()),
        bags,
        pieces.homes(),
        isLeakProof);
  }

  /** The pieces, one for each line that is not carried in another. */
  private static final class Pieces {

    private final PackingList list;
    private final PackingList.PackingFacts facts;
    private final Map<String, BagRooms.Room> rooms;
    private final Map<UUID, String> firstIn = new HashMap<>();
    private final boolean isLeakProof;
    private final Set<UUID> onTheList;
    private final int lastReach;

    Pieces(
        PackingList list,
        PackingList.PackingFacts facts,
        List<BagRooms.Room> rooms,
        boolean isLeakProof) {
      this.list = list;
      this.facts = facts;
      this.isLeakProof = isLeakProof;
      this.rooms = rooms.stream().collect(Collectors.toMap(BagRooms.Room::id, Function.identity()));
      rooms.forEach(room -> firstIn.putIfAbsent(room.place(), room.id()));
      lastReach = rooms.stream().mapToInt(room -> room.compartment().reach()).max().orElse(1);
      onTheList = pieces().map(line -> line.item().id()).collect(Collectors.toSet());
    }

    /** What is carried in another comes with it, what lies in the trailer already needs no room. */
    private Stream<PackingLine> pieces() {
      UUID trailer = ListTrailer.of(facts.bags(), facts.places()).map(Place::id).orElse(null);
      boolean isMovedInto = trailer != null && !facts.carried().contains(trailer);
      return list.lines().stream()
          .filter(line -> line.reasonsOf(TakenReason.Lifted.class).isEmpty())
          .filter(line -> !isMovedInto || !facts.places().liesIn(line.item().now(), trailer));
    }

    List<LoadPiece> all() {
      return pieces().map(this::piece).toList();
    }

    Map<String, String> homes() {
      Map<String, String> homes = new HashMap<>();
      pieces()
          .forEach(
              line -> {
                String home = line.usual() == null ? null : within(line.item(), line.usual());
                if (home != null) {
                  homes.put(line.item().id().toString(), home);
                }
              });
      return homes;
    }

    private LoadPiece piece(PackingLine line) {
      Item item = line.item();
      Form form = item.product().form();
      Measures measures = item.measures();
      boolean isOptional = isOptional(line);
      return LoadPieceBuilder.builder()
          .id(item.id().toString())
          .name(item.product().fullName())
          .measures(new Posture(measures.widthMm(), measures.depthMm(), measures.heightMm()))
          .mass(line.mass())
          .section(line.section().code())
          .isRequired(!isOptional)
          .value(isOptional ? value(line) : 0)
          .orientation(orientation(item))
          .isRigid(isRigid(form))
          .isWet(isLeakProof && leaks(item))
          .isHot(HOT.contains(item.product().productClass()))
          .melts(melts(form))
          .group(item.brushSet().isEmpty() ? line.section().code() : item.brushSet())
          .usual(usual(line))
          .companionOf(companionOf(line))
          .openedFirst(rank(line.section()))
          .person(person(line))
          .pinned(pinned(line))
          .build();
    }

    private static boolean isOptional(PackingLine line) {
      return line.reasons().stream()
          .allMatch(
              reason ->
                  reason instanceof TakenReason.Spare
                      || reason instanceof TakenReason.AlreadyPacked
                      || reason instanceof TakenReason.UseFirst);
    }

    private static double value(PackingLine line) {
      return line.reasonsOf(TakenReason.Spare.class).isEmpty() ? UNASKED : SPARE;
    }

    /** Where it is ticked off to lie, was planned last, or belongs. */
    private @Nullable String usual(PackingLine line) {
      Item item = line.item();
      if (facts.packed().contains(item.id()) && firstIn.containsKey(item.now())) {
        return within(item, Objects.requireNonNull(item.now()));
      }
      return facts
          .choices()
          .load()
          .planned(item.id())
          .filter(rooms::containsKey)
          .orElseGet(() -> line.usual() == null ? null : within(item, line.usual()));
    }

    /** A place, and of its slots the item's own where it has one. */
    private @Nullable String within(Item item, UUID place) {
      String own = new Spot(place, item.slot()).id();
      return item.slot() != null && rooms.containsKey(own) ? own : firstIn.get(place);
    }

    private @Nullable String companionOf(PackingLine line) {
      return line.reasonsOf(TakenReason.CompanionOf.class).stream()
          .map(TakenReason.CompanionOf::item)
          .filter(onTheList::contains)
          .filter(other -> !other.equals(line.item().id()))
          .map(UUID::toString)
          .findFirst()
          .orElse(null);
    }

    /** On the scale of the compartments: what is worked with first lies in the first. */
    private int rank(Section section) {
      double share = (double) section.ordinal() / (Section.values().length - 1);
      return 1 + (int) Math.round(share * (lastReach - 1));
    }

    private static @Nullable String person(PackingLine line) {
      return line.item().forWhom() instanceof ForWhom.Only(var person)
          ? person.id().toString()
          : null;
    }

    /** What is ticked off stays where it was put; then what the artist wants. */
    private @Nullable String pinned(PackingLine line) {
      Item item = line.item();
      if (facts.packed().contains(item.id()) && firstIn.containsKey(item.now())) {
        String usual = usual(line);
        String planned = facts.choices().load().planned(item.id()).orElse(null);
        boolean isInASlotOfIt =
            planned != null
                && rooms.containsKey(planned)
                && rooms.get(planned).place().equals(item.now());
        return isInASlotOfIt ? planned : usual;
      }
      String pin = facts.choices().load().pinned().get(item.id());
      return pin != null && rooms.containsKey(pin) ? pin : null;
    }
  }

  private static Orientation orientation(Item item) {
    return switch (item.product().form()) {
      case LIQUID_PUMP_OR_SQUEEZE,
          THIN_SPRAY,
          STICKY_SPRAY,
          AEROSOL,
          ADHESIVE,
          LATEX_OR_SILICONE,
          LOOSE_POWDER,
          MEDICATED_DROPS ->
          Orientation.UPRIGHT;
      case PRESSED_POWDER, ALCOHOL_ACTIVATED_PALETTE, WATER_ACTIVATED_PAINT, LASHES ->
          Orientation.FLAT;
      case MASCARA,
          LIQUID_DIP_APPLICATOR,
          SHARPENABLE_PENCIL,
          TWIST_UP_PENCIL,
          FELT_TIP_PEN,
          BRUSH_SYNTHETIC,
          BRUSH_NATURAL,
          BRUSH_DUO_FIBRE ->
          Orientation.LONG;
      default ->
          item.product().productClass() == ProductClass.WORKING_PALETTE
                  || item.product().productClass() == ProductClass.PALETTE
              ? Orientation.FLAT
              : Orientation.ANY;
    };
  }

  private static boolean isRigid(Form form) {
    return switch (form) {
      case SINGLE_USE, FABRIC_PUFF, FOAM_SPONGE, TEXTILE -> false;
      default -> true;
    };
  }

  private static boolean leaks(Item item) {
    return switch (item.product().form()) {
      case LIQUID_PUMP_OR_SQUEEZE, THIN_SPRAY, LATEX_OR_SILICONE -> true;
      default -> false;
    };
  }

  /** Packs of plastic, and what runs when it is warm. */
  static boolean melts(Form form) {
    return switch (form) {
      case METAL_TOOL, SHARPENER, ELECTRICAL_TOOL, TEXTILE, FABRIC_PUFF, SINGLE_USE, OTHER -> false;
      default -> true;
    };
  }

  /** Whether anybody has to carry the bags by hand for long. */
  public static boolean isCarried(PackingList.PackingFacts facts) {
    Travel travel = facts.booking().travel();
    return facts.booking().conditions().contains(Condition.LONG_CARRY)
        || (travel != null && travel.isCarried());
  }
}

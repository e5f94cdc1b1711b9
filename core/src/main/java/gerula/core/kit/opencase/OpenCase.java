package gerula.core.kit.opencase;

import static java.util.Comparator.naturalOrder;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Outline;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays a place flat as one would lay the trays of a box side by side.
 *
 * <p>Compartments keep their measured width and depth and come in order of reach, row by row.
 * Pieces keep their measures as long as they fit side by side; a compartment in which they lie on
 * top of one another draws all its pieces smaller by one factor and says so.
 */
public final class OpenCase {

  /** Room above the contents of each place for its order of reach and its name. */
  public static final double HEAD_MM = 22;

  private static final double GAP_MM = 8;
  private static final int UNMEASURED_WIDTH_MM = 220;
  private static final int UNMEASURED_DEPTH_MM = 120;

  /** Rows are about this much wider than high, as a table is in front of a person. */
  private static final double WIDTH_PER_HEIGHT = 1.3;

  /** Like beside like, the shades of a range from light to deep. */
  public static final Comparator<Item> SIDE_BY_SIDE =
      Comparator.<Item, Outline>comparing(item -> item.measures().outline())
          .thenComparing(item -> item.product().productClass())
          .thenComparing(item -> item.product().name())
          .thenComparing(item -> item.product().depth(), Comparator.nullsFirst(naturalOrder()))
          .thenComparing(item -> item.product().shade())
          .thenComparing(Item.BY_ID);

  private final PlaceTree places;
  private final Map<UUID, List<Item>> itemsByPlace = new HashMap<>();

  private OpenCase(PlaceTree places, Collection<Item> items) {
    this.places = places;
    items.stream()
        .filter(item -> item.now() != null && !item.isDiscarded())
        .sorted(SIDE_BY_SIDE)
        .forEach(
            item -> itemsByPlace.computeIfAbsent(item.now(), _ -> new ArrayList<>()).add(item));
  }

  /** The place and everything in it, its upper left corner at 0, 0. */
  public static Tray layOut(Place place, PlaceTree places, Collection<Item> items) {
    return new OpenCase(places, items).tray(place);
  }

  private Tray tray(Place place) {
    List<Place> insides = places.inside(place.id());
    List<Tray> trays = insides.stream().map(this::tray).toList();
    List<Item> items = pieces(place, insides);
    Shelves shelves = trays.isEmpty() ? Shelves.NONE : Shelves.tidiest(trays);
    double width = trays.isEmpty() ? leafWidth(place) : shelves.width();
    PieceRows rows = rows(place, trays, items, width);
    double contents = trays.isEmpty() ? depth(place) - HEAD_MM - GAP_MM : rows.height();
    double traysFrom = HEAD_MM + contents + (items.isEmpty() ? 0 : GAP_MM);
    double height = trays.isEmpty() ? depth(place) : traysFrom + shelves.height();
    Tray tray =
        TrayBuilder.stagedBuilder()
            .place(place.id())
            .name(place.name())
            .kind(place.kind())
            .reach(place.reach())
            .box(new Box(0, 0, width, height))
            .fill(Fullness.of(place, trays, items))
            .mass(mass(place, trays, items))
            .greatestMass(place.greatestMass())
            .count(items.size() + trays.stream().mapToInt(Tray::count).sum())
            .pieceScale(rows.scale())
            .slots(rows.slots().stream().map(slot -> slot.movedBy(GAP_MM, HEAD_MM)).toList())
            .trays(shelves.placed().stream().map(one -> one.movedBy(0, traysFrom)).toList())
            .pieces(rows.pieces().stream().map(piece -> piece.movedBy(GAP_MM, HEAD_MM)).toList())
            .findings(List.of())
            .build();
    return tray.withFindings(CaseFindings.of(place, tray, items));
  }

  /** What lies directly there, but for things that are drawn as places of their own. */
  private List<Item> pieces(Place place, List<Place> insides) {
    return itemsByPlace.getOrDefault(place.id(), List.of()).stream()
        .filter(item -> insides.stream().noneMatch(inner -> item.id().equals(inner.thing())))
        .toList();
  }

  private static PieceRows rows(Place place, List<Tray> trays, List<Item> items, double width) {
    double clearWidth = width - 2 * GAP_MM;
    double clearDepth = depth(place) - HEAD_MM - GAP_MM;
    if (!trays.isEmpty()) {
      return PieceRows.asHighAsNeeded(items, clearWidth, place.inside().clearHeightMm());
    }
    return place.inside().slots() != null
        ? SlotGrid.of(place.inside(), clearWidth, clearDepth).filledWith(items)
        : PieceRows.fitted(items, clearWidth, clearDepth, place.inside().clearHeightMm());
  }

  private static double leafWidth(Place place) {
    Integer width = place.inside().widthMm();
    return Math.max(width != null ? width : UNMEASURED_WIDTH_MM, 40);
  }

  /** Drawn depth of a compartment: its own, with room for its head. */
  private static double depth(Place place) {
    Integer depth = place.inside().depthMm();
    return (depth != null ? Math.max(depth, 30) : UNMEASURED_DEPTH_MM) + HEAD_MM;
  }

  private Mass mass(Place place, List<Tray> trays, List<Item> items) {
    return Mass.sum(
        Stream.of(
                Stream.of(place.ownMass()),
                trays.stream().map(Tray::mass),
                items.stream().map(Item::mass))
            .flatMap(masses -> masses));
  }

  /** Trays in rows from left to right, in order of reach. */
  private record Shelves(List<Tray> placed, double width, double height) {

    static final Shelves NONE = new Shelves(List.of(), 0, 0);

    /** Of all widths at which a row could end, the one that leaves the least paper bare. */
    static Shelves tidiest(List<Tray> trays) {
      double widest = trays.stream().mapToDouble(tray -> tray.box().width()).max().orElseThrow();
      return IntStream.range(0, trays.size())
          .boxed()
          .flatMap(from -> runs(trays, from))
          .filter(run -> run >= widest)
          .map(run -> of(trays, run + 2 * GAP_MM))
          .min(Comparator.comparingDouble(Shelves::untidiness).thenComparing(Shelves::width))
          .orElseThrow();
    }

    /** Widths of the rows that begin with this tray. */
    private static Stream<Double> runs(List<Tray> trays, int from) {
      List<Double> runs = new ArrayList<>();
      double run = -GAP_MM;
      for (Tray tray : trays.subList(from, trays.size())) {
        run += GAP_MM + tray.box().width();
        runs.add(run);
      }
      return runs.stream();
    }

    /** The area of the whole, worse the further its proportions are from a table's. */
    private double untidiness() {
      double proportion = width / (height * WIDTH_PER_HEIGHT);
      return width * height * Math.pow(Math.max(proportion, 1 / proportion), 0.5);
    }

    static Shelves of(List<Tray> trays, double width) {
      List<Tray> placed = new ArrayList<>();
      double x = GAP_MM;
      double y = 0;
      double rowHeight = 0;
      double right = 0;
      for (Tray tray : trays) {
        if (x > GAP_MM && x + tray.box().width() > width - GAP_MM + 0.5) {
          x = GAP_MM;
          y += rowHeight + GAP_MM;
          rowHeight = 0;
        }
        placed.add(tray.movedBy(x, y));
        x += tray.box().width() + GAP_MM;
        right = Math.max(right, x);
        rowHeight = Math.max(rowHeight, tray.box().height());
      }
      return new Shelves(placed, right, trays.isEmpty() ? 0 : y + rowHeight + GAP_MM);
    }
  }
}

package gerula.core.kit.opencase;

import static java.util.Comparator.naturalOrder;

import gerula.core.kit.Item;
import gerula.core.kit.Measures;
import gerula.core.kit.Outline;
import gerula.core.kit.Place;
import gerula.core.kit.PlaceTree;
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
import org.jspecify.annotations.Nullable;

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
  private static final double PIECE_GAP_MM = 4;
  private static final int UNMEASURED_WIDTH_MM = 220;
  private static final int UNMEASURED_DEPTH_MM = 120;
  private static final int UNMEASURED_HEIGHT_MM = 80;

  /** Rows are about this much wider than high, as a table is in front of a person. */
  private static final double WIDTH_PER_HEIGHT = 1.3;

  /** Like beside like, the shades of a range from light to deep. */
  private static final Comparator<Item> SIDE_BY_SIDE =
      Comparator.<Item, Outline>comparing(item -> item.product().measuresOrEstimate().outline())
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
    List<Tray> trays = places.inside(place.id()).stream().map(this::tray).toList();
    List<Item> items = itemsByPlace.getOrDefault(place.id(), List.of());
    Shelves shelves = trays.isEmpty() ? Shelves.NONE : Shelves.tidiest(trays);
    double width = trays.isEmpty() ? leafWidth(place) : shelves.width();
    PieceRows rows =
        trays.isEmpty()
            ? PieceRows.fitted(items, width - 2 * GAP_MM, depth(place) - HEAD_MM - GAP_MM)
            : PieceRows.asHighAsNeeded(items, width - 2 * GAP_MM);
    double contents = trays.isEmpty() ? depth(place) - HEAD_MM - GAP_MM : rows.height();
    double traysFrom = HEAD_MM + contents + (items.isEmpty() ? 0 : GAP_MM);
    double height = trays.isEmpty() ? depth(place) : traysFrom + shelves.height();
    return new Tray(
        place.id(),
        place.name(),
        place.reach(),
        new Box(0, 0, width, height),
        fill(place, trays, items),
        mass(place, trays, items),
        place.greatestMass(),
        rows.scale(),
        shelves.placed().stream().map(tray -> tray.movedBy(0, traysFrom)).toList(),
        rows.pieces().stream().map(piece -> piece.movedBy(GAP_MM, HEAD_MM)).toList());
  }

  private static double leafWidth(Place place) {
    return Math.max(place.innerWidthMm() != null ? place.innerWidthMm() : UNMEASURED_WIDTH_MM, 40);
  }

  /** Drawn depth of a compartment: its own, with room for its head. */
  private static double depth(Place place) {
    return (place.innerDepthMm() != null ? Math.max(place.innerDepthMm(), 30) : UNMEASURED_DEPTH_MM)
        + HEAD_MM;
  }

  private static @Nullable Double fill(Place place, List<Tray> trays, List<Item> items) {
    if (!trays.isEmpty()
        || place.innerWidthMm() == null
        || place.innerDepthMm() == null
        || place.innerHeightMm() == null) {
      return null;
    }
    double room = (double) place.innerWidthMm() * place.innerDepthMm() * place.innerHeightMm();
    double taken =
        items.stream()
            .map(item -> item.product().measuresOrEstimate())
            .mapToDouble(OpenCase::volumeMm3)
            .sum();
    return taken / room;
  }

  private static double volumeMm3(Measures measures) {
    double box = (double) measures.widthMm() * measures.depthMm() * measures.heightMm();
    return switch (measures.outline()) {
      case ROUND -> box * Math.PI / 4;
      case LONG, FLAT -> box;
    };
  }

  private static Mass mass(Place place, List<Tray> trays, List<Item> items) {
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

  /** Pieces in rows from left to right, long ones together. */
  private record PieceRows(List<Piece> pieces, double height, double scale) {

    private static final double SMALLEST = 0.1;

    static PieceRows fitted(List<Item> items, double width, double height) {
      double scale = 1;
      PieceRows rows = at(scale, items, width);
      while ((rows.height > height || rows.right() > width) && scale > SMALLEST) {
        scale *= 0.93;
        rows = at(scale, items, width);
      }
      return rows;
    }

    static PieceRows asHighAsNeeded(List<Item> items, double width) {
      return fitted(items, width, Double.MAX_VALUE);
    }

    private double right() {
      return pieces.stream().mapToDouble(piece -> piece.box().right()).max().orElse(0);
    }

    private static PieceRows at(double scale, List<Item> items, double width) {
      List<Piece> pieces = new ArrayList<>();
      double x = 0;
      double y = 0;
      double rowHeight = 0;
      for (Item item : items) {
        Measures measures = item.product().measuresOrEstimate();
        double pieceWidth = measures.widthMm() * scale;
        double pieceDepth = measures.depthMm() * scale;
        if (x > 0 && x + pieceWidth > width) {
          x = 0;
          y += rowHeight + PIECE_GAP_MM * scale;
          rowHeight = 0;
        }
        pieces.add(new Piece(item.id(), measures.outline(), new Box(x, y, pieceWidth, pieceDepth)));
        x += pieceWidth + PIECE_GAP_MM * scale;
        rowHeight = Math.max(rowHeight, pieceDepth);
      }
      return new PieceRows(pieces, y + rowHeight, scale);
    }
  }
}

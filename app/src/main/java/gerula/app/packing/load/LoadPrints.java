package gerula.app.packing.load;

import gerula.app.packing.load.LoadRecords.LoadView;
import gerula.app.packing.load.LoadRecords.LoadedBag;
import gerula.app.packing.load.LoadRecords.LoadedPiece;
import gerula.app.packing.load.LoadRecords.LoadedRoom;
import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.Paper.Drawing;
import gerula.app.platform.paper.Paper.Letters;
import gerula.app.platform.paper.PaperFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** A page for each bag: every compartment from above with its pieces, numbered as they go in. */
final class LoadPrints {

  /** Above a compartment its name, between two of them air; on the paper, in mm. */
  private static final double HEAD_MM = 5;

  private static final double GAP_MM = 4;
  private static final double HIGHEST_MM = 135;

  private LoadPrints() {}

  static byte[] print(String title, LoadView plan, PaperFormat format) {
    try (Paper paper = new Paper(format, title)) {
      for (LoadedBag bag : plan.bags()) {
        paper.newPage();
        new Page(paper, bag, plan.pieces()).print();
      }
      if (plan.bags().isEmpty()) {
        paper.newPage();
        paper.text(Letters.PLAIN, "No bag is chosen yet.");
      }
      return paper.done();
    }
  }

  /** Where a compartment is drawn, in mm of the paper. */
  private record Drawn(LoadedRoom room, double x, double down) {}

  /** Rows of compartments at some scale. */
  private record Rows(List<Drawn> rooms, double scale, double height) {

    static Rows of(List<LoadedRoom> rooms, double scale, double width) {
      List<Drawn> drawn = new ArrayList<>();
      double x = 0;
      double down = 0;
      double high = 0;
      for (LoadedRoom room : rooms) {
        if (x > 0 && x + room.widthMm() * scale > width) {
          down += high + HEAD_MM + GAP_MM;
          x = 0;
          high = 0;
        }
        drawn.add(new Drawn(room, x, down + HEAD_MM));
        x += room.widthMm() * scale + GAP_MM;
        high = Math.max(high, room.depthMm() * scale);
      }
      return new Rows(drawn, scale, down + high + HEAD_MM);
    }
  }

  /** One bag. */
  private record Page(Paper paper, LoadedBag bag, List<LoadedPiece> pieces) {

    void print() {
      paper.text(Letters.TITLE, bag.name());
      paper.text(
          Letters.PLAIN,
          kilograms(bag.massG())
              + (bag.greatestMassG() == null ? "" : " of " + kilograms(bag.greatestMassG()))
              + ". Seen from above, front edge below; the numbers are the order in which they go"
              + " in.");
      paper.gap(3);
      List<LoadedPiece> here = here();
      List<LoadedRoom> rooms =
          bag.rooms().stream()
              .filter(room -> here.stream().anyMatch(one -> room.id().equals(one.compartment())))
              .toList();
      if (rooms.isEmpty()) {
        paper.text(Letters.PLAIN, "Nothing is planned for it.");
        return;
      }
      Rows rows = fitting(rooms, paper);
      paper.drawing(
          rows.height(), drawing -> rows.rooms().forEach(one -> draw(drawing, one, rows, here)));
      paper.gap(4);
      Map<String, String> names = new HashMap<>();
      rooms.forEach(room -> names.put(room.id(), room.name()));
      for (LoadedPiece piece : here) {
        paper.smallRow(
            piece.order() + "  " + name(piece),
            Objects.requireNonNull(names.get(piece.compartment())));
      }
    }

    private List<LoadedPiece> here() {
      List<String> rooms = bag.rooms().stream().map(LoadedRoom::id).toList();
      return pieces.stream()
          .filter(one -> one.compartment() != null && rooms.contains(one.compartment()))
          .sorted(Comparator.comparing(LoadedPiece::order, Comparator.nullsLast(Integer::compare)))
          .toList();
    }

    /** As large as it fits onto the page with room for the names. */
    private static Rows fitting(List<LoadedRoom> rooms, Paper paper) {
      double width = paper.wide();
      double scale = width / rooms.stream().mapToDouble(LoadedRoom::widthMm).max().orElseThrow();
      Rows rows = Rows.of(rooms, scale, width);
      while (rows.height() > HIGHEST_MM) {
        scale *= 0.94;
        rows = Rows.of(rooms, scale, width);
      }
      return rows;
    }

    private static void draw(Drawing drawing, Drawn one, Rows rows, List<LoadedPiece> here) {
      double scale = rows.scale();
      LoadedRoom room = one.room();
      double wide = room.widthMm() * scale;
      double high = room.depthMm() * scale;
      double bottom = rows.height() - one.down() - high;
      drawing.box(one.x(), bottom, wide, high, false);
      drawing.words(
          Letters.SMALL, one.x(), bottom + high + 1, wide, room.reach() + " " + room.name());
      here.stream()
          .filter(piece -> room.id().equals(piece.compartment()))
          .sorted(Comparator.comparingInt(LoadedPiece::zMm))
          .forEach(
              piece -> {
                double x = one.x() + piece.xMm() * scale;
                double up = bottom + piece.yMm() * scale;
                double pieceWide = piece.widthMm() * scale;
                double pieceHigh = piece.depthMm() * scale;
                drawing.box(x, up, pieceWide, pieceHigh, true);
                drawing.figure(x, up, pieceWide, pieceHigh, Objects.requireNonNull(piece.order()));
              });
    }

    private static String name(LoadedPiece piece) {
      return (piece.item().product().name() + " " + piece.item().product().shade()).strip();
    }

    private static String kilograms(long grams) {
      return "%.1f kg".formatted(grams / 1000.0);
    }
  }
}

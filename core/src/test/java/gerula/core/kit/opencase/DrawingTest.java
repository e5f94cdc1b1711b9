package gerula.core.kit.opencase;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Where slots, pieces and trays stand on the drawing, worked out by hand, in mm. */
class DrawingTest {

  private static final UUID CASE = new UUID(0, 1);

  private static Item piece(int width, int depth) {
    return Given.thing(ProductClass.OTHER, Form.OTHER)
        .measures(new Measures(Outline.FLAT, width, depth, 10, Mass.ofGrams(20)))
        .item();
  }

  private static void assertBox(Box box, double x, double y, double width, double height) {
    assertThat(box.x()).as("x").isCloseTo(x, within(1e-9));
    assertThat(box.y()).as("y").isCloseTo(y, within(1e-9));
    assertThat(box.width()).as("width").isCloseTo(width, within(1e-9));
    assertThat(box.height()).as("height").isCloseTo(height, within(1e-9));
  }

  @Test
  void measuredSlotsStandBesideEachOtherWithAWallBetween() {
    Inside inside = new Inside(100, 80, 20, new Inside.Slots(6, 30, 36, null), false);
    SlotGrid grid = SlotGrid.of(inside, 100, 80);
    assertThat(grid.scale()).isEqualTo(1);
    // Three of 30 mm go beside each other into 100 mm; the fifth is the second of the second row.
    assertBox(grid.slots().get(4), 32, 38, 30, 36);
    PieceRows filled = grid.filledWith(List.of(piece(20, 10), piece(60, 18)));
    assertBox(filled.pieces().get(0).box(), 5, 13, 20, 10);
    // Twice as wide as its slot: half as large, and in the middle.
    assertBox(filled.pieces().get(1).box(), 32, 13.5, 30, 9);
    assertThat(filled.height()).isEqualTo(74);
    assertThat(filled.slots()).hasSize(6);
  }

  @Test
  void slotsThatAreTooManyForTheDrawingAreAllSmaller() {
    Inside inside = new Inside(100, 80, 20, new Inside.Slots(6, 30, 36, null), false);
    SlotGrid grid = SlotGrid.of(inside, 84, 66);
    double scale = 66 / 76.0;
    assertThat(grid.scale()).isCloseTo(scale, within(1e-9));
    assertBox(grid.slots().get(5), 64 * scale, 38 * scale, 30 * scale, 36 * scale);
    assertThat(SlotGrid.of(inside, 48, 76).scale()).isCloseTo(0.5, within(1e-9));
    PieceRows filled = grid.filledWith(List.of(piece(20, 10)));
    assertBox(filled.pieces().getFirst().box(), 5 * scale, 13 * scale, 20 * scale, 10 * scale);
  }

  @Test
  void slotsThatWereNeverMeasuredShareTheRoom() {
    Inside inside = new Inside(null, null, null, new Inside.Slots(5, null, null, null), false);
    SlotGrid grid = SlotGrid.of(inside, 120, 60);
    assertThat(grid.scale()).isEqualTo(1);
    // Four columns, two rows: 30 mm each way, less a wall.
    assertBox(grid.slots().get(4), 0, 30, 28, 28);
    // Of a known width in a place of an unknown one: as many as the drawing is wide.
    Inside wide = new Inside(null, null, null, new Inside.Slots(5, 25, null, null), false);
    assertBox(SlotGrid.of(wide, 60, 90).slots().get(3), 27, 30, 25, 28);
  }

  @Test
  void piecesStandInRowsAsLongAsTheyFit() {
    // 40 + 4 + 56 are exactly 100: one row. One more needs another, 4 mm below.
    PieceRows one = PieceRows.fitted(List.of(piece(40, 30), piece(56, 20)), 100, 30, null);
    assertThat(one.scale()).isEqualTo(1);
    assertBox(one.pieces().get(1).box(), 44, 0, 56, 20);
    assertThat(one.height()).isEqualTo(30);
    List<Item> three = List.of(piece(40, 30), piece(57, 20), piece(30, 25));
    PieceRows two = PieceRows.fitted(three, 100, 59, null);
    assertThat(two.scale()).isEqualTo(1);
    assertBox(two.pieces().get(1).box(), 0, 34, 57, 20);
    assertBox(two.pieces().get(2).box(), 61, 34, 30, 25);
    assertThat(two.height()).isEqualTo(59);
    // A row ends with its deepest piece, wherever it stands in it.
    PieceRows deepest =
        PieceRows.fitted(List.of(piece(20, 40), piece(20, 10), piece(90, 5)), 100, 99, null);
    assertBox(deepest.pieces().get(2).box(), 0, 44, 90, 5);
  }

  @Test
  void whatDoesNotFitIsDrawnSmallerStepByStep() {
    PieceRows low = PieceRows.fitted(List.of(piece(40, 30)), 100, 29.9, null);
    assertThat(low.scale()).isCloseTo(0.93, within(1e-9));
    assertBox(low.pieces().getFirst().box(), 0, 0, 40 * 0.93, 30 * 0.93);
    PieceRows narrow = PieceRows.asHighAsNeeded(List.of(piece(101, 30)), 100, null);
    assertThat(narrow.scale()).isCloseTo(0.93, within(1e-9));
    assertThat(PieceRows.asHighAsNeeded(List.of(piece(100, 30)), 100, null).scale()).isEqualTo(1);
    // Gaps shrink along.
    PieceRows both = PieceRows.fitted(List.of(piece(40, 30), piece(40, 30)), 84, 29.9, null);
    assertThat(both.pieces().get(1).box().x()).isCloseTo(44 * 0.93, within(1e-9));
    PieceRows below = PieceRows.fitted(List.of(piece(80, 30), piece(80, 30)), 84, 63.9, null);
    assertThat(below.pieces().get(1).box().y()).isCloseTo(34 * 0.93, within(1e-9));
    // Nothing is drawn smaller than can be seen.
    assertThat(PieceRows.fitted(List.of(piece(90, 90)), 1, 1, null).scale())
        .isBetween(0.1 * 0.93, 0.1);
    assertThat(PieceRows.fitted(List.of(), 10, 10, null).height()).isZero();
  }

  private static Place tray(int reach, int width, int depth) {
    return Given.place(PlaceKind.TRAY, "tray")
        .id(new UUID(1, reach))
        .in(CASE)
        .reach(reach)
        .inside(width, depth, 40)
        .place();
  }

  private static Tray open(List<Item> items, Place... trays) {
    List<Place> places = new ArrayList<>(List.of(trays));
    Place outer = Given.place(PlaceKind.CASE, "case").id(CASE).inside(400, 300, 200).place();
    places.add(outer);
    return OpenCase.layOut(outer, new PlaceTree(places), items);
  }

  @Test
  void traysLieSideBySideWhereThatLeavesLessPaperBare() {
    // One row: 224 x 90; two rows: 116 x 180, further from the proportions of a table.
    Tray row = open(List.of(), tray(1, 100, 60), tray(2, 100, 60));
    assertBox(row.box(), 0, 0, 224, 22 + 90);
    assertBox(row.trays().get(0).box(), 8, 22, 100, 82);
    assertBox(row.trays().get(1).box(), 116, 22, 100, 82);
    // Two wide ones lie below each other.
    Tray column = open(List.of(), tray(1, 300, 30), tray(2, 300, 40));
    assertBox(column.trays().get(1).box(), 8, 22 + 52 + 8, 300, 62);
    assertBox(column.box(), 0, 0, 316, 22 + 52 + 8 + 62 + 8);
    // Three: the narrow two share a row, which is as deep as the deeper of them.
    Tray three = open(List.of(), tray(1, 300, 60), tray(2, 100, 30), tray(3, 180, 50));
    assertBox(three.trays().get(1).box(), 8, 22 + 82 + 8, 100, 52);
    assertBox(three.trays().get(2).box(), 116, 22 + 82 + 8, 180, 72);
    assertBox(three.box(), 0, 0, 316, 22 + 82 + 8 + 72 + 8);
  }

  @Test
  void whatLiesBesideTheTraysStandsAboveThem() {
    Item loose =
        Given.thing(ProductClass.OTHER, Form.OTHER)
            .measures(new Measures(Outline.FLAT, 50, 35, 10, Mass.ofGrams(20)))
            .in(CASE)
            .item();
    Tray drawn = open(List.of(loose), tray(1, 100, 60));
    assertBox(drawn.pieces().getFirst().box(), 8, 22, 50, 35);
    assertThat(drawn.trays().getFirst().box().y()).isEqualTo(22 + 35 + 8);
    assertThat(drawn.box().height()).isEqualTo(22 + 35 + 8 + 82 + 8);
    assertThat(drawn.count()).isEqualTo(1);
    // A tray that is a thing itself is drawn as the tray.
    Place itself =
        Given.place(PlaceKind.PALETTE, "palette")
            .in(CASE)
            .inside(100, 60, 10)
            .beingThing(loose.id())
            .place();
    assertThat(open(List.of(loose), itself).pieces()).isEmpty();
  }

  @Test
  void aCompartmentIsNeverDrawnTooSmallToRead() {
    Tray drawn = open(List.of(), tray(1, 10, 10));
    assertBox(drawn.trays().getFirst().box(), 8, 22, 40, 30 + 22);
    Place unmeasured = Given.place(PlaceKind.POUCH, "pouch").in(CASE).place();
    assertBox(open(List.of(), unmeasured).trays().getFirst().box(), 8, 22, 220, 120 + 22);
  }

  @Test
  void likeLiesBesideLikeAndShadesFromLightToDeep() {
    List<Item> wanted =
        List.of(
            named(ProductClass.FOUNDATION, "Amber", "z", null),
            named(ProductClass.FOUNDATION, "Amber", "y", 3.0),
            named(ProductClass.FOUNDATION, "Amber", "a", 5.0),
            named(ProductClass.FOUNDATION, "Amber", "b", 5.0),
            named(ProductClass.FOUNDATION, "Brook", "a", 1.0),
            named(ProductClass.CONCEALER, "Amber", "a", 1.0));
    List<Item> items = new ArrayList<>(wanted.reversed());
    items.add(Given.thing(ProductClass.FOUNDATION, Form.CREAM).in(CASE).discarded(true).item());
    items.add(Given.thing(ProductClass.FOUNDATION, Form.CREAM).item());
    assertThat(open(items).pieces())
        .extracting(Piece::item)
        .containsExactlyElementsOf(wanted.stream().map(Item::id).toList());
  }

  private static Item named(ProductClass what, String name, String shade, Double depth) {
    return Given.thing(what, Form.CREAM).called(name, shade).depth(depth).in(CASE).item();
  }
}

package gerula.core.kit.opencase;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.Seeds;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class OpenCaseTest {

  private final UUID bag = UUID.randomUUID();

  static LongStream seeds() {
    return Seeds.upTo(40);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void compartmentsAndPiecesLieInsideAndNeverOverlap(long seed) {
    Random random = new Random(seed);
    List<Place> places = new ArrayList<>(List.of(bagOf(500)));
    List<Item> items = new ArrayList<>();
    for (int reach = 1; reach <= 1 + random.nextInt(14); reach++) {
      Place tray =
          place(
              bag, reach, 60 + random.nextInt(300), 40 + random.nextInt(200), random.nextInt(120));
      places.add(tray);
      for (int i = random.nextInt(25); i > 0; i--) {
        items.add(item(tray.id(), random));
      }
    }
    Tray open = OpenCase.layOut(places.getFirst(), new PlaceTree(places), items);
    assertThat(open.trays()).hasSize(places.size() - 1);
    assertThat(open.trays()).extracting(Tray::reach).isSorted();
    assertThat(open.trays().stream().mapToInt(tray -> tray.pieces().size()).sum())
        .isEqualTo(items.size());
    assertTidy(open.box(), open.trays().stream().map(Tray::box).toList());
    for (Tray tray : open.trays()) {
      if (tray.pieceScale() > 0.11) {
        assertTidy(tray.box(), tray.pieces().stream().map(Piece::box).toList());
      }
    }
  }

  private static void assertTidy(Box outer, List<Box> boxes) {
    for (int i = 0; i < boxes.size(); i++) {
      assertThat(Boxes.holds(outer, boxes.get(i))).as("%s in %s", boxes.get(i), outer).isTrue();
      for (Box other : boxes.subList(i + 1, boxes.size())) {
        assertThat(Boxes.overlap(boxes.get(i), other))
            .as("%s over %s", boxes.get(i), other)
            .isFalse();
      }
    }
  }

  @Test
  void piecesThatFitAreDrawnToTheScaleOfTheirCompartment() {
    Place tray = place(bag, 1, 200, 100, 60);
    Item pot = item(tray.id(), new Measures(Outline.ROUND, 40, 40, 30, Mass.ofGrams(50)), 10);
    Tray open = OpenCase.layOut(bagOf(500), new PlaceTree(List.of(bagOf(500), tray)), List.of(pot));
    Tray drawn = open.trays().getFirst();
    assertThat(drawn.pieceScale()).isEqualTo(1);
    assertThat(drawn.pieces().getFirst().box().width()).isEqualTo(40);
    assertThat(drawn.box().width()).isEqualTo(200);
    // A cylinder of 40 mm and 30 mm height in a room of 200 x 100 x 60 mm.
    assertThat(drawn.fill()).isCloseTo(Math.PI * 20 * 20 * 30 / 1_200_000, within(1e-9));
  }

  @Test
  void anOverFullCompartmentDrawsItsPiecesSmallerAndSaysSo() {
    Place tray = place(bag, 1, 100, 60, 30);
    List<Item> pots = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      pots.add(item(tray.id(), new Measures(Outline.ROUND, 40, 40, 40, Mass.ofGrams(50)), 10));
    }
    Tray drawn =
        OpenCase.layOut(bagOf(500), new PlaceTree(List.of(bagOf(500), tray)), pots)
            .trays()
            .getFirst();
    assertThat(drawn.fill()).isGreaterThan(1);
    assertThat(drawn.pieceScale()).isLessThan(1);
    assertTidy(drawn.box(), drawn.pieces().stream().map(Piece::box).toList());
  }

  @Test
  void theMassOfABagIsItsOwnAndEverythingInIt() {
    Place tray = place(bag, 1, 200, 100, 60);
    Item half = item(tray.id(), new Measures(Outline.ROUND, 40, 40, 30, Mass.ofGrams(50)), 5);
    Tray open =
        OpenCase.layOut(bagOf(500), new PlaceTree(List.of(bagOf(500), tray)), List.of(half));
    // 3000 g of bag, 20 g of tray, 50 g of pack less the 5 ml that are used.
    assertThat(open.mass()).isEqualTo(Mass.ofGrams(3065));
  }

  private Place bagOf(int width) {
    return Given.place(PlaceKind.CASE, "case")
        .id(bag)
        .inside(width, 300, 200)
        .weighing(3000, Mass.ofGrams(9000))
        .place();
  }

  private static Place place(UUID parent, int reach, int width, int depth, int height) {
    return Given.place(PlaceKind.TRAY, "tray " + reach)
        .in(parent)
        .reach(reach)
        .inside(width, depth, height == 0 ? null : height)
        .weighing(20, null)
        .place();
  }

  private static Item item(UUID place, Random random) {
    Outline outline = Outline.values()[random.nextInt(3)];
    int width = 8 + random.nextInt(60);
    int depth = outline == Outline.ROUND ? width : 8 + random.nextInt(120);
    return item(place, new Measures(outline, width, depth, 20, Mass.ofGrams(30)), 10);
  }

  private static Item item(UUID place, Measures measures, int left) {
    return Given.thing(ProductClass.PRIMER, Form.CREAM)
        .measures(measures)
        .left(Quantity.millilitres(left))
        .in(place)
        .item();
  }
}

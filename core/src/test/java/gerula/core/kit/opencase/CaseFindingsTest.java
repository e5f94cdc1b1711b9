package gerula.core.kit.opencase;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CaseFindingsTest {

  // A bottle 30 mm thick and 90 mm tall: it stands under 90 mm, lies under 30 mm, else the lid is
  // open.
  @ParameterizedTest
  @CsvSource({
    "90, LIQUID_PUMP_OR_SQUEEZE, ",
    "89, LIQUID_PUMP_OR_SQUEEZE, laid-down",
    "30, LIQUID_PUMP_OR_SQUEEZE, laid-down",
    "29, LIQUID_PUMP_OR_SQUEEZE, too-tall",
    "60, SETTING_CREAM, ",
    "29, SETTING_CREAM, too-tall",
  })
  void heightDecidesHowAThingLies(int clear, Form form, String code) {
    Place tray = Given.place(PlaceKind.TRAY, "tray").inside(200, 150, clear).place();
    Item bottle =
        Given.thing(ProductClass.FOUNDATION, form)
            .measures(new Measures(Outline.ROUND, 30, 30, 90, Mass.ofGrams(60)))
            .in(tray.id())
            .item();
    Tray open = open(tray, bottle);
    assertThat(codes(open)).isEqualTo(code == null ? List.of() : List.of(code));
    Box drawn = open.pieces().getFirst().box();
    boolean lies = clear < 90 && clear >= 30;
    assertThat(drawn.height()).isEqualTo(lies ? 90 : 30);
  }

  @Test
  void loosePowderInAnOpenPanAndLiquidInAPaletteAreTold() {
    Place palette = Given.place(PlaceKind.PALETTE, "palette").inside(200, 150, 20).place();
    Vessel pan = new Vessel.Decant(Container.LOOSE_MAGNETIC_PAN, Quantity.millilitres(2), null);
    Item loose =
        Given.thing(ProductClass.FACE_POWDER, Form.LOOSE_POWDER)
            .left(Quantity.millilitres(2))
            .vessel(pan)
            .in(palette.id())
            .item();
    Item pressed =
        Given.thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER)
            .left(Quantity.millilitres(2))
            .vessel(pan)
            .in(palette.id())
            .item();
    assertThat(open(palette, loose, pressed).findings())
        .containsExactly(new CaseFinding.LooseInTheOpen(palette.id(), loose.id()));
  }

  @Test
  void aSealedPaletteKeepsWhatDriesOut() {
    Place sealed = Given.place(PlaceKind.PALETTE, "sealed").inside(200, 150, 40).sealed().place();
    Item liner = Given.thing(ProductClass.GEL_LINER, Form.SETTING_CREAM).in(sealed.id()).item();
    assertThat(open(sealed, liner).findings()).isEmpty();
    Place bare = Given.place(PlaceKind.PALETTE, "bare").inside(200, 150, 40).place();
    Item same = Given.thing(ProductClass.GEL_LINER, Form.SETTING_CREAM).in(bare.id()).item();
    assertThat(codes(open(bare, same))).containsExactly("loose-in-the-open");
  }

  @Test
  void aPerformersSectionTakesNobodyElsesThings() {
    Place corin = Given.place(PlaceKind.POUCH, "Corin").ofPerformer("Corin").place();
    Item hers = only("Isaura", corin.id());
    Item his = only("corin ", corin.id());
    assertThat(open(corin, hers, his).findings())
        .containsExactly(
            new CaseFinding.AnotherPerformers(corin.id(), hers.id(), "Isaura", "Corin"));
  }

  private static Item only(String person, UUID place) {
    return Given.thing(ProductClass.PUFF, Form.FABRIC_PUFF)
        .forWhom(new ForWhom.Only(Given.person(person)))
        .in(place)
        .item();
  }

  @Test
  void aPlaceKeptForLipsTakesNothingElse() {
    Place lips = Given.place(PlaceKind.POUCH, "lips").onlyFor(Section.LIPS).place();
    Item mascara = Given.thing(ProductClass.MASCARA, Form.MASCARA).in(lips.id()).item();
    assertThat(open(lips, mascara).findings())
        .containsExactly(new CaseFinding.NotAllowedHere(lips.id(), mascara.id(), Section.MASCARA));
  }

  @Test
  void slotsAreFilledOneByOneAndTheOneTooManyIsTold() {
    Place palette =
        Given.place(PlaceKind.PALETTE, "palette")
            .inside(120, 90, 20)
            .slots(new Inside.Slots(6, 36, 36, null))
            .place();
    List<Item> pans = new ArrayList<>();
    for (int i = 0; i < 7; i++) {
      pans.add(pan(26, palette.id()));
      Tray open = open(palette, pans.toArray(Item[]::new));
      assertThat(open.fill()).isEqualTo(pans.size() / 6.0);
      assertThat(open.slots()).hasSize(6);
      assertThat(codes(open)).isEqualTo(i < 6 ? List.of() : List.of("over-full"));
      for (int at = 0; at < Math.min(pans.size(), 6); at++) {
        assertThat(Boxes.holds(open.slots().get(at), open.pieces().get(at).box())).isTrue();
      }
    }
    assertThat(codes(open(palette, pan(40, palette.id())))).containsExactly("wider-than-its-slot");
  }

  private static Item pan(int width, UUID place) {
    return Given.thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER)
        .measures(new Measures(Outline.ROUND, width, width, 5, Mass.ofGrams(4)))
        .in(place)
        .item();
  }

  @Test
  void aBagThatWeighsTooMuchIsToldWithBothMasses() {
    Place bag = Given.place(PlaceKind.SET_BAG, "bag").weighing(500, Mass.ofGrams(600)).place();
    Item heavy =
        Given.thing(ProductClass.PRIMER, Form.CREAM)
            .measures(new Measures(Outline.ROUND, 30, 30, 30, Mass.ofGrams(101)))
            .in(bag.id())
            .item();
    assertThat(open(bag, heavy).allFindings())
        .containsExactly(new CaseFinding.CaseOverHeavy(bag.id(), 601, 600));
  }

  @Test
  void aPaletteIsDrawnOnceThoughItIsAThingAndAPlace() {
    UUID thing = UUID.randomUUID();
    Place bag = Given.place(PlaceKind.CASE, "case").place();
    Place palette =
        Given.place(PlaceKind.PALETTE, "palette").in(bag.id()).beingThing(thing).place();
    Item itself = Given.thing(ProductClass.PALETTE, Form.OTHER).id(thing).in(bag.id()).item();
    Item pan = pan(26, palette.id());
    Tray open = OpenCase.layOut(bag, new PlaceTree(List.of(bag, palette)), List.of(itself, pan));
    assertThat(open.allPieces()).extracting(Piece::item).containsExactly(pan.id());
    assertThat(open.count()).isEqualTo(1);
  }

  private static Tray open(Place place, Item... items) {
    return OpenCase.layOut(place, new PlaceTree(List.of(place)), List.of(items));
  }

  private static List<String> codes(Tray tray) {
    return tray.allFindings().map(CaseFinding::code).toList();
  }
}

package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Face;
import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import gerula.core.rule.HouseRulesBuilder;
import gerula.core.rule.PalettePractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Single pans go along in an empty palette where the house does so and it saves mass. */
class LiftedPansTest extends GivenList {

  private static final Face FACE = face(5, Set.of(), Service.POWDER, Service.BLUSH);

  /** A palette as a thing and as a place. */
  private record Case(Item palette, Place inside) {}

  @BeforeEach
  void theHouseLiftsPans() {
    house =
        HouseRulesBuilder.builder(HouseRules.USUAL)
            .practices(
                PracticesBuilder.builder(Practices.USUAL)
                    .palettes(PalettePractice.LIFT_PANS)
                    .build())
            .build();
  }

  @Test
  void thePansThatAreNeededTravelInAnEmptyPaletteAndTheirOwnStaysAtHome() {
    Case own = caseOf("Twelve", 12, 600);
    Item powder = pan(own, ProductClass.FACE_POWDER);
    Item unasked = pan(own, ProductClass.FOUNDATION);
    Case empty = caseOf("Travel palette", 4, 90);
    PackingList list = list(FACE);
    assertThat(line(list, powder).reasons())
        .contains(new TakenReason.Lifted(empty.palette().id(), own.palette().id()));
    assertThat(line(list, powder).mass()).isEqualTo(powder.mass());
    assertThat(line(list, empty.palette()).reasons())
        .containsExactly(new TakenReason.CarriesPan(powder.id()));
    assertThat(line(list, powder).goesTo()).isEqualTo(line(list, empty.palette()).goesTo());
    assertThat(ids(list)).doesNotContain(own.palette().id(), unasked.id());
    house = HouseRules.USUAL;
    assertThat(ids(list(FACE))).contains(own.palette().id()).doesNotContain(powder.id());
  }

  @Test
  void nothingIsLiftedWhereItSavesNothing() {
    Case own = caseOf("Twelve", 12, 80);
    Item powder = pan(own, ProductClass.FACE_POWDER);
    caseOf("Heavy palette", 4, 90);
    assertThat(ids(list(FACE))).contains(own.palette().id()).doesNotContain(powder.id());
  }

  @Test
  void whatCarriesPansIsCleanEmptyAndWideEnough() {
    Case own = caseOf("Twelve", 12, 600);
    Item powder = pan(own, ProductClass.FACE_POWDER);
    Case used = caseOf("Used", 4, 50);
    replace(
        used.palette(),
        used.palette()
            .treated(new CleanState(Cleanliness.USED, null, CleanState.By.CONTACT, null)));
    Case waiting = caseOf("Waits for its own", 4, 50);
    Item elsewhere = pan(waiting, ProductClass.FOUNDATION);
    replace(elsewhere, elsewhere.movedTo(store));
    Case narrow = caseOf("Narrow", 4, 50);
    morePlaces.remove(narrow.inside());
    morePlaces.add(
        PlaceBuilder.builder(narrow.inside())
            .inside(new Inside(100, 100, 12, new Inside.Slots(4, 20, 20, 12), true))
            .build());
    assertThat(ids(list(FACE))).contains(own.palette().id()).doesNotContain(powder.id());
  }

  @Test
  void whatIsPinnedAddedOrTickedOffComesWhole() {
    Case own = caseOf("Twelve", 12, 600);
    Item powder = pan(own, ProductClass.FACE_POWDER);
    caseOf("Travel palette", 4, 90);
    UUID palette = own.palette().id();
    for (Choices decided : List.of(Choices.NONE.pinning(palette), Choices.NONE.adding(palette))) {
      choices = decided;
      assertThat(ids(list(FACE))).contains(palette).doesNotContain(powder.id());
    }
    choices = Choices.NONE;
    packed = Set.of(palette);
    assertThat(ids(list(FACE))).contains(palette).doesNotContain(powder.id());
  }

  /** What has left in another palette is told by itself, and does not call its own along. */
  @Test
  void aPanThatTravelsStaysOnItsOwnLine() {
    Case own = caseOf("Twelve", 12, 600);
    Item powder = pan(own, ProductClass.FACE_POWDER);
    Case empty = caseOf("Travel palette", 4, 90);
    Item away = powder.liftedOutTo(empty.inside().id(), 1);
    replace(powder, away);
    packed = Set.of(powder.id(), empty.palette().id());
    PackingList list = list(FACE);
    assertThat(line(list, powder).reasons())
        .contains(new TakenReason.Lifted(empty.palette().id(), own.palette().id()));
    assertThat(ids(list)).contains(empty.palette().id()).doesNotContain(own.palette().id());
  }

  /** Against the same list with whole palettes: nothing is missed, and it never weighs more. */
  @Test
  void liftingLeavesNothingOutAndWeighsNoMore() {
    long rounds = IntStream.range(0, 60).filter(this::isLiftedFrom).count();
    assertThat(rounds).as("rounds in which a pan was lifted").isGreaterThan(15);
  }

  private boolean isLiftedFrom(int seed) {
    kit.clear();
    morePlaces.clear();
    theHouseLiftsPans();
    Random random = new Random(seed);
    List<ProductClass> classes =
        List.of(ProductClass.FACE_POWDER, ProductClass.BLUSH, ProductClass.EYE_SHADOW);
    for (int i = 0; i < 2 + random.nextInt(4); i++) {
      Case one = caseOf("Palette " + i, 2 + random.nextInt(10), 20 + random.nextInt(500));
      for (ProductClass each : classes) {
        if (random.nextBoolean()) {
          pan(one, each);
        }
      }
      caseOf("Empty " + i, 1 + random.nextInt(5), 20 + random.nextInt(300));
    }
    PackingList lifted = list(FACE);
    house = HouseRules.USUAL;
    PackingList whole = list(FACE);
    assertThat(lifted.unmet()).isEqualTo(whole.unmet());
    assertThat(lifted.mass()).isLessThanOrEqualTo(whole.mass());
    assertThat(lifted.gaps()).isEqualTo(whole.gaps());
    Set<UUID> pans =
        whole.lines().stream()
            .flatMap(line -> line.reasonsOf(TakenReason.WithPan.class).stream())
            .map(TakenReason.WithPan::pan)
            .collect(Collectors.toSet());
    Set<UUID> still = new HashSet<>(ids(lifted));
    lifted
        .lines()
        .forEach(
            line ->
                line.reasonsOf(TakenReason.WithPan.class).forEach(with -> still.add(with.pan())));
    assertThat(still).containsAll(pans);
    for (PackingLine line : lifted.lines()) {
      long carried = line.reasonsOf(TakenReason.CarriesPan.class).size();
      long slots =
          morePlaces.stream()
              .filter(place -> line.item().id().equals(place.thing()))
              .mapToLong(place -> place.inside().slots().count())
              .findFirst()
              .orElse(0);
      assertThat(carried).isLessThanOrEqualTo(slots);
    }
    return lifted.lines().stream()
        .anyMatch(line -> !line.reasonsOf(TakenReason.Lifted.class).isEmpty());
  }

  private static List<UUID> ids(PackingList list) {
    return list.lines().stream().map(line -> line.item().id()).toList();
  }

  private void replace(Item item, Item by) {
    kit.replaceAll(one -> one.id().equals(item.id()) ? by : one);
  }

  private Case caseOf(String name, int slots, int grams) {
    Item palette =
        named(Given.thing(ProductClass.PALETTE, Form.OTHER).in(store).item(), name, grams);
    kit.add(palette);
    Place inside =
        PlaceBuilder.builder(place(UUID.randomUUID(), store, null, PlaceKind.PALETTE))
            .ownMass(Mass.NONE)
            .greatestMass(null)
            .inside(new Inside(200, 100, 12, new Inside.Slots(slots, 30, 30, 12), true))
            .thing(palette.id())
            .build();
    morePlaces.add(inside);
    return new Case(palette, inside);
  }

  private static Item named(Item item, String name, int grams) {
    return ItemBuilder.builder(item)
        .product(
            ProductBuilder.builder(item.product())
                .name(name)
                .measures(new Measures(Outline.FLAT, 200, 100, 12, Mass.ofGrams(grams)))
                .build())
        .build();
  }

  private Item pan(Case into, ProductClass productClass) {
    Item pan =
        Given.thing(productClass, Form.PRESSED_POWDER)
            .content(new Quantity(4000, Unit.G))
            .in(into.inside().id())
            .item();
    Item small =
        ItemBuilder.builder(pan)
            .product(
                ProductBuilder.builder(pan.product())
                    .measures(new Measures(Outline.ROUND, 26, 26, 5, Mass.ofGrams(9)))
                    .build())
            .build();
    kit.add(small);
    return small;
  }
}

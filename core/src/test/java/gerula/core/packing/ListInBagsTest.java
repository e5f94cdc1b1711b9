package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.NeedCode;
import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.place.CarrierState;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceUse;
import gerula.core.kit.place.Purpose;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.packing.trailer.TrailerPlan;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Where what is on the list goes, and what the bags have to say to it. */
class ListInBagsTest extends GivenList {

  @Test
  void aThingGoesToItsHomeInTheBagElseToTheCompartmentOfItsSection() {
    palette();
    Item fromTheStore = base(5, 30);
    assertThat(line(list(face(5, Set.of(), Service.BASE)), fromTheStore).goesTo())
        .isEqualTo(basePouch);
  }

  /** Touch-ups are worn, hers in her section; what is kept for her goes there too. */
  @Test
  void onSetEachFindsHerOwnInHerSectionAndTheRestIsWornAtHand() {
    PersonRef lead = Given.person("Lead");
    Place setBag = place(UUID.randomUUID(), null, null, PlaceKind.SET_BAG);
    Place hers =
        PlaceBuilder.builder(place(UUID.randomUUID(), setBag.id(), null, PlaceKind.POUCH))
            .purpose(new Purpose(null, Set.of(), lead, null))
            .build();
    morePlaces.addAll(List.of(setBag, hers));
    bags = List.of(bag, setBag.id());
    Face known =
        FaceBuilder.builder(face(5, Set.of(), Service.STAND_BY, Service.POWDER))
            .person(lead.id())
            .build();
    Face other = face(6, Set.of(), Service.STAND_BY);
    Item blotting = put(ProductClass.BLOTTING_PAPER, Form.SINGLE_USE, Quantity.pieces(200));
    Item tissues = put(ProductClass.FACE_TISSUE, Form.SINGLE_USE, Quantity.pieces(500));
    Item balm =
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER)
            .content(new Quantity(9000, Unit.G))
            .forWhom(new ForWhom.Only(lead))
            .in(store)
            .item();
    kit.add(balm);
    PackingList list = list(known, other);
    assertThat(line(list, balm).goesTo()).isEqualTo(hers.id());
    assertThat(line(list, blotting).goesTo()).isEqualTo(setBag.id());
    assertThat(line(list, tissues).goesTo()).isEqualTo(bag);
    assertThat(line(list(known), blotting).goesTo()).isEqualTo(setBag.id());
  }

  /** What is there only in case another fails does not lie among what one works with. */
  @Test
  void aSpareGoesToTheBackStockAndIntoTheOnlyBagWhereThereIsOne() {
    palette();
    Place rolling = place(UUID.randomUUID(), null, null, PlaceKind.CASE);
    Place trailer = place(UUID.randomUUID(), null, null, PlaceKind.TRAILER);
    Place belt = place(UUID.randomUUID(), null, null, PlaceKind.BELT);
    morePlaces.addAll(List.of(rolling, trailer, belt));
    base(5, 30);
    base(5, 30);
    Face face = face(5, Set.of(), Service.BASE);
    bags = List.of(bag, belt.id());
    assertThat(spare(list(face)).goesTo()).isEqualTo(basePouch);
    bags = List.of(bag, rolling.id(), belt.id());
    assertThat(spare(list(face)).goesTo()).isEqualTo(rolling.id());
    bags = List.of(trailer.id(), bag);
    assertThat(spare(list(face)).goesTo()).isEqualTo(basePouch);
    assertThat(spare(list(face)).atWork())
        .isEqualTo(new PackingLine.AtWork(trailer.id(), basePouch));
    assertThat(list(face).lines())
        .filteredOn(line -> line.needs().contains(NeedCode.of(ProductClass.FOUNDATION)))
        .anyMatch(line -> basePouch.equals(line.goesTo()));
  }

  /** Nothing of the kit lies among the artist's own or what is dirty. */
  @Test
  void whatABagServesForDecidesWhatGoesThere() {
    palette();
    Place rolling = place(UUID.randomUUID(), null, null, PlaceKind.CASE);
    Place doubles = serving(rolling, PlaceUse.BACK_STOCK);
    Place toTake = serving(rolling, PlaceUse.GIVEN_AWAY);
    Place mine = serving(rolling, PlaceUse.MY_OWN);
    morePlaces.addAll(List.of(rolling, doubles, toTake, mine));
    bags = List.of(bag, rolling.id());
    base(5, 30);
    base(5, 30);
    Item jars = put(ProductClass.TOUCH_UP_JAR, Form.OTHER, Quantity.pieces(20));
    PackingList list = list(face(5, Set.of(), Service.BASE, Service.TOUCH_UP_KIT));
    assertThat(spare(list).goesTo()).isEqualTo(doubles.id());
    assertThat(line(list, jars).goesTo()).isEqualTo(toTake.id());
    assertThat(BagRooms.of(facts(face(5, Set.of()))).getLast().rooms())
        .filteredOn(BagRooms.Room::isClosed)
        .extracting(BagRooms.Room::place)
        .containsExactly(mine.id());
  }

  private static Item moved(Item item, Place to) {
    return ItemBuilder.builder(item).now(to.id()).build();
  }

  private static Place serving(Place within, PlaceUse use) {
    return PlaceBuilder.builder(place(UUID.randomUUID(), within.id(), null, PlaceKind.POUCH))
        .purpose(new Purpose(null, Set.of(), null, use))
        .build();
  }

  /** It travels in the case and stands at work where the trailer is laid out for it. */
  @Test
  void inATrailerTheKitIsSetUpAndWhatIsWornStaysInItsBag() {
    palette();
    Place setBag = place(UUID.randomUUID(), null, null, PlaceKind.SET_BAG);
    Place trailer = place(UUID.randomUUID(), null, null, PlaceKind.TRAILER);
    Place station =
        PlaceBuilder.builder(place(UUID.randomUUID(), trailer.id(), null, PlaceKind.STATION))
            .purpose(new Purpose(Section.BASE, Set.of(), null, null))
            .build();
    Place rolling = place(UUID.randomUUID(), null, null, PlaceKind.CASE);
    morePlaces.addAll(List.of(setBag, trailer, station, rolling));
    bags = List.of(bag, setBag.id(), trailer.id());
    Item bottle = base(5, 30);
    Item blotting = put(ProductClass.BLOTTING_PAPER, Form.SINGLE_USE, Quantity.pieces(200));
    Face face = face(5, Set.of(), Service.BASE, Service.STAND_BY);
    PackingList list = list(face);
    assertThat(line(list, bottle).goesTo()).isEqualTo(basePouch);
    assertThat(line(list, bottle).atWork())
        .isEqualTo(new PackingLine.AtWork(station.id(), basePouch));
    assertThat(line(list, blotting).goesTo()).isEqualTo(setBag.id());
    assertThat(line(list, blotting).atWork()).isNull();
    LocalDate day = facts(face).booking().firstDay();
    ListTrailer worked = ListTrailer.of(list.lines(), facts(face), day).orElseThrow();
    assertThat(worked.places()).containsExactly(trailer, station);
    assertThat(worked.plan().movingIn())
        .contains(new TrailerPlan.Carry(bottle.id(), basePouch, station.id()))
        .noneMatch(carry -> carry.item().equals(blotting.id()));
    bags = List.of(trailer.id(), setBag.id(), rolling.id());
    assertThat(line(list(face), bottle).goesTo()).isEqualTo(rolling.id());
    kit.replaceAll(item -> item.id().equals(bottle.id()) ? moved(item, station) : item);
    assertThat(line(list(face), bottle).goesTo()).isEqualTo(station.id());
    assertThat(line(list(face), bottle).atWork())
        .isEqualTo(new PackingLine.AtWork(station.id(), rolling.id()));
    // It stands in the trailer, whatever was planned for the way there, and goes home by that plan.
    LoadChoices way = LoadChoices.NONE.pinning(bottle.id(), setBag.id().toString());
    choices = Choices.NONE.loading(way);
    assertThat(line(list(face), bottle).goesTo()).isEqualTo(station.id());
    choices = Choices.NONE.loading(LoadChoices.NONE.pinning(bottle.id(), rolling.id().toString()));
    assertThat(line(list(face), bottle).atWork())
        .isEqualTo(new PackingLine.AtWork(station.id(), rolling.id()));
    choices = Choices.NONE;
    Place doubles = serving(trailer, PlaceUse.BACK_STOCK);
    morePlaces.add(doubles);
    kit.replaceAll(item -> item.id().equals(bottle.id()) ? moved(item, doubles) : item);
    assertThat(line(list(face), bottle).atWork())
        .isEqualTo(new PackingLine.AtWork(station.id(), rolling.id()));
    assertThat(ListLoad.of(list(face), facts(face)).load().pieces())
        .noneMatch(piece -> piece.id().equals(bottle.id().toString()));
    assertThat(BagRooms.of(facts(face)))
        .extracting(BagRooms::bag)
        .containsExactly(setBag.id(), rolling.id());
    bags = List.of(bag);
    assertThat(line(list(face), bottle).atWork()).isNull();
    assertThat(ListTrailer.of(list(face).lines(), facts(face), day)).isEmpty();
  }

  private static PackingLine spare(PackingList list) {
    return list.lines().stream()
        .filter(line -> !line.reasonsOf(TakenReason.Spare.class).isEmpty())
        .findFirst()
        .orElseThrow();
  }

  /** Forty are named and the rest is counted; what is wanted or lies elsewhere is not told. */
  @Test
  void whatLiesInABagUnaskedCanStayAtHome() {
    Item wanted = inThe(basePouch, ProductClass.HAND_SANITISER);
    List<UUID> unasked =
        IntStream.range(0, 41).mapToObj(_ -> inThe(basePouch, ProductClass.MASCARA).id()).toList();
    Item loose = inThe(bag, ProductClass.MASCARA);
    inThe(store, ProductClass.MASCARA);
    PackingList list = list(face(5, Set.of()));
    assertThat(line(list, wanted).goesTo()).isEqualTo(basePouch);
    List<PackingFinding.TakeOut> out =
        list.findings().stream()
            .filter(PackingFinding.TakeOut.class::isInstance)
            .map(PackingFinding.TakeOut.class::cast)
            .toList();
    assertThat(out).extracting(PackingFinding.TakeOut::place).containsExactly(bag, basePouch);
    assertThat(out.get(0)).isEqualTo(new PackingFinding.TakeOut(bag, List.of(loose.id()), 0));
    assertThat(out.get(1).items()).hasSize(40).isSubsetOf(unasked);
    assertThat(out.get(1).more()).isEqualTo(1);
  }

  /** 1 kg of bag and pouch; what is wanted, and what lies in it and nobody asks for. */
  @Test
  void aBagWeighsWhatWillBeInItWhetherAskedForOrNot() {
    inThe(store, ProductClass.HAND_SANITISER);
    kit.set(0, weighing(kit.getFirst(), 200));
    inThe(basePouch, ProductClass.MASCARA);
    kit.set(1, weighing(kit.get(1), 30));
    inThe(store, ProductClass.MASCARA);
    PackingList list = list(face(5, Set.of()));
    assertThat(list.mass()).isEqualTo(Mass.ofGrams(200));
    assertThat(list.bags())
        .containsExactly(new BagMass(bag, Mass.ofGrams(1230), Mass.ofGrams(30), false));
    bags = List.of(bag, basePouch);
    assertThat(list(face(5, Set.of())).bags())
        .contains(new BagMass(basePouch, Mass.ofGrams(530), Mass.ofGrams(30), true));
  }

  private Item inThe(UUID place, ProductClass what) {
    Item item =
        Given.thing(what, Form.LIQUID_PUMP_OR_SQUEEZE)
            .content(Quantity.millilitres(8))
            .in(place)
            .item();
    kit.add(item);
    return item;
  }

  @Test
  void aBagThatWouldBeTooHeavyIsTold() {
    put(ProductClass.HAND_SANITISER, Form.LIQUID_PUMP_OR_SQUEEZE, Quantity.millilitres(5000));
    assertThat(list(face(5, Set.of())).findings())
        .anySatisfy(
            finding ->
                assertThat(finding)
                    .isInstanceOfSatisfying(
                        PackingFinding.BagOverHeavy.class,
                        heavy -> assertThat(heavy.grams()).isGreaterThan(heavy.greatestGrams())));
  }

  @Test
  void aBagThatCameBackFromAJobIsCleanedFirst() {
    Place used =
        PlaceBuilder.builder(place(UUID.randomUUID(), null, null, PlaceKind.CASE))
            .carrier(CarrierState.CLEAN.usedAt(Instant.parse("2031-04-01T20:00:00Z")))
            .build();
    morePlaces.add(used);
    put(ProductClass.BLOTTING_PAPER, Form.SINGLE_USE, Quantity.pieces(200));
    bags = List.of(bag, used.id());
    assertThat(list(face(5, Set.of(), Service.STAND_BY)).findings())
        .contains(new PackingFinding.BagToClean(used.id()))
        .doesNotContain(new PackingFinding.BagToClean(bag));
  }

  @Test
  void aBagMayBeAsHeavyAsItBears() {
    Item sanitiser =
        put(ProductClass.HAND_SANITISER, Form.LIQUID_PUMP_OR_SQUEEZE, Quantity.millilitres(100));
    // Bag and pouch weigh 500 g each: 2 kg are left of 3 kg.
    kit.set(0, weighing(sanitiser, 2000));
    assertThat(list(face(5, Set.of())).findings())
        .noneMatch(PackingFinding.BagOverHeavy.class::isInstance);
    kit.set(0, weighing(sanitiser, 2001));
    assertThat(list(face(5, Set.of())).findings())
        .contains(new PackingFinding.BagOverHeavy(bag, 3001, 3000));
    assertThat(list(face(5, Set.of())).mass()).isEqualTo(Mass.ofGrams(2001));
  }

  private static Item weighing(Item item, int grams) {
    Product product =
        ProductBuilder.builder(item.product())
            .measures(new Measures(Outline.FLAT, 50, 50, 100, Mass.ofGrams(grams)))
            .build();
    return ItemBuilder.builder(item).product(product).build();
  }

  @Test
  void withoutABagEverythingIsListedAndThatIsTold() {
    Item mat = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    bags = List.of();
    PackingList list = list(face(5, Set.of()));
    assertThat(list.findings()).contains(new PackingFinding.NoBag());
    assertThat(line(list, mat).goesTo()).isNull();
    kit.clear();
    assertThat(list(face(5, Set.of())).findings())
        .noneMatch(PackingFinding.NoBag.class::isInstance);
    bags = List.of(bag);
    kit.add(mat);
    assertThat(list(face(5, Set.of())).findings())
        .noneMatch(PackingFinding.NoBag.class::isInstance);
  }

  @Test
  void wheelsAreOfNoUseOnSandAndStairs() {
    conditions = Set.of(Condition.LONG_CARRY);
    PackingFinding wheels = new PackingFinding.WheelsOnLongCarry(bag);
    assertThat(list(face(5, Set.of())).findings()).doesNotContain(wheels);
    bagKind = PlaceKind.CASE;
    assertThat(list(face(5, Set.of())).findings()).contains(wheels);
    conditions = Set.of(Condition.WET);
    assertThat(list(face(5, Set.of())).findings()).doesNotContain(wheels);
  }

  @Test
  void whatHasItsHomeInTheBagGoesThereAndTheRestIntoTheBag() {
    Item mat = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    assertThat(line(list(face(5, Set.of())), mat).goesTo()).isEqualTo(bag);
    kit.set(0, ItemBuilder.builder(mat).home(basePouch).build());
    assertThat(line(list(face(5, Set.of())), mat).goesTo()).isEqualTo(basePouch);
  }

  @Test
  void ofTwoMatsTheOneInTheBagIsTaken() {
    put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    Item inTheBag = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    Item last = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    for (int i = 0; i < 3; i++) {
      UUID id = new UUID(0, 3 - i);
      UUID now = kit.get(i).equals(inTheBag) ? basePouch : store;
      kit.set(i, ItemBuilder.builder(kit.get(i)).id(id).now(now).build());
    }
    assertThat(list(face(5, Set.of())).lines())
        .extracting(line -> line.item().id())
        .contains(new UUID(0, 2))
        .doesNotContain(last.id());
  }

  @Test
  void linesOfOneClassStandByNameAndShade() {
    palette();
    put(ProductClass.PALETTE, Form.OTHER, Quantity.pieces(1));
    packed = new HashSet<>();
    for (String name : List.of("Velvet", "Amber", "Mist")) {
      for (String shade : List.of("two", "one")) {
        Item one =
            Given.thing(ProductClass.FAN, Form.OTHER)
                .content(Quantity.pieces(1))
                .called(name, shade)
                .in(store)
                .item();
        kit.add(one);
        packed.add(one.id());
      }
    }
    assertThat(list(face(5, Set.of())).lines())
        .filteredOn(line -> line.item().product().productClass() == ProductClass.FAN)
        .extracting(line -> line.item().product().name() + " " + line.item().product().shade())
        .containsExactly(
            "Amber one", "Amber two", "Mist one", "Mist two", "Velvet one", "Velvet two");
  }
}

package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.Purpose;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.packing.load.LoadObstacle;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts that come off their bag, and where else they go whole. */
class PortablePartTest extends GivenList {

  private final Place whole = measured(PlaceKind.CASE, null, 400, 300, 200);
  private Place pouch = measured(PlaceKind.POUCH, whole.id(), 180, 140, 50);
  private Place other = measured(PlaceKind.BACKPACK, null, 300, 200, 400);

  private static Place measured(PlaceKind kind, UUID parent, int width, int depth, int height) {
    return PlaceBuilder.builder(Given.place(kind, kind.code()).in(parent).place())
        .isPortable(true)
        .ownMass(Mass.ofGrams(100L))
        .inside(new Inside(width, depth, height, null, false))
        .build();
  }

  private static Place forSection(Place place, Section section) {
    return PlaceBuilder.builder(place).purpose(new Purpose(section, Set.of(), null, null)).build();
  }

  private final List<Place> further = new ArrayList<>();

  private List<PortablePart> parts() {
    morePlaces.clear();
    morePlaces.addAll(further);
    morePlaces.addAll(List.of(whole, forSection(pouch, Section.BASE), other));
    bags = List.of(whole.id(), other.id());
    PackingList.PackingFacts facts = facts(face(5, Set.of(), Service.BASE));
    PackingList list = PackingList.of(facts);
    return PortablePart.of(list, facts, ListLoad.of(list, facts));
  }

  private PortablePart only() {
    return parts().stream()
        .filter(part -> part.place().equals(pouch.id()))
        .findFirst()
        .orElseThrow();
  }

  private LoadObstacle obstacle() {
    return only().ways().getFirst().obstacle();
  }

  @Test
  void aPouchGoesIntoAnotherBagWithAllItHolds() {
    palette();
    Item base = base(5, 30);
    PortablePart part = only();
    assertThat(part.bag()).isEqualTo(whole.id());
    assertThat(part.home()).isNull();
    assertThat(part.mass()).isEqualTo(Mass.ofGrams(100L).plus(base.mass()));
    assertThat(part.ways())
        .containsExactly(new PortablePart.WholeWay(other.id(), other.id(), null));
    assertThat(part.into(other.id())).hasSize(1);
    assertThat(part.into(whole.id())).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "180, 140, 60,",
    "60, 185, 145,",
    "179, 300, 45, TOO_LARGE",
    "185, 145, 50, TOO_FULL",
    "139, 400, 400, ",
    "49, 400, 400, TOO_LARGE"
  })
  void itGoesInTurnedAboutAndOnItsSide(int width, int depth, int height, LoadObstacle obstacle) {
    other = measured(PlaceKind.BACKPACK, null, width, depth, height);
    assertThat(obstacle()).isEqualTo(obstacle);
  }

  @Test
  void whatStandsInItIsNotTipped() {
    pouch = measured(PlaceKind.POUCH, whole.id(), 60, 60, 150);
    other = measured(PlaceKind.BACKPACK, null, 300, 200, 100);
    assertThat(obstacle()).isNull();
    palette();
    Item base = put(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE, Quantity.millilitres(30));
    choices = Choices.NONE.adding(base.id());
    assertThat(obstacle()).isEqualTo(LoadObstacle.TOO_LARGE);
  }

  @Test
  void compartmentsThatAreKeptForSomethingOrSomebodyTakeOnlyThat() {
    palette();
    base(5, 30);
    Place plain = other;
    PersonRef lead = Given.person("Lead");
    other = with(plain, new Purpose(null, Set.of(Section.LIPS), null, null));
    assertThat(obstacle()).isEqualTo(LoadObstacle.NOT_ALLOWED);
    other = with(plain, new Purpose(null, Set.of(Section.LIPS, Section.BASE), null, null));
    assertThat(obstacle()).isNull();
    other = with(plain, new Purpose(null, Set.of(), lead, null));
    assertThat(obstacle()).isEqualTo(LoadObstacle.SOMEBODY_ELSES);
  }

  private static Place with(Place place, Purpose purpose) {
    return PlaceBuilder.builder(place).purpose(purpose).build();
  }

  @Test
  void theOtherBagKeepsToItsLimit() {
    palette();
    Item base = base(5, 30);
    long empty = 100;
    Mass most = Mass.ofGrams(empty + 100).plus(base.mass());
    other = PlaceBuilder.builder(other).greatestMass(most).build();
    assertThat(obstacle()).isNull();
    other =
        PlaceBuilder.builder(other)
            .greatestMass(Mass.ofGrams(empty + 99).plus(base.mass()))
            .build();
    assertThat(obstacle()).isEqualTo(LoadObstacle.TOO_HEAVY);
  }

  @Test
  void whatMayLeakStaysWhereItCloses() {
    Item alcohol = put(ProductClass.ALCOHOL_70, Form.THIN_SPRAY, Quantity.millilitres(100));
    choices =
        Choices.NONE
            .adding(alcohol.id())
            .loading(LoadChoices.NONE.pinning(alcohol.id(), pouch.id().toString()));
    Place closing = measured(PlaceKind.POUCH, whole.id(), 60, 60, 150);
    further.add(PlaceBuilder.builder(closing).inside(new Inside(60, 60, 150, null, true)).build());
    assertThat(obstacle()).isEqualTo(LoadObstacle.NOT_SEALED);
  }

  @Test
  void theRoomThatTakesItIsChosenAndSlotsAndClosedOnesAreNone() {
    Place small = measured(PlaceKind.TRAY, other.id(), 100, 100, 40);
    Place large = measured(PlaceKind.TRAY, other.id(), 200, 190, 300);
    further.addAll(List.of(small, large));
    assertThat(only().ways().getFirst().into()).as("beside them").isEqualTo(other.id());
    choices = Choices.NONE.loading(LoadChoices.NONE.closing(other.id().toString(), true));
    assertThat(only().ways())
        .containsExactly(new PortablePart.WholeWay(other.id(), large.id(), null));
    choices = Choices.NONE.loading(choices.load().closing(large.id().toString(), true));
    assertThat(only().ways())
        .containsExactly(new PortablePart.WholeWay(other.id(), small.id(), LoadObstacle.TOO_LARGE));
    other =
        PlaceBuilder.builder(other)
            .inside(new Inside(300, 200, 400, new Inside.Slots(4, 75, 200, 400), false))
            .build();
    further.clear();
    assertThat(only().ways()).isEmpty();
  }

  @Test
  void onlyWhatIsPortableComesOffAndItsHomeIsToldWhenItIsElsewhere() {
    Place tray =
        PlaceBuilder.builder(measured(PlaceKind.TRAY, whole.id(), 90, 90, 40))
            .isPortable(false)
            .build();
    Place pans = measured(PlaceKind.PALETTE, whole.id(), 90, 90, 8);
    further.addAll(List.of(tray, pans));
    assertThat(parts()).extracting(PortablePart::place).containsExactly(pouch.id());
    further.clear();
    pouch = PlaceBuilder.builder(pouch).home(whole.id()).build();
    assertThat(only().home()).as("it lies there").isNull();
    pouch = PlaceBuilder.builder(pouch).home(store).build();
    assertThat(only().home()).isEqualTo(store);
    assertThat(only().ways()).hasSize(1);
    pouch = PlaceBuilder.builder(pouch).home(other.id()).build();
    assertThat(only().home()).isEqualTo(other.id());
    assertThat(only().ways()).as("that is the way home").isEmpty();
    pouch = PlaceBuilder.builder(pouch).home(UUID.randomUUID()).build();
    assertThat(only().home()).as("it is gone").isNull();
    Place inner = measured(PlaceKind.TRAY, pouch.id(), 60, 60, 30);
    further.add(inner);
    pouch = PlaceBuilder.builder(pouch).home(inner.id()).build();
    assertThat(only().home()).as("it lies in it").isNull();
  }
}

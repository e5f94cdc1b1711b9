package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import gerula.core.booking.Condition;
import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.Purpose;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.packing.BagRooms.Room;
import gerula.core.packing.LoadChoices.Spot;
import gerula.core.packing.load.LoadEffort;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.LoadPlan;
import gerula.core.packing.load.LoadPlan.PlacedPiece;
import gerula.core.packing.load.Orientation;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** The lines of a list as pieces, and its bags as compartments. */
class ListLoadTest extends GivenList {

  private static Place measured(
      PlaceKind kind, @Nullable UUID parent, int reach, int width, int depth, int height) {
    return PlaceBuilder.builder(Given.place(kind, kind.code()).in(parent).place())
        .reach(reach)
        .inside(new Inside(width, depth, height, null, false))
        .build();
  }

  private ListLoad load() {
    PackingList.PackingFacts facts = facts(face(5, Set.of(), Service.BASE, Service.POWDER));
    return ListLoad.of(PackingList.of(facts), facts);
  }

  private static LoadPiece piece(ListLoad load, Item item) {
    return load.load().pieces().stream()
        .filter(one -> one.id().equals(item.id().toString()))
        .findFirst()
        .orElseThrow();
  }

  private List<Room> rooms() {
    return load().bags().stream().flatMap(bag -> bag.rooms().stream()).toList();
  }

  @Test
  void aBagIsItsInnermostPlacesTheSlotsOfThemAndWhatIsLooseBesideThem() {
    Place whole = measured(PlaceKind.CASE, null, 1, 400, 300, 200);
    Place tray = measured(PlaceKind.TRAY, whole.id(), 2, 400, 300, 100);
    Place belt =
        PlaceBuilder.builder(measured(PlaceKind.BELT, whole.id(), 1, 100, 100, 40))
            .inside(new Inside(100, 100, 40, new Inside.Slots(3, 30, 90, 40), false))
            .build();
    Place pans = measured(PlaceKind.PALETTE, tray.id(), 1, 100, 80, 8);
    morePlaces.addAll(List.of(whole, tray, belt, pans));
    bags = List.of(whole.id(), tray.id());
    assertThat(rooms())
        .extracting(
            Room::id,
            Room::name,
            Room::isLoose,
            Room::isGuessed,
            one -> one.compartment().widthMm(),
            one -> one.compartment().heightMm(),
            one -> one.compartment().reach(),
            one -> one.compartment().usableShare())
        .containsExactly(
            tuple(belt.id() + "#1", "belt 1", false, false, 30, 40, 1, 1.0),
            tuple(belt.id() + "#2", "belt 2", false, false, 30, 40, 1, 1.0),
            tuple(belt.id() + "#3", "belt 3", false, false, 30, 40, 1, 1.0),
            tuple(tray.id().toString(), "tray", false, false, 400, 100, 2, 0.85),
            // Half of it, less the belt: 24 l, 12 l, 0.4 l.
            tuple(whole.id().toString(), "case", true, true, 400, 97, 3, 0.85));
  }

  @Test
  void nothingIsLooseWhereThePartsFillTheBagAndUnmeasuredOnesAreGuessed() {
    Place whole = measured(PlaceKind.CASE, null, 1, 400, 300, 100);
    Place tray = measured(PlaceKind.TRAY, whole.id(), 1, 400, 300, 85);
    Place pouch = Given.place(PlaceKind.POUCH, "pouch").place();
    morePlaces.addAll(List.of(whole, tray, pouch));
    bags = List.of(whole.id(), pouch.id());
    assertThat(rooms())
        .extracting(Room::place, Room::isGuessed, one -> one.compartment().widthMm())
        .containsExactly(tuple(tray.id(), false, 400), tuple(pouch.id(), true, 200));
  }

  @Test
  void whatAPlaceIsKeptForHoldsForAllInIt() {
    PersonRef lead = Given.person("Lead");
    Place set =
        PlaceBuilder.builder(measured(PlaceKind.SET_BAG, null, 1, 200, 200, 200))
            .purpose(new Purpose(null, Set.of(Section.LIPS), lead, null))
            .inside(new Inside(200, 200, 200, null, true))
            .build();
    Place pouch = measured(PlaceKind.POUCH, set.id(), 1, 200, 200, 190);
    morePlaces.addAll(List.of(set, pouch));
    bags = List.of(set.id());
    Room room = rooms().getFirst();
    assertThat(room.place()).isEqualTo(pouch.id());
    assertThat(room.compartment().allowed()).containsExactly("lips");
    assertThat(room.compartment().person()).isEqualTo(lead.id().toString());
    assertThat(room.compartment().isSealed()).isTrue();
    assertThat(load().isLeakProof()).isTrue();
    assertThat(load().bags().getFirst().greatestMass()).isEqualTo(Mass.ofGrams(4_000L));
  }

  @Test
  void aBackpackIsCarriedOnALongWayAndOtherwiseHoldsWhatItMay() {
    assertThat(load().bags().getFirst().greatestMass()).isEqualTo(Mass.ofGrams(3_000L));
    Place sack =
        PlaceBuilder.builder(measured(PlaceKind.BACKPACK, null, 1, 300, 200, 400))
            .greatestMass(Mass.ofGrams(12_000L))
            .build();
    morePlaces.add(sack);
    bags = List.of(sack.id());
    assertThat(load().bags().getFirst().greatestMass()).isEqualTo(Mass.ofGrams(12_000L));
    conditions = Set.of(Condition.LONG_CARRY);
    assertThat(load().bags().getFirst().greatestMass()).isEqualTo(Mass.ofGrams(8_000L));
  }

  @Test
  void piecesLieAsTheirFormAsks() {
    palette();
    Item base = base(5, 30);
    Item powder = put(ProductClass.FACE_POWDER, Form.LOOSE_POWDER, Quantity.millilitres(15));
    Item puff = put(ProductClass.PUFF, Form.FABRIC_PUFF, Quantity.pieces(10));
    Item alcohol = put(ProductClass.ALCOHOL_70, Form.THIN_SPRAY, Quantity.millilitres(100));
    Item brush = put(ProductClass.POWDER_BRUSH, Form.BRUSH_NATURAL, Quantity.pieces(1));
    choices =
        Choices.NONE.adding(powder.id()).adding(puff.id()).adding(alcohol.id()).adding(brush.id());
    ListLoad load = load();
    assertThat(piece(load, powder).orientation()).isEqualTo(Orientation.UPRIGHT);
    assertThat(piece(load, puff).isRigid()).isFalse();
    assertThat(piece(load, puff).melts()).isFalse();
    assertThat(piece(load, brush).orientation()).isEqualTo(Orientation.LONG);
    assertThat(piece(load, base).orientation()).isEqualTo(Orientation.ANY);
    assertThat(piece(load, base).melts()).isTrue();
    assertThat(piece(load, base).isRequired()).isTrue();
    assertThat(piece(load, base).group()).isEqualTo("base");
    // Nothing closes: what may leak goes anywhere.
    assertThat(piece(load, alcohol).isWet()).isFalse();
    assertThat(piece(load, kit.getFirst()).orientation()).isEqualTo(Orientation.FLAT);
    assertThat(piece(load, base).openedFirst()).isLessThan(piece(load, puff).openedFirst());
  }

  @Test
  void whatMayLeakStaysWhereItClosesOnceSomethingDoes() {
    Item alcohol = put(ProductClass.ALCOHOL_70, Form.THIN_SPRAY, Quantity.millilitres(100));
    morePlaces.add(
        PlaceBuilder.builder(measured(PlaceKind.POUCH, bag, 9, 150, 100, 200))
            .inside(new Inside(150, 100, 200, null, true))
            .build());
    assertThat(piece(load(), alcohol).isWet()).isTrue();
  }

  @Test
  void aPieceUsuallyLiesWhereItWasPlannedElseWhereItBelongsAndIsPinnedWhereItIsTicked() {
    palette();
    Item base = base(5, 30);
    Place other = measured(PlaceKind.POUCH, bag, 9, 150, 100, 200);
    morePlaces.add(other);
    assertThat(piece(load(), base).usual()).isEqualTo(basePouch.toString());
    assertThat(load().homes()).containsEntry(base.id().toString(), basePouch.toString());
    PlacedPiece planned =
        new PlacedPiece(base.id().toString(), other.id().toString(), 0, 0, 0, 10, 10, 10);
    choices = Choices.NONE.loading(LoadChoices.NONE.planned(List.of(planned), List.of()));
    assertThat(piece(load(), base).usual()).isEqualTo(other.id().toString());
    assertThat(load().homes()).containsEntry(base.id().toString(), basePouch.toString());
    assertThat(line(list(face(5, Set.of(), Service.BASE)), base).goesTo()).isEqualTo(other.id());
    choices = Choices.NONE.loading(choices.load().pinning(base.id(), basePouch.toString()));
    assertThat(piece(load(), base).pinned()).isEqualTo(basePouch.toString());
    assertThat(line(list(face(5, Set.of(), Service.BASE)), base).goesTo()).isEqualTo(basePouch);
    Item ticked = base.movedTo(other.id());
    kit.remove(base);
    kit.add(ticked);
    packed = Set.of(base.id());
    assertThat(piece(load(), ticked).pinned()).isEqualTo(other.id().toString());
  }

  @Test
  void aClosedCompartmentIsToldAndNotPlannedInto() {
    palette();
    Item base = base(5, 30);
    choices = Choices.NONE.loading(LoadChoices.NONE.closing(basePouch.toString(), true));
    ListLoad load = load();
    assertThat(load.bags().getFirst().rooms()).anyMatch(Room::isClosed);
    LoadPlan plan = load.load().plan(LoadEffort.of(10_000, 1));
    assertThat(plan.placed())
        .filteredOn(one -> one.piece().equals(base.id().toString()))
        .noneMatch(one -> one.compartment().equals(basePouch.toString()));
    choices = Choices.NONE.loading(choices.load().closing(basePouch.toString(), false));
    assertThat(load().bags().getFirst().rooms()).noneMatch(Room::isClosed);
  }

  @Test
  void onesOwnThingsAreHersAndCompanionsBelongToWhatTheyServe() {
    palette();
    PersonRef lead = Given.person("Lead");
    Item hers =
        Given.thing(ProductClass.FACE_POWDER, Form.LOOSE_POWDER)
            .content(Quantity.millilitres(15))
            .forWhom(new ForWhom.Only(lead))
            .in(store)
            .item();
    kit.add(hers);
    choices = Choices.NONE.adding(hers.id());
    assertThat(piece(load(), hers).person()).isEqualTo(lead.id().toString());
  }

  @Test
  void aSpotIsAPlaceOrOneOfItsSlots() {
    UUID place = new UUID(1, 2);
    assertThat(Spot.of(new Spot(place, null).id())).isEqualTo(new Spot(place, null));
    assertThat(Spot.of(new Spot(place, 12).id())).isEqualTo(new Spot(place, 12));
    LoadChoices pinned = LoadChoices.NONE.pinning(place, place + "#3");
    assertThat(pinned.spot(place)).contains(new Spot(place, 3));
    assertThat(pinned.pinning(place, null)).isEqualTo(LoadChoices.NONE);
    assertThat(pinned.isPlanned()).isFalse();
    assertThat(new LoadChoices(Map.of(), Set.of(), List.of(), List.of()))
        .isEqualTo(LoadChoices.NONE);
  }
}

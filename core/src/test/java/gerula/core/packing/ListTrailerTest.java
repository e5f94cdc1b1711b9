package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Service;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.packing.trailer.TrailerDay;
import gerula.core.packing.trailer.TrailerPlan;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is on a list, day by day in the trailer it is worked from. */
class ListTrailerTest extends GivenList {

  private final UUID trailer = UUID.randomUUID();
  private final Face always = face(2, Set.of(), Service.BASE);

  @BeforeEach
  void aTrailerIsAmongTheBags() {
    days = 4;
    Place moved = place(trailer, null, null, PlaceKind.TRAILER);
    morePlaces.add(moved);
    bags = List.of(bag, trailer);
    palette();
  }

  private static Face on(Face face, LocalDate... days) {
    return FaceBuilder.builder(face).daysPresent(new TreeSet<>(List.of(days))).build();
  }

  private List<LocalDate> broughtOn(Item item, LocalDate today, Face... faces) {
    PackingList.PackingFacts facts = facts(faces);
    TrailerPlan plan =
        ListTrailer.of(PackingList.of(facts).lines(), facts, today).orElseThrow().plan();
    return plan.days().stream()
        .filter(day -> day.bring().stream().anyMatch(one -> one.item().equals(item.id())))
        .map(TrailerDay::day)
        .toList();
  }

  @Test
  void whatOneFaceNeedsIsBroughtOnTheFirstDaySheIsThereAndWhatAllShareOnTheFirst() {
    Item hers = base(9, 30);
    Item shared = base(2, 30);
    Face late = on(face(9, Set.of(), Service.BASE), TODAY.plusDays(2), TODAY.plusDays(3));
    assertThat(broughtOn(hers, TODAY, always, late)).containsExactly(TODAY.plusDays(2));
    assertThat(broughtOn(shared, TODAY, always, late)).containsExactly(TODAY);
    assertThat(broughtOn(hers, TODAY, always, on(late, TODAY.plusDays(1), TODAY.plusDays(9))))
        .as("a day after the booking is none of it")
        .containsExactly(TODAY.plusDays(1));
    assertThat(broughtOn(shared, TODAY.plusDays(1), always, late))
        .as("what is past is not told")
        .containsExactly(TODAY.plusDays(1));
  }

  @Test
  void whatMeltsComesAnewEachDayWhereTheTrailerIsLeftInHeatOrFrost() {
    Item bullet =
        put(
            ProductClass.LIP_COLOUR,
            Form.LIPSTICK_BULLET,
            Quantity.of(new BigDecimal("3.5"), Unit.G));
    put(ProductClass.LIP_BRUSH, Form.BRUSH_SYNTHETIC, Quantity.pieces(1));
    Face lips = face(2, Set.of(), Service.LIPS);
    choices = choices.adding(bullet.id());
    assertThat(broughtOn(bullet, TODAY, lips)).containsExactly(TODAY);
    conditions = Set.of(Condition.VEHICLE_HEAT_OR_FROST);
    assertThat(broughtOn(bullet, TODAY, lips))
        .containsExactlyElementsOf(TODAY.datesUntil(TODAY.plusDays(days)).toList());
  }

  /** Drawers that say what is in them come before the counter; without either it is the trailer. */
  @Test
  void whatNothingIsLaidOutForStandsAtTheFirstStation() {
    Item shared = base(2, 30);
    assertThat(stationOf(shared)).isEqualTo(trailer);
    UUID second = UUID.randomUUID();
    UUID first = UUID.randomUUID();
    morePlaces.add(place(first, trailer, null, PlaceKind.STATION));
    morePlaces.add(place(second, trailer, null, PlaceKind.STATION));
    assertThat(stationOf(shared)).isIn(first, second);
    UUID drawer = UUID.randomUUID();
    morePlaces.add(place(drawer, second, Section.BASE, PlaceKind.DRAWER));
    assertThat(stationOf(shared)).isEqualTo(drawer);
  }

  private UUID stationOf(Item item) {
    return PackingList.of(facts(always)).lines().stream()
        .filter(line -> line.item().id().equals(item.id()))
        .map(line -> line.atWork().station())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void withoutATrailerThereIsNothingToMoveInto() {
    PackingList.PackingFacts facts = facts(always);
    bags = List.of(bag);
    assertThat(ListTrailer.of(PackingList.of(facts).lines(), facts(always), TODAY)).isEmpty();
    assertThat(ListTrailer.carried(List.of(bag, trailer), facts.places())).containsExactly(bag);
    assertThat(ListTrailer.carried(List.of(trailer), facts.places())).containsExactly(trailer);
  }
}

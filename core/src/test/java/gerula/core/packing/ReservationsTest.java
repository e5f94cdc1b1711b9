package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Bookings see each other along the time line. */
class ReservationsTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);
  private static final UUID STORE = new UUID(0, 1);

  private final Item lashes =
      Given.thing(ProductClass.STRIP_LASHES, Form.LASHES)
          .content(Quantity.pieces(2))
          .roles(Role.LASHES_NATURAL, Role.LASHES_FULL)
          .in(STORE)
          .item();
  private final Item mat =
      Given.thing(ProductClass.MAT, Form.TEXTILE).content(Quantity.pieces(1)).in(STORE).item();

  /** The last two pairs are for the first of two brides on following days. */
  @Test
  void whatTheFirstUsesUpTheSecondDoesNotHave() {
    Booking first = booking(DAY, Service.LASHES);
    Booking second = booking(DAY.plusDays(1), Service.LASHES);
    Claims claims = Reservations.before(facts(second, Claims.NONE), List.of(planned(first)));
    assertThat(claims.usedUp()).containsEntry(lashes.id(), 2000L);
    PackingList list = PackingList.of(facts(second, claims));
    assertThat(list.gaps())
        .filteredOn(gap -> gap.need().code().startsWith("lashes:"))
        .isNotEmpty()
        .allSatisfy(
            gap ->
                assertThat(gap.nearest())
                    .containsExactly(
                        new PackingFinding.Refused(lashes.id(), new Refusal.UsedUp())));
    // The mat is back by then.
    assertThat(list.lines()).extracting(PackingLine::item).contains(mat);
  }

  @Test
  void whatIsInAnothersBagOnTheSameDayIsNotThere() {
    Booking first = booking(DAY, Service.POWDER);
    Booking same = booking(DAY, Service.POWDER);
    Claims claims = Reservations.before(facts(same, Claims.NONE), List.of(planned(first)));
    PackingFinding.Gap gap =
        PackingList.of(facts(same, claims)).gaps().stream()
            .filter(one -> one.need().code().equals("mat"))
            .findFirst()
            .orElseThrow();
    assertThat(gap.nearest())
        .containsExactly(
            new PackingFinding.Refused(
                mat.id(), new Refusal.OnAnotherBooking(first.id(), first.title())));
  }

  @Test
  void whatHasLeftTakesOnlyWhatWasPacked() {
    Booking first = booking(DAY, Service.LASHES);
    Booking second = booking(DAY.plusDays(1), Service.LASHES);
    Reservations.Earlier left =
        new Reservations.Earlier(first, List.of(), Set.of(mat.id()), Choices.NONE, true);
    assertThat(Reservations.before(facts(second, Claims.NONE), List.of(left)).usedUp())
        .doesNotContainKey(lashes.id());
  }

  private static Reservations.Earlier planned(Booking booking) {
    return new Reservations.Earlier(booking, List.of(), Set.of(), Choices.NONE, false);
  }

  private static Booking booking(LocalDate day, Service service) {
    return new Booking(
        UUID.randomUUID(),
        "job on " + day,
        null,
        day,
        day,
        Set.of(),
        null,
        List.of(Face.of(UUID.randomUUID(), "face", 5, SkinType.NORMAL, Set.of(service))));
  }

  private PackingList.PackingFacts facts(Booking booking, Claims claims) {
    return new PackingList.PackingFacts(
        booking,
        List.of(lashes, mat),
        new PlaceTree(List.of(Given.place(PlaceKind.STORE, "store").id(STORE).place())),
        List.of(),
        Set.of(),
        HouseRules.USUAL,
        Choices.NONE,
        claims);
  }
}

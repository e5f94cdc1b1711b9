package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
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

  private List<Item> kit = List.of(lashes, mat);
  private final List<Place> places =
      new ArrayList<>(List.of(Given.place(PlaceKind.STORE, "store").id(STORE).place()));

  /** The last two pairs are for the first of two brides on following days. */
  @Test
  void whatTheFirstUsesUpTheSecondDoesNotHave() {
    Booking first = booking(DAY, Service.LASHES);
    Booking second = booking(DAY.plusDays(1), Service.LASHES);
    Claims claims = of(planned(first), planned(second)).from(second.id());
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
    Claims claims = of(planned(first), planned(same)).from(same.id());
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
    Reservations.Planned left =
        new Reservations.Planned(first, List.of(), Set.of(mat.id()), Choices.NONE, true);
    assertThat(of(left, planned(second)).from(second.id()).usedUp()).doesNotContainKey(lashes.id());
  }

  /** What lies in its bags already is not there for whoever comes first on the same day. */
  @Test
  void ofALaterOneOnlyWhatIsPackedIsAway() {
    Booking first = booking(DAY, Service.LASHES);
    Booking later = booking(DAY, Service.LASHES);
    Reservations.Planned packed =
        new Reservations.Planned(later, List.of(), Set.of(mat.id()), Choices.NONE, false);
    Reservations both = of(planned(first), packed);
    assertThat(both.from(first.id()))
        .isEqualTo(
            new Claims(Map.of(), Map.of(mat.id(), new Claims.Claim(later.id(), later.title()))));
    assertThat(both.listOf(first.id()).lines())
        .extracting(line -> line.item().id())
        .contains(lashes.id())
        .doesNotContain(mat.id());
  }

  /** Three in a row: the third has what the two before it leave. */
  @Test
  void eachSeesWhatThoseBeforeItTake() {
    List<Booking> three =
        IntStream.range(0, 3).mapToObj(i -> booking(DAY.plusDays(i), Service.LASHES)).toList();
    Reservations all = of(planned(three.get(0)), planned(three.get(1)), planned(three.get(2)));
    List<Long> taken =
        three.stream()
            .map(one -> all.listOf(one.id()))
            .map(list -> list.lines().stream().filter(line -> line.item().equals(lashes)))
            .map(lines -> lines.mapToLong(PackingLine::thousandths).sum())
            .toList();
    assertThat(taken).containsExactly(2000L, 0L, 0L);
    assertThat(all.from(three.get(2).id()).usedUp()).containsEntry(lashes.id(), 2000L);
  }

  /** A palette goes whole: what is used is of its pans, and all of them are away with it. */
  @Test
  void aPaletteIsAwayWithItsPansAndTheyAreUsedUpNotIt() {
    UUID inside = new UUID(0, 2);
    Item palette = Given.thing(ProductClass.PALETTE, Form.OTHER).in(STORE).item();
    Item pan =
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER)
            .content(new Quantity(200, Unit.G))
            .in(inside)
            .item();
    kit = List.of(palette, pan);
    places.add(
        Given.place(PlaceKind.PALETTE, "inside")
            .id(inside)
            .in(STORE)
            .beingThing(palette.id())
            .place());
    Booking first = booking(DAY, Service.POWDER);
    Booking same = booking(DAY, Service.POWDER);
    Booking next = booking(DAY.plusDays(1), Service.POWDER);
    Reservations all = of(planned(first), planned(same), planned(next));
    PackingLine line = all.listOf(first.id()).lines().getFirst();
    assertThat(line.item()).isEqualTo(palette);
    assertThat(line.thousandths()).isZero();
    assertThat(line.uses()).extracting(PackingLine.Use::item).containsExactly(pan);
    assertThat(refusalOf(pan, all.listOf(same.id())))
        .isEqualTo(new Refusal.OnAnotherBooking(first.id(), first.title()));
    assertThat(all.from(next.id()).usedUp()).containsOnlyKeys(pan.id());
    assertThat(refusalOf(pan, all.listOf(next.id()))).isEqualTo(new Refusal.UsedUp());
  }

  private static Refusal refusalOf(Item item, PackingList list) {
    return list.gaps().stream()
        .filter(gap -> gap.need().code().equals("face-powder"))
        .flatMap(gap -> gap.nearest().stream())
        .filter(one -> one.item().equals(item.id()))
        .findFirst()
        .orElseThrow()
        .reason();
  }

  private Reservations of(Reservations.Planned... inOrder) {
    return new Reservations(facts(inOrder[0].booking(), Claims.NONE), List.of(inOrder));
  }

  private static Reservations.Planned planned(Booking booking) {
    return new Reservations.Planned(booking, List.of(), Set.of(), Choices.NONE, false);
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
        kit,
        new PlaceTree(places),
        List.of(),
        Set.of(),
        HouseRules.USUAL,
        Choices.NONE,
        claims);
  }
}

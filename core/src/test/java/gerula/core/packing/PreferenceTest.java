package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Booking;
import gerula.core.booking.Need;
import gerula.core.booking.NeedKind;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Which of two that would do is liked better; where nothing else tells, the smaller id. */
class PreferenceTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private static final UUID SMALLER = new UUID(0, 1);
  private static final UUID LARGER = new UUID(0, 2);

  private final Set<UUID> packed = new HashSet<>();
  private final Set<UUID> onTheList = new HashSet<>();
  private final Set<UUID> inABag = new HashSet<>();
  private Set<Trait> must = Set.of();
  private Set<Trait> prefer = Set.of();
  private Need.Amount amount = new Need.Measured(1000);
  private boolean isCompanion;

  private static Given.Thing powder(UUID id) {
    return Given.thing(ProductClass.FACE_POWDER, Form.LOOSE_POWDER)
        .id(id)
        .dates(opened(TODAY.minusDays(30)));
  }

  private static PackDates opened(LocalDate on) {
    return new PackDates(null, null, on, null, null);
  }

  /** Whether the one of the larger id is preferred to an ordinary one of the smaller. */
  private boolean isPreferred(UnaryOperator<Given.Thing> change) {
    return isPreferred(UnaryOperator.identity(), change);
  }

  private boolean isPreferred(
      UnaryOperator<Given.Thing> ordinary, UnaryOperator<Given.Thing> change) {
    Item small = ordinary.apply(powder(SMALLER)).item();
    Item large = change.apply(powder(LARGER)).item();
    Booking booking = new Booking(new UUID(0, 9), "job", TODAY, TODAY, Set.of(), List.of());
    Suitability suitability =
        new Suitability(booking, List.of(small, large), new PlaceTree(List.of()), HouseRules.USUAL);
    Preference preference =
        new Preference(
            suitability,
            TODAY,
            packed,
            item -> onTheList.contains(item.id()),
            item -> inABag.contains(item.id()));
    Comparator<Item> order =
        isCompanion
            ? preference.mostPreferredCompanionFirst(null)
            : preference.mostPreferredFirst(need());
    assertThat(order.compare(small, large)).isEqualTo(-order.compare(large, small));
    return order.compare(large, small) < 0;
  }

  private Need need() {
    return new Need(
        NeedKind.POWDER,
        null,
        amount,
        must,
        Set.of(),
        prefer,
        new Need.DepthWanted(5, 2),
        List.of(new TakenReason.AlreadyPacked()));
  }

  @Test
  void whatIsPackedIsLikedBeforeAllElse() {
    packed.add(LARGER);
    prefer = Set.of(Trait.MATTE);
    assertThat(isPreferred(thing -> thing.traits(Set.of(Trait.MATTE)), one -> one)).isTrue();
    packed.clear();
    assertThat(isPreferred(one -> one)).isFalse();
  }

  @Test
  void whatTheFacePrefersCountsBeforeTheShade() {
    prefer = Set.of(Trait.MATTE);
    assertThat(
            isPreferred(
                thing -> thing.depth(5.0), thing -> thing.depth(6.0).traits(Set.of(Trait.MATTE))))
        .isTrue();
  }

  @Test
  void somethingSpecialIsForThoseWhoAskForIt() {
    assertThat(isPreferred(thing -> thing.traits(Set.of(Trait.SHIMMER)), one -> one)).isTrue();
    must = Set.of(Trait.SHIMMER);
    assertThat(isPreferred(thing -> thing.traits(Set.of(Trait.SHIMMER)), one -> one)).isFalse();
    must = Set.of();
    prefer = Set.of(Trait.SHIMMER);
    assertThat(isPreferred(thing -> thing.traits(Set.of(Trait.SHIMMER)), one -> one)).isFalse();
    prefer = Set.of();
    // What is nothing special is not counted against anything.
    assertThat(isPreferred(thing -> thing.traits(Set.of(Trait.MATTE)), one -> one)).isFalse();
  }

  @Test
  void theNearerShadeIsLikedOnEitherSide() {
    assertThat(isPreferred(thing -> thing.depth(6.0), thing -> thing.depth(4.5))).isTrue();
    assertThat(isPreferred(thing -> thing.depth(4.0), thing -> thing.depth(5.5))).isTrue();
    assertThat(isPreferred(thing -> thing.depth(4.5), thing -> thing.depth(5.5))).isFalse();
    // One that suits everybody is as near as can be.
    assertThat(isPreferred(thing -> thing.depth(5.5), one -> one)).isTrue();
  }

  @Test
  void whatGoesAlongAnywayIsLikedBeforeWhatHoldsEnough() {
    onTheList.add(LARGER);
    assertThat(isPreferred(thing -> thing.left(Quantity.millilitres(0.5)))).isTrue();
    onTheList.clear();
    assertThat(isPreferred(thing -> thing.left(Quantity.millilitres(0.999)), one -> one)).isTrue();
    // Exactly enough is enough.
    assertThat(isPreferred(thing -> thing.left(Quantity.millilitres(1)), one -> one)).isFalse();
    amount = new Need.Shared();
    assertThat(isPreferred(thing -> thing.left(Quantity.millilitres(0)), one -> one)).isFalse();
  }

  @Test
  void cleanBeforeUsedAndThenWhatTheArtistPutFirst() {
    assertThat(isPreferred(thing -> thing.cleanliness(Cleanliness.USED).usedFirst(), one -> one))
        .isTrue();
    assertThat(isPreferred(Given.Thing::usedFirst)).isTrue();
  }

  @Test
  void whatIsWithinItsMarginComesLast() {
    // Three months for mascara less two weeks: due on the first, not yet on the second.
    UnaryOperator<Given.Thing> due = thing -> mascara(thing, TODAY.minusMonths(3).plusDays(13));
    UnaryOperator<Given.Thing> notYet = thing -> mascara(thing, TODAY.minusMonths(3).plusDays(14));
    assertThat(isPreferred(due, notYet)).isTrue();
    assertThat(isPreferred(notYet, due)).isFalse();
  }

  private static Given.Thing mascara(Given.Thing like, LocalDate openedOn) {
    return Given.thing(ProductClass.MASCARA, Form.MASCARA)
        .id(like.item().id())
        .dates(opened(openedOn));
  }

  @Test
  void openedBeforeSealedThenWhatEndsFirstThenWhatLiesInABag() {
    assertThat(
            isPreferred(
                thing -> thing.dates(new PackDates(null, null, null, TODAY.plusDays(40), null)),
                one -> one))
        .isTrue();
    assertThat(isPreferred(thing -> thing.dates(opened(TODAY.minusDays(31))))).isTrue();
    assertThat(isPreferred(thing -> thing.dates(opened(TODAY.minusDays(29))))).isFalse();
    inABag.add(LARGER);
    assertThat(isPreferred(one -> one)).isTrue();
  }

  @Test
  void aCompanionThatGoesAlongAnywayIsLikedBest() {
    isCompanion = true;
    onTheList.add(LARGER);
    packed.add(SMALLER);
    assertThat(isPreferred(one -> one)).isTrue();
    packed.clear();
    onTheList.clear();
    packed.add(LARGER);
    assertThat(isPreferred(thing -> thing.cleanliness(Cleanliness.USED))).isTrue();
    packed.clear();
    assertThat(isPreferred(thing -> thing.cleanliness(Cleanliness.USED), one -> one)).isTrue();
  }
}

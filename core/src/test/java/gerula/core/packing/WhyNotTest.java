package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.NeedCode;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Preference;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Why not the other one, what can be done about a gap, and whether the booking can go. */
class WhyNotTest extends GivenList {

  WhyNotTest() {
    days = 1;
  }

  private static final Quantity NONE = Quantity.none(Unit.G);
  private Face face =
      Face.of(UUID.randomUUID(), "face", 5, SkinType.NORMAL, Set.of(Service.POWDER));

  /** What makes the second of two powders the better liked, and how that is told. */
  static Stream<Arguments> differences() {
    return Stream.of(
        Arguments.of(Preferred.CLEAN, as(one -> one.cleanliness(Cleanliness.USED)), as(one -> one)),
        Arguments.of(Preferred.PUT_FIRST, as(one -> one), as(Given.Thing::usedFirst)),
        Arguments.of(
            Preferred.OPEN_ALREADY,
            as(one -> one.dates(PackDates.UNKNOWN)),
            as(one -> one.dates(opened(30)))),
        Arguments.of(
            Preferred.EARLIER_DATE,
            as(one -> one.dates(opened(20))),
            as(one -> one.dates(opened(90)))),
        Arguments.of(
            Preferred.FAVOURITE,
            as(one -> one),
            as(one -> one.preferred(new Preference(true, false)))),
        Arguments.of(
            Preferred.NOT_RARE,
            as(one -> one.preferred(new Preference(false, true))),
            as(one -> one)),
        Arguments.of(Preferred.LIGHTER, as(one -> one.measures(weighing(90))), as(one -> one)),
        Arguments.of(
            Preferred.NOTHING_SPECIAL,
            as(one -> one.traits(Set.of(Trait.SHIMMER))),
            as(one -> one)),
        Arguments.of(Preferred.NEARER_SHADE, as(one -> one.depth(7.0)), as(one -> one.depth(5.0))));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("differences")
  void theFirstPointInWhichTheyDifferIsTold(
      Preferred because, UnaryOperator<Given.Thing> worse, UnaryOperator<Given.Thing> better) {
    Item other = powder("A", worse);
    Item taken = powder("B", better);
    assertThat(answer(other)).isEqualTo(answer(null, taken.id(), because));
    assertThat(whyNot(taken).isOnList()).isTrue();
  }

  @Test
  void aPinCountsBeforeEverythingElse() {
    Item liked = powder("A", one -> one.preferred(new Preference(true, false)));
    Item pinned = powder("B", one -> one);
    choices = choices.pinning(pinned.id());
    assertThat(answer(liked)).isEqualTo(answer(null, pinned.id(), Preferred.PINNED));
  }

  @Test
  void alikeInEverythingTheNameDecides() {
    powder("A", one -> one);
    Item other = powder("B", one -> one);
    assertThat(answer(other).because()).isEqualTo(Preferred.BY_NAME);
  }

  @Test
  void whatServesSomethingElseTooSavesAPiece() {
    face = FaceBuilder.builder(face).services(Set.of(Service.POWDER, Service.HIGHLIGHT)).build();
    Item plain = powder("A", one -> one);
    Item both = powder("B", one -> one.alsoServing(ProductClass.HIGHLIGHTER).coloured("#f4e6d4"));
    assertThat(answer(plain)).isEqualTo(answer(null, both.id(), Preferred.FEWER_PIECES));
  }

  @Test
  void whatStandsInItsWayIsTold() {
    face = FaceBuilder.builder(face).sensitivities(Set.of(new Sensitivity("talc"))).build();
    Item talc = powder("A", one -> one.contains(Set.of(new Sensitivity("talc"))));
    assertThat(answer(talc)).isEqualTo(answer(new Refusal.Conflict("talc"), null, null));
  }

  @Test
  void whatNothingAsksForHasNoAnswer() {
    Item lash =
        Given.thing(ProductClass.MASCARA, Form.MASCARA).content(Quantity.millilitres(8)).item();
    kit.add(lash);
    assertThat(whyNot(lash)).isEqualTo(new WhyNot(false, List.of()));
  }

  @Test
  void aGapProposesWhatCanBeDone() {
    Item empty = powder("A", one -> one.left(NONE));
    Item jar =
        powder(
            "B",
            one ->
                one.left(NONE)
                    .vessel(
                        new Vessel.Decant(Container.SCREW_JAR, new Quantity(5000, Unit.G), null)));
    Item away = powder("C", one -> one.now(friend));
    Item deep = powder("D", one -> one.depth(10.0));
    Item conflicting = powder("E", one -> one.contains(Set.of(new Sensitivity("talc"))));
    face = FaceBuilder.builder(face).sensitivities(Set.of(new Sensitivity("talc"))).build();
    Map<UUID, Remedy> proposed = new HashMap<>();
    list(face).gaps().stream()
        .filter(gap -> gap.need().code().equals("face-powder"))
        .flatMap(gap -> gap.nearest().stream())
        .forEach(one -> proposed.put(one.item(), one.remedy()));
    assertThat(proposed)
        .containsEntry(empty.id(), Remedy.BUY)
        .containsEntry(jar.id(), Remedy.REFILL)
        .containsEntry(away.id(), Remedy.ASK_BACK)
        .containsEntry(deep.id(), Remedy.INSTEAD)
        .containsEntry(conflicting.id(), null);
    assertThat(new Refusal.Quarantined().remedy()).isEqualTo(Remedy.DECIDE);
    // What another booking has can be shared while it is measured out.
    Refusal onAnother = new Refusal.OnAnotherBooking(UUID.randomUUID(), "another");
    assertThat(PackingFinding.Refused.of(deep, onAnother).remedy()).isEqualTo(Remedy.DECANT);
    Item tool = Given.thing(ProductClass.MAT, Form.TEXTILE).content(Quantity.pieces(1)).item();
    assertThat(PackingFinding.Refused.of(tool, onAnother).remedy()).isEqualTo(Remedy.BUY);
  }

  /** A need is decided about in one way at a time, and what is decided holds. */
  @Test
  void aGapIsDoneWithoutBorrowedForOrOpen() {
    assertThat(powderGap().decided()).isNull();
    assertThat(powderGap().canBeBorrowed()).isTrue();
    assertThat(powderGap().readLabelFor()).isEmpty();
    face = FaceBuilder.builder(face).skinType(SkinType.SENSITIVE).build();
    assertThat(powderGap().readLabelFor()).containsExactly("fragrance");
    choices = choices.deciding("face-powder", Decided.WITHOUT);
    choices = choices.deciding("face-powder", Decided.BORROWED);
    assertThat(powderGap().decided()).isEqualTo(Decided.BORROWED);
    assertThat(choices.without()).isEmpty();
    choices = choices.deciding("face-powder", null);
    assertThat(powderGap().isOpen()).isTrue();
    assertThat(NeedCode.of(ProductClass.CONTACT_LENSES).kind().canBeBorrowed()).isFalse();
  }

  private PackingFinding.Gap powderGap() {
    return list(face).gaps().stream()
        .filter(gap -> gap.need().code().equals("face-powder"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aBookingIsReadyWhenItIsDoneByItsDayOrCanStillBeOrdered() {
    powder("A", one -> one);
    Readiness early = readiness(TODAY.minusDays(30));
    assertThat(early.state()).isEqualTo(Readiness.State.WHEN_DONE);
    assertThat(early.toGet()).isPositive();
    assertThat(early.by()).isEqualTo(TODAY.minusDays(HouseRules.USUAL.deliveryDays()));
    assertThat(readiness(TODAY.minusDays(3)).state()).isEqualTo(Readiness.State.TOO_LATE_TO_ORDER);
    list(face)
        .gaps()
        .forEach(gap -> choices = choices.deciding(gap.need().code(), Decided.WITHOUT));
    assertThat(readiness(TODAY).state()).isEqualTo(Readiness.State.READY);
    kit.clear();
    powder("A", one -> one.cleanliness(Cleanliness.USED));
    assertThat(readiness(TODAY)).isEqualTo(new Readiness(Readiness.State.WHEN_DONE, 1, 0, TODAY));
  }

  private Readiness readiness(LocalDate today) {
    return Readiness.of(list(face), facts(face).booking(), HouseRules.USUAL, today);
  }

  private static UnaryOperator<Given.Thing> as(UnaryOperator<Given.Thing> how) {
    return how;
  }

  private static PackDates opened(int daysAgo) {
    return new PackDates(null, null, TODAY.minusDays(daysAgo), null, null);
  }

  private static Measures weighing(int grams) {
    return new Measures(Outline.ROUND, 50, 50, 30, Mass.ofGrams(grams));
  }

  private WhyNot.NeedAnswer answer(Refusal refusal, UUID instead, Preferred because) {
    return new WhyNot.NeedAnswer(
        NeedCode.of(ProductClass.FACE_POWDER), List.of(face.id()), refusal, instead, because);
  }

  private WhyNot.NeedAnswer answer(Item item) {
    assertThat(whyNot(item).isOnList()).isFalse();
    return whyNot(item).answers().getFirst();
  }

  private WhyNot whyNot(Item item) {
    return PackingList.whyNot(facts(face), item.id());
  }

  private Item powder(String name, UnaryOperator<Given.Thing> as) {
    Item item =
        as.apply(
                Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER)
                    .called(name, "")
                    .content(new Quantity(10000, Unit.G))
                    .measures(weighing(40))
                    .dates(opened(30))
                    .in(store))
            .item();
    kit.add(item);
    return item;
  }
}

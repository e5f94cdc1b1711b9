package gerula.core.restock.range;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Trait;
import gerula.core.packing.KitInOrder;
import gerula.core.quantity.Quantity;
import gerula.core.restock.range.Duplicates.Look;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a kit lacks for its work, and what it has twice. */
class RangeTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  private static Given.Thing base(int number, double depth) {
    return Given.thing(ProductClass.FOUNDATION, Form.CREAM)
        .id(new UUID(0, number))
        .called("Base", "shade " + number)
        .content(Quantity.millilitres(30))
        .depth(depth);
  }

  private static List<Hole> holes(KitPurpose purpose, Item... items) {
    return Holes.of(
        purpose,
        KitInOrder.of(List.of(items), HouseRules.USUAL),
        new PlaceTree(List.of()),
        HouseRules.USUAL,
        TODAY);
  }

  private static Hole hole(List<Hole> holes, String need) {
    return holes.stream().filter(one -> one.need().code().equals(need)).findFirst().orElseThrow();
  }

  private static final KitPurpose DRAMA = new KitPurpose(Set.of(KindOfWork.SCREEN_DRAMA), 2.5, 6);

  /**
   * A face of each end and each whole step between them misses a base; one within a step meets it.
   */
  @Test
  void anEmptyKitMissesABaseForEveryDepthAndAShadeMeetsItsNeighbours() {
    assertThat(hole(holes(DRAMA), "foundation").depths()).containsExactly(2.5, 3.0, 4.0, 5.0, 6.0);
    Hole left = hole(holes(DRAMA, base(1, 5).item()), "foundation");
    assertThat(left.depths()).containsExactly(2.5, 3.0);
    assertThat(left.kinds()).containsExactly(KindOfWork.SCREEN_DRAMA);
    assertThat(left.nearest()).contains(new UUID(0, 1));
  }

  /** What every kind of work misses stands once, with all of them. */
  @Test
  void aHoleOfTwoKindsOfWorkIsOne() {
    KitPurpose both =
        new KitPurpose(Set.of(KindOfWork.SCREEN_DRAMA, KindOfWork.NEWS_AND_TALK), 4, 4);
    List<Hole> found = holes(both);
    assertThat(hole(found, "foundation").kinds())
        .containsExactly(KindOfWork.SCREEN_DRAMA, KindOfWork.NEWS_AND_TALK);
    assertThat(hole(found, "hand-sanitiser").depths()).isEmpty();
    assertThat(found).extracting(Hole::need).doesNotHaveDuplicates();
    assertThat(holes(new KitPurpose(Set.of(), 1, 10))).isEmpty();
  }

  @Test
  void whatIsThereAndUsedUpIsNoHole() {
    Item empty = base(1, 4).left(Quantity.millilitres(0)).item();
    KitPurpose one = new KitPurpose(Set.of(KindOfWork.SCREEN_DRAMA), 4, 4);
    assertThat(holes(one, empty)).noneMatch(hole -> hole.need().code().equals("foundation"));
    assertThat(holes(one)).anyMatch(hole -> hole.need().code().equals("foundation"));
  }

  @Test
  void aPurposeGoesFromLightToDeep() {
    assertThatThrownBy(() -> new KitPurpose(Set.of(), 5, 4)).hasMessageContaining("other way");
    assertThatThrownBy(() -> new KitPurpose(Set.of(), 0.5, 4)).hasMessageContaining("1 and 10");
    assertThat(new KitPurpose(Set.of(), 4, 4).lightest()).isEqualTo(4);
  }

  @ParameterizedTest
  @CsvSource({"3, 5, false", "3, 5.5, true", "3, 9, true"})
  void twoStepsBetweenNeighboursLeaveNobodyOut(double from, double to, boolean isHole) {
    List<LineReach> lines = LineReach.of(List.of(base(1, to).item(), base(2, from).item()));
    assertThat(lines).hasSize(1);
    LineReach line = lines.getFirst();
    assertThat(line.lightest()).isEqualTo(from);
    assertThat(line.deepest()).isEqualTo(to);
    assertThat(line.widest()).isEqualTo(new LineReach.Between(from, to));
    assertThat(line.widest().isHole()).isEqualTo(isHole);
  }

  @Test
  void theWidestGapOfALineIsToldAndPacksOfAShadeAreOneShade() {
    Item twice = base(2, 4).item();
    List<LineReach> lines =
        LineReach.of(
            List.of(
                base(1, 2).item(),
                twice,
                twice,
                base(3, 8).item(),
                base(4, 9).discarded(true).item(),
                Given.thing(ProductClass.BLUSH, Form.CREAM).depth(3.0).item(),
                Given.thing(ProductClass.CONCEALER, Form.CREAM)
                    .called("Pot", "a")
                    .depth(3.0)
                    .item()));
    assertThat(lines)
        .extracting(LineReach::productClass)
        .containsExactly(ProductClass.FOUNDATION, ProductClass.CONCEALER);
    assertThat(lines.getFirst().shades())
        .extracting(LineReach.LineShade::depth)
        .containsExactly(2.0, 4.0, 8.0);
    assertThat(lines.getFirst().shades().get(1).packs()).isEqualTo(2);
    assertThat(lines.getFirst().widest()).isEqualTo(new LineReach.Between(4, 8));
    assertThat(lines.get(1).widest()).isNull();
  }

  private static Given.Thing mixer(String colour) {
    Given.Thing thing = Given.thing(ProductClass.MIXER, Form.CREAM);
    return colour == null ? thing : thing.coloured(colour);
  }

  @Test
  void mixersLightenOrDeepenByTheirColour() {
    assertThat(Mixers.of(List.of(mixer("#fbf8f1").item()))).isEqualTo(new Mixers(true, false, 0));
    assertThat(Mixers.of(List.of(mixer("#331f17").item(), mixer(null).item())))
        .isEqualTo(new Mixers(false, true, 1));
    assertThat(
            Mixers.of(
                List.of(
                    mixer("#fbf8f1").left(Quantity.millilitres(0)).item(),
                    mixer("#331f17").discarded(true).item(),
                    mixer("#a87550").item())))
        .isEqualTo(new Mixers(false, false, 0));
  }

  private static Given.Thing lip(int number, String colour) {
    return Given.thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET)
        .id(new UUID(3, number))
        .called("Bullet", "shade " + number)
        .coloured(colour);
  }

  @Test
  void twoColoursNobodyTellsApartAreDuplicatesAndTwoPacksAreNot() {
    Item one = lip(1, "#c47a78").item();
    Item near = lip(2, "#c57b79").item();
    Item far = lip(3, "#9c4033").item();
    List<Item> kit = List.of(far, near, one, one);
    assertThat(Duplicates.of(kit, Map.of()))
        .singleElement()
        .satisfies(
            pair -> {
              assertThat(pair.one().id()).isEqualTo(one.id());
              assertThat(pair.other().id()).isEqualTo(near.id());
              assertThat(pair.difference()).isBetween(0.01, Duplicates.ALIKE);
            });
    Look matte = new Look(Finish.MATTE, null);
    assertThat(Duplicates.of(kit, Map.of(one.id(), matte))).isEmpty();
    assertThat(
            Duplicates.of(
                kit, Map.of(one.id(), new Look(null, Coverage.FULL), near.id(), Look.UNKNOWN)))
        .isEmpty();
    assertThat(
            Duplicates.of(
                List.of(one, lip(2, "#c57b79").traits(Set.of(Trait.SHIMMER)).item()), Map.of()))
        .isEmpty();
    assertThat(
            Duplicates.of(
                List.of(one, lip(2, "#c57b79").left(Quantity.millilitres(0)).item()), Map.of()))
        .isEmpty();
    assertThat(Duplicates.of(List.of(one, lip(2, "#c57b79").discarded(true).item()), Map.of()))
        .isEmpty();
  }

  /** That two mirrors are both grey, or two brushes both black, says nothing. */
  @ParameterizedTest
  @CsvSource({
    "LIP_COLOUR, 1",
    "EYE_SHADOW, 1",
    "BLOOD, 1",
    "HAND_MIRROR, 0",
    "CREASE_BRUSH, 0",
    "STRIP_LASHES, 0",
    "SETTING_SPRAY, 0"
  })
  void onlyWhatLeavesItsColourOnAFaceIsComparedByIt(ProductClass of, int pairs) {
    Given.Thing thing = Given.thing(of, Form.OTHER).coloured("#202020");
    Item one = thing.id(new UUID(4, 1)).called("Harbour", "one").item();
    Item other = thing.id(new UUID(4, 2)).called("Harbour", "other").item();
    assertThat(Duplicates.of(List.of(one, other), Map.of())).hasSize(pairs);
  }

  @ParameterizedTest
  @CsvSource({
    "2030-10-14, , 6, true",
    "2030-10-15, , 6, false",
    "2030-04-14, 2030-10-14, 6, true",
    "2030-04-14, 2030-10-15, 6, false",
    "2030-04-14, 2030-04-14, 12, true",
    ", , 6, false"
  })
  void unusedIsToldByTheDay(LocalDate since, LocalDate used, int months, boolean isUnused) {
    assertThat(Unused.is(since, used, months, TODAY)).isEqualTo(isUnused);
  }

  @Test
  void anItemIsThereSinceItWasBoughtElseOpenedElseWrittenDown() {
    LocalDate bought = LocalDate.of(2030, 1, 1);
    LocalDate opened = LocalDate.of(2030, 2, 2);
    LocalDate written = LocalDate.of(2030, 3, 3);
    assertThat(since(bought, opened, written)).isEqualTo(bought);
    assertThat(since(null, opened, written)).isEqualTo(opened);
    assertThat(since(null, null, written)).isEqualTo(written);
    assertThat(since(null, null, null)).isNull();
  }

  private static LocalDate since(LocalDate bought, LocalDate opened, LocalDate written) {
    PackDates dates = new PackDates(null, bought, opened, null, null);
    return Unused.since(base(1, 4).dates(dates).item(), written);
  }

  @Test
  void aRoleIsFilledByWhatHasItAndATraitByWhatHasThat() {
    KitPurpose event = new KitPurpose(Set.of(KindOfWork.EVENT), 4, 4);
    Hole red = hole(holes(event), "lips:red");
    Given.Thing bullet = Given.thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET);
    assertThat(red.filledBy(bullet.roles(Role.LIPS_RED).product())).hasSize(1);
    assertThat(red.filledBy(bullet.roles(Role.LIPS_ROSE).product())).isEmpty();
    Hole mascara = hole(holes(event), "mascara");
    Given.Thing tube = Given.thing(ProductClass.MASCARA, Form.MASCARA);
    assertThat(mascara.wanted()).contains(Trait.WATERPROOF);
    assertThat(mascara.filledBy(tube.product())).isEmpty();
    assertThat(mascara.filledBy(tube.traits(Set.of(Trait.WATERPROOF)).product())).hasSize(1);
  }
}

package gerula.core.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.kit.product.Trait;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Counts and amounts are common practice; those of products are estimates from memory. */
class NeedsTest {

  private static final LocalDate FIRST = LocalDate.of(2031, 4, 17);

  @Test
  void wandsAreCountedForEachFaceAndDayWithAFifthInReserve() {
    Face one = face(SkinType.NORMAL, Service.MASCARA);
    Face two = face(SkinType.NORMAL, Service.MASCARA, Service.BROWS);
    List<Need> needs = needs(9, Set.of(), one, two);
    assertThat(counted(needs, NeedKind.WANDS, one)).isEqualTo(27);
    assertThat(counted(needs, NeedKind.WANDS, two)).isEqualTo(36);
    // 63 counted; a fifth of it is 12.6 and nobody packs half a wand.
    assertThat(counted(needs, NeedKind.WANDS, null)).isEqualTo(13);
    assertThat(need(needs, NeedKind.WANDS, null).orElseThrow().reasons())
        .containsExactly(new NeedReason.Reserve(20, 13, 63));
  }

  @Test
  void productsAreMeasuredForAllDays() {
    Face face = face(SkinType.NORMAL, Service.BASE, Service.SKIN_PREPARATION);
    List<Need> needs = needs(9, Set.of(), face);
    assertThat(need(needs, NeedKind.BASE, face).orElseThrow().amount())
        .isEqualTo(new Need.Measured(5_400));
    assertThat(need(needs, NeedKind.SURFACE_ALCOHOL, null).orElseThrow().amount())
        .isEqualTo(new Need.Measured(72_000));
  }

  @Test
  void flashKeepsSunProtectionAwayEvenByDay() {
    Face face = face(SkinType.NORMAL, Service.BASE, Service.POWDER);
    List<Need> day = needs(1, Set.of(Condition.DAYLIGHT), face);
    List<Need> both = needs(1, Set.of(Condition.DAYLIGHT, Condition.FLASH), face);
    assertThat(need(day, NeedKind.SUNSCREEN, face)).isPresent();
    assertThat(need(both, NeedKind.SUNSCREEN, face)).isEmpty();
    assertThat(need(both, NeedKind.BASE, face).orElseThrow().avoid()).contains(Trait.SPF);
    assertThat(need(both, NeedKind.POWDER, face).orElseThrow().must()).contains(Trait.NO_FLASHBACK);
  }

  @Test
  void conditionsThatContradictEachOtherForceNothing() {
    Face face = face(SkinType.NORMAL, Service.SKIN_PREPARATION);
    Need both =
        need(needs(1, Set.of(Condition.DRY_COLD, Condition.HEAT), face), NeedKind.MOISTURISER, face)
            .orElseThrow();
    assertThat(both.must()).doesNotContain(Trait.RICH);
    assertThat(both.avoid()).doesNotContain(Trait.RICH);
  }

  @ParameterizedTest
  @CsvSource({"6.0, PEACH_CORRECTOR", "6.5, ORANGE_CORRECTOR"})
  void darkCirclesAreLiftedWithPeachOnLightSkinAndOrangeOnDeep(double depth, NeedKind kind) {
    Face face =
        new Face(
            UUID.randomUUID(),
            null,
            "face",
            depth,
            SkinType.NORMAL,
            Set.of(Concern.DARK_CIRCLES),
            Set.of(),
            Set.of(Service.BASE));
    assertThat(need(needs(1, Set.of(), face), kind, face)).isPresent();
  }

  /** Brings at least one thing, or names or bars something of a need; else it says nothing. */
  @ParameterizedTest
  @EnumSource(
      value = Condition.class,
      mode = EnumSource.Mode.EXCLUDE,
      names = {"LONG_CARRY", "FLIGHT"})
  void everyConditionChangesWhatIsNeeded(Condition condition) {
    Face face = face(SkinType.NORMAL, Service.values());
    assertThat(needs(1, Set.of(condition), face)).isNotEqualTo(needs(1, Set.of(), face));
  }

  @Test
  void everyNeedIsToldOncePerFaceAndHasAReason() {
    Face one = face(SkinType.OILY, Service.values());
    Face two = face(SkinType.DRY, Service.values());
    List<Need> needs = needs(3, EnumSet.allOf(Condition.class), one, two);
    record Key(NeedKind kind, Object face) {}
    assertThat(needs)
        .extracting(n -> new Key(n.kind(), String.valueOf(n.face())))
        .doesNotHaveDuplicates();
    assertThat(needs).allSatisfy(need -> assertThat(need.reasons()).isNotEmpty());
  }

  @Test
  void aBookingWithoutFacesNeedsNothing() {
    assertThat(needs(1, EnumSet.allOf(Condition.class))).isEmpty();
  }

  @Test
  void aBookingEndsOnOrAfterTheDayItBegins() {
    assertThatThrownBy(() -> booking(0, Set.of()))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("2031-04-17", "2031-04-16", "swap");
    assertThatThrownBy(() -> booking(Booking.LONGEST_DAYS + 1, Set.of()))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(booking(Booking.LONGEST_DAYS, Set.of()).days()).isEqualTo(366);
  }

  private static List<Need> needs(int days, Set<Condition> conditions, Face... faces) {
    return Needs.of(booking(days, conditions, faces), HouseRules.USUAL);
  }

  private static Booking booking(int days, Set<Condition> conditions, Face... faces) {
    return new Booking(
        UUID.randomUUID(), "job", FIRST, FIRST.plusDays(days - 1), conditions, List.of(faces));
  }

  private static Face face(SkinType skinType, Service... services) {
    return new Face(
        UUID.randomUUID(), null, "face", 5, skinType, Set.of(), Set.of(), Set.of(services));
  }

  private static Optional<Need> need(List<Need> needs, NeedKind kind, Face face) {
    return needs.stream().filter(need -> need.kind() == kind && need.face() == face).findFirst();
  }

  private static long counted(List<Need> needs, NeedKind kind, Face face) {
    return switch (need(needs, kind, face).orElseThrow().amount()) {
      case Need.Counted(long pieces) -> pieces;
      case Need.Measured _, Need.Shared _ -> 0;
    };
  }
}

package gerula.core.dates;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.rule.HouseRules;
import gerula.core.rule.LoadRules;
import gerula.core.rule.Practices;
import gerula.core.rule.School;
import java.time.LocalDate;
import java.time.Period;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class UseByTest {

  private static final HouseRules CAUTIOUS = HouseRules.USUAL.cautious();

  // Limits: common practice. Month ends: ISO 8601 calendar months, java.time.Period as reference.
  @ParameterizedTest
  @CsvSource({
    "mascara, 2031-01-10, 2031-04-10, 2031-03-10",
    "liquid-liner, 2030-11-30, 2031-02-28, 2031-01-30",
    "gel-liner, 2031-01-10, 2032-01-10, 2031-07-10",
    "foundation, 2027-08-31, 2028-08-31, 2028-02-29",
    "lip-colour, 2031-01-10, 2032-01-10, 2032-01-10",
    "loose-powder, 2028-02-29, 2030-02-28, 2029-02-28",
    "liquid-latex, 2031-08-31, 2032-02-29, 2031-11-30",
    "eye-drops, 2031-02-15, 2031-03-15, 2031-03-15",
  })
  void anOpenPackLastsAsLongAsItsHouseKeepsIt(
      String code, LocalDate opened, LocalDate usual, LocalDate cautious) {
    DateClass dateClass = gerula.core.rule.Code.of(DateClass.class, code);
    PackDates pack = new PackDates(null, null, opened, null, null);
    assertThat(UseBy.of(dateClass, pack, HouseRules.USUAL).lastDay()).isEqualTo(usual);
    assertThat(UseBy.of(dateClass, pack, CAUTIOUS).lastDay()).isEqualTo(cautious);
  }

  // 2027-08-31 + P6M = 2028-02-29: the check of the trade's facts, ISO 8601.
  @Test
  void aPeriodAfterOpeningCountsCalendarMonths() {
    UseBy useBy = foundation(LocalDate.of(2027, 8, 31), null, 6);
    assertThat(useBy.lastDay()).isEqualTo(LocalDate.of(2028, 2, 29));
    assertThat(useBy.lastDay()).isEqualTo(LocalDate.of(2027, 8, 31).plus(Period.ofMonths(6)));
    assertThat(useBy.clocks())
        .extracting(UseBy.ClockEnd::clock)
        .containsExactly(Clock.PERIOD_AFTER_OPENING, Clock.HOUSE_LIMIT);
  }

  @Test
  void theEarliestClockWinsAndAllAreTold() {
    UseBy useBy = foundation(LocalDate.of(2031, 1, 1), LocalDate.of(2031, 5, 1), 24);
    assertThat(useBy.clocks())
        .containsExactly(
            new UseBy.ClockEnd(Clock.PRINTED_EXPIRY, LocalDate.of(2031, 5, 1)),
            new UseBy.ClockEnd(Clock.HOUSE_LIMIT, LocalDate.of(2032, 1, 1)),
            new UseBy.ClockEnd(Clock.PERIOD_AFTER_OPENING, LocalDate.of(2033, 1, 1)));
  }

  @Test
  void theLastDayIsStillGoodAndTheNextIsNot() {
    UseBy useBy = foundation(LocalDate.of(2031, 1, 1), null, null);
    assertThat(useBy.isGoodOn(LocalDate.of(2032, 1, 1))).isTrue();
    assertThat(useBy.isGoodOn(LocalDate.of(2032, 1, 2))).isFalse();
  }

  @Test
  void eyeProductsAreReplacedALittleBeforeTheirDate() {
    PackDates pack = new PackDates(null, null, LocalDate.of(2031, 1, 31), null, null);
    UseBy mascara = UseBy.of(DateClass.MASCARA, pack, HouseRules.USUAL);
    assertThat(mascara.lastDay()).isEqualTo(LocalDate.of(2031, 4, 30));
    assertThat(mascara.replaceBy()).isEqualTo(LocalDate.of(2031, 4, 16));
    assertThat(mascara.isDueForReplacementOn(LocalDate.of(2031, 4, 17))).isTrue();
    assertThat(mascara.isGoodOn(LocalDate.of(2031, 4, 17))).isTrue();
  }

  // About 36 months, 24 for sunscreen and adhesives: from memory.
  @Test
  void aSealedPackLastsFromTheDayItWasMadeElseBought() {
    LocalDate made = LocalDate.of(2029, 3, 31);
    PackDates both = new PackDates(made, LocalDate.of(2030, 1, 1), null, null, 6);
    assertThat(UseBy.of(DateClass.PRIMER, both, HouseRules.USUAL).lastDay())
        .isEqualTo(made.plusMonths(36));
    PackDates bought = new PackDates(null, LocalDate.of(2030, 1, 1), null, null, null);
    assertThat(UseBy.of(DateClass.ADHESIVE, bought, HouseRules.USUAL).lastDay())
        .isEqualTo(LocalDate.of(2032, 1, 1));
  }

  @Test
  void aToolWithoutAPrintedDateNeverRunsOut() {
    PackDates pack =
        new PackDates(null, LocalDate.of(2001, 1, 1), LocalDate.of(2001, 1, 1), null, null);
    UseBy useBy = UseBy.of(DateClass.UNDATED, pack, HouseRules.USUAL);
    assertThat(useBy.lastDay()).isNull();
    assertThat(useBy.isGoodOn(LocalDate.of(2199, 1, 1))).isTrue();
    assertThat(useBy.isDueForReplacementOn(LocalDate.of(2199, 1, 1))).isFalse();
  }

  @ParameterizedTest
  @EnumSource(DateClass.class)
  void aCautiousHouseNeverKeepsAnythingLonger(DateClass dateClass) {
    LocalDate opened = LocalDate.of(2031, 1, 1);
    assertThat(dateClass.limit(School.CAUTIOUS).map(opened::plus).orElse(opened))
        .isBeforeOrEqualTo(dateClass.limit(School.USUAL).map(opened::plus).orElse(opened));
  }

  static LongStream seeds() {
    return Seeds.upTo(50);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void openingAPackNeverMakesItLastLonger(long seed) {
    Random random = new Random(seed);
    DateClass dateClass = DateClass.values()[random.nextInt(DateClass.values().length)];
    LocalDate printed = LocalDate.of(2031, 1, 1).plusDays(random.nextInt(900));
    LocalDate opened = LocalDate.of(2030, 6, 1).plusDays(random.nextInt(400));
    UseBy sealed = UseBy.of(dateClass, new PackDates(null, null, null, printed, 12), CAUTIOUS);
    UseBy open = UseBy.of(dateClass, new PackDates(null, null, opened, printed, 12), CAUTIOUS);
    assertThat(open.lastDay()).isBeforeOrEqualTo(sealed.lastDay());
    assertThat(open.clocks()).isSortedAccordingTo(Comparator.comparing(UseBy.ClockEnd::lastDay));
    assertThat(open.lastDay()).isEqualTo(open.clocks().getFirst().lastDay());
  }

  // Common practice: a decant's clock starts with its source's opening, a topped-up container takes
  // the earliest.
  @Test
  void aDecantTakesItsSourcesClocksAndATopUpTheEarliest() {
    PackDates older = new PackDates(null, null, LocalDate.of(2031, 1, 31), null, 6);
    PackDates newer =
        new PackDates(null, null, LocalDate.of(2031, 3, 1), LocalDate.of(2031, 7, 1), 12);
    HouseLimit usual = HouseLimit.of(School.USUAL, DateClass.FOUNDATION);
    UseBy decant = UseBy.ofSources(DateClass.FOUNDATION, List.of(newer), usual, 14);
    assertThat(decant.lastDay()).isEqualTo(LocalDate.of(2031, 7, 1));
    UseBy toppedUp = UseBy.ofSources(DateClass.FOUNDATION, List.of(older, newer), usual, 14);
    assertThat(toppedUp.clocks())
        .startsWith(
            new UseBy.ClockEnd(Clock.PRINTED_EXPIRY, LocalDate.of(2031, 7, 1), 1),
            new UseBy.ClockEnd(Clock.PERIOD_AFTER_OPENING, LocalDate.of(2031, 7, 31), 0));
    assertThat(toppedUp.clocks()).hasSize(5);
    assertThatThrownBy(() -> UseBy.ofSources(DateClass.FOUNDATION, List.of(), usual, 14))
        .hasMessageContaining("source");
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aTopUpNeverMakesAContainerLastLonger(long seed) {
    Random random = new Random(seed);
    DateClass dateClass = DateClass.values()[random.nextInt(DateClass.values().length)];
    HouseLimit own = HouseLimit.ofMonths(1 + random.nextInt(HouseRules.MOST_MONTHS));
    List<PackDates> sources =
        LongStream.range(0, 1 + random.nextInt(4)).mapToObj(_ -> randomPack(random)).toList();
    UseBy all = UseBy.ofSources(dateClass, sources, own, 14);
    for (PackDates source : sources) {
      LocalDate alone = UseBy.of(dateClass, source, own, 14).lastDay();
      assertThat(alone == null || !all.lastDay().isAfter(alone)).isTrue();
    }
    if (all.lastDay() != null) {
      int winner = all.clocks().getFirst().source();
      assertThat(UseBy.of(dateClass, sources.get(winner), own, 14).lastDay())
          .isEqualTo(all.lastDay());
    }
  }

  /**
   * What a container inherits from open packs of one product ends as the packs themselves would.
   */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void inheritedDatesEndOnTheDayOfTheEarliestSource(long seed) {
    Random random = new Random(seed);
    DateClass dateClass = DateClass.values()[random.nextInt(DateClass.values().length)];
    HouseLimit limit = HouseLimit.of(School.USUAL, dateClass);
    Integer months = random.nextBoolean() ? 1 + random.nextInt(36) : null;
    List<PackDates> sources =
        LongStream.range(0, 1 + random.nextInt(4))
            .mapToObj(_ -> randomPack(random))
            .map(pack -> openedWith(pack, months, random))
            .toList();
    PackDates inherited = PackDates.inherited(sources);
    assertThat(UseBy.of(dateClass, inherited, limit, 14).lastDay())
        .isEqualTo(UseBy.ofSources(dateClass, sources, limit, 14).lastDay());
    if (sources.size() == 1) {
      assertThat(inherited).isEqualTo(sources.getFirst());
    }
  }

  private static PackDates openedWith(PackDates pack, @Nullable Integer months, Random random) {
    LocalDate opened = LocalDate.of(2030, 6, 1).plusDays(random.nextInt(300));
    return new PackDates(pack.madeOn(), pack.boughtOn(), opened, pack.printedExpiry(), months);
  }

  private static PackDates randomPack(Random random) {
    LocalDate made = LocalDate.of(2029, 1, 1).plusDays(random.nextInt(400));
    return new PackDates(
        random.nextBoolean() ? made : null,
        random.nextBoolean() ? made.plusDays(30) : null,
        random.nextBoolean() ? made.plusDays(random.nextInt(500)) : null,
        random.nextInt(3) == 0 ? made.plusDays(random.nextInt(1500)) : null,
        random.nextBoolean() ? 1 + random.nextInt(36) : null);
  }

  @Test
  void aHousesOwnLimitReplacesThatOfItsSchool() {
    PackDates pack = new PackDates(null, null, LocalDate.of(2031, 8, 31), null, null);
    UseBy own = UseBy.of(DateClass.FOUNDATION, pack, HouseLimit.ofMonths(6), 14);
    assertThat(own.lastDay()).isEqualTo(LocalDate.of(2032, 2, 29));
    HouseRules house =
        new HouseRules(
            School.CAUTIOUS,
            Map.of(DateClass.FOUNDATION, 9),
            14,
            20,
            7,
            2,
            Practices.USUAL,
            LoadRules.USUAL);
    assertThat(UseBy.of(DateClass.FOUNDATION, pack, house).lastDay())
        .isEqualTo(LocalDate.of(2032, 5, 31));
    assertThat(UseBy.of(DateClass.PRIMER, pack, house).lastDay())
        .isEqualTo(LocalDate.of(2032, 2, 29));
    assertThat(UseBy.of(DateClass.FOUNDATION, pack, house.cautious()).lastDay())
        .isEqualTo(LocalDate.of(2032, 2, 29));
    assertThatThrownBy(() -> PackDates.inherited(List.of())).hasMessageContaining("source");
    assertThatThrownBy(
            () ->
                new HouseRules(
                    School.USUAL,
                    Map.of(DateClass.PRIMER, 121),
                    14,
                    20,
                    7,
                    2,
                    Practices.USUAL,
                    LoadRules.USUAL))
        .hasMessageContaining("121");
    assertThatThrownBy(
            () ->
                new HouseRules(
                    School.USUAL, Map.of(), 366, 20, 7, 2, Practices.USUAL, LoadRules.USUAL))
        .hasMessageContaining("eye margin");
    assertThatThrownBy(
            () ->
                new HouseRules(
                    School.USUAL, Map.of(), 14, 201, 7, 2, Practices.USUAL, LoadRules.USUAL))
        .hasMessageContaining("reserve");
    assertThatThrownBy(
            () ->
                new HouseRules(
                    School.USUAL, Map.of(), 14, 20, -1, 2, Practices.USUAL, LoadRules.USUAL))
        .hasMessageContaining("delivery");
    assertThatThrownBy(() -> HouseLimit.ofMonths(0)).hasMessageContaining("1 and 120");
    assertThatThrownBy(() -> HouseLimit.ofMonths(121)).hasMessageContaining("121");
  }

  @Test
  void datesThatCannotBeAreRefusedWithTheRuleAndTheValue() {
    LocalDate made = LocalDate.of(2031, 1, 1);
    assertThatThrownBy(() -> new PackDates(made, null, made.minusDays(1), null, null))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("2031-01-01", "2030-12-31", "opened");
    assertThatThrownBy(() -> new PackDates(made, null, null, made.minusDays(1), null))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new PackDates(null, null, null, null, 0))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("1 and 120");
  }

  private static UseBy foundation(
      LocalDate opened, @Nullable LocalDate printed, @Nullable Integer months) {
    return UseBy.of(
        DateClass.FOUNDATION, new PackDates(null, null, opened, printed, months), HouseRules.USUAL);
  }
}

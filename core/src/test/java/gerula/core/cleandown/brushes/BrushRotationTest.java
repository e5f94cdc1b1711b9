package gerula.core.cleandown.brushes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.rule.BrushPractice;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which set is used when: times are common practice. */
class BrushRotationTest {

  private static final LocalDate FIRST = LocalDate.of(2031, 4, 14);

  @Test
  void aSetThatIsWashedAtNightIsDryInTheMorning() {
    BrushRotation plan = plan(List.of(set("A", 12, false)), days(2, "08:00", "18:00", 1));
    assertThat(plan.unserved()).isZero();
    // Washed by 18:18, dry eight hours later.
    assertThat(plan.sets().getFirst().readyAt()).isEqualTo(LocalDateTime.of(2031, 4, 16, 2, 18));
  }

  @Test
  void aDenseSetIsNotReadyNextMorningAndTheOneAfter() {
    BrushRotation plan = plan(List.of(set("A", 12, true)), days(3, "08:00", "18:00", 1));
    assertThat(plan.days())
        .extracting(BrushRotation.DayOfRotation::unserved)
        .containsExactly(0, 1, 0);
  }

  @Test
  void dryAtTheMinuteOfTheCallIsReady() {
    List<BrushSet> sets = List.of(set("A", 20, false));
    assertThat(plan(sets, days(2, "02:30", "18:00", 1)).unserved()).isZero();
    assertThat(plan(sets, days(2, "02:29", "18:00", 1)).unserved()).isEqualTo(1);
  }

  /** Washing takes turns: what must be dry first is washed first. */
  @Test
  void theOrderOfWashingServesTheMost() {
    List<BrushSet> sets = List.of(set("slow", 40, false), set("quick", 4, false));
    // 18:00 to 03:00 are nine hours: the quick one first, and both are dry by then or just one is.
    List<BrushDay> days =
        List.of(
            day(0, "08:00", "18:00", 2), day(1, "02:10", "12:00", 1), day(3, "08:00", "9:00", 0));
    assertThat(plan(sets, days).unserved()).isZero();
    assertThat(plan(sets, days).days().get(1).used()).containsExactly("quick");
  }

  @Test
  void aWrapAfterMidnightIsOfTheNextDay() {
    List<BrushDay> days = List.of(day(0, "18:00", "02:00", 1), day(1, "18:00", "02:00", 1));
    assertThat(plan(List.of(set("A", 10, false)), days).unserved()).isZero();
    assertThat(days.getFirst().ends()).isEqualTo(LocalDateTime.of(2031, 4, 15, 2, 0));
  }

  @Test
  void oneSetServesAWholeDayWhereItIsCleanedInBetween() {
    List<BrushDay> days = days(2, "08:00", "18:00", 9);
    BrushRotation quick =
        BrushRotation.of(
            List.of(set("A", 12, false)), days, BrushPractice.QUICK_DRY, BrushTimes.USUAL);
    assertThat(quick.unserved()).isZero();
    assertThat(plan(List.of(set("A", 12, false)), days).unserved()).isEqualTo(16);
    BrushRotation dense =
        BrushRotation.of(
            List.of(set("A", 12, true)), days, BrushPractice.QUICK_DRY, BrushTimes.USUAL);
    assertThat(dense.unserved()).isEqualTo(9);
  }

  @Test
  void withoutASetEverybodyGoesWithoutAndWithoutADayNothingIsUsed() {
    assertThat(plan(List.of(), days(2, "08:00", "18:00", 3)).unserved()).isEqualTo(6);
    assertThat(plan(List.of(set("A", 3, false)), List.of()).days()).isEmpty();
    assertThatThrownBy(() -> set("A", 0, false)).hasMessageContaining("1 to 200");
    assertThatThrownBy(() -> set("A", 201, false)).hasMessageContaining("1 to 200");
    assertThat(set("A", 200, false).brushes()).isEqualTo(200);
    assertThat(day(0, "08:00", "18:00", 100).faces()).isEqualTo(100);
    assertThatThrownBy(() -> day(0, "08:00", "18:00", 101)).hasMessageContaining("0 to 100");
    Duration most = Duration.ofHours(240);
    assertThat(BrushTimes.drying(most)).isEqualTo(most);
    assertThat(BrushTimes.washing(Duration.ofHours(1))).isEqualTo(Duration.ofHours(1));
    assertThatThrownBy(() -> BrushTimes.washing(Duration.ofSeconds(3601)))
        .hasMessageContaining("1 hours");
  }

  static LongStream rounds() {
    return Seeds.upTo(200);
  }

  /** Against every choice of sets and every order of washing. */
  @ParameterizedTest
  @MethodSource("rounds")
  void noOtherPlanServesMore(long seed) {
    Random random = new Random(seed);
    List<BrushSet> sets = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      sets.add(set("S" + i, 5 + random.nextInt(60), random.nextInt(3) == 0));
    }
    List<BrushDay> days = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      LocalTime call = LocalTime.of(random.nextInt(10), random.nextInt(60));
      LocalTime wrap = call.plusHours(5 + random.nextInt(12));
      days.add(new BrushDay(FIRST.plusDays(i), call, wrap, random.nextInt(5)));
    }
    BrushPractice practice = BrushPractice.values()[random.nextInt(2)];
    BrushTimes times =
        new BrushTimes(
            Duration.ofMinutes(1 + random.nextInt(6)),
            Duration.ofHours(2 + random.nextInt(10)),
            Duration.ofHours(8 + random.nextInt(24)));
    BrushRotation plan = BrushRotation.of(sets, days, practice, times);
    assertThat(plan.isFewest()).isTrue();
    assertThat(plan.unserved()).isEqualTo(new EveryPlan(sets, days, practice, times).fewest());
    for (BrushRotation.DayOfRotation day : plan.days()) {
      assertThat(new HashSet<>(day.used())).hasSameSizeAs(day.used());
    }
    for (BrushRotation.SetReady set : plan.sets()) {
      assertThat(set.readyAt()).isAfterOrEqualTo(days.getFirst().begins());
    }
    assertWashedOneAfterTheOtherAndInTime(plan, days);
  }

  private static void assertWashedOneAfterTheOtherAndInTime(
      BrushRotation plan, List<BrushDay> days) {
    for (int i = 1; i < plan.washes().size(); i++) {
      assertThat(plan.washes().get(i).begins()).isAfterOrEqualTo(plan.washes().get(i - 1).washed());
    }
    for (int day = 0; day < days.size(); day++) {
      LocalDateTime call = days.get(day).begins();
      LocalDateTime wrap = days.get(day).ends();
      for (String used : plan.days().get(day).used()) {
        assertThat(plan.washes())
            .filteredOn(one -> one.id().equals(used) && one.begins().isBefore(wrap))
            .allSatisfy(one -> assertThat(one.readyAt()).isBeforeOrEqualTo(call));
        assertThat(plan.washes())
            .anySatisfy(
                one -> {
                  assertThat(one.id()).isEqualTo(used);
                  assertThat(one.begins()).isAfterOrEqualTo(wrap);
                });
      }
    }
  }

  /** Tries everything, hour by hour, as one would by hand. */
  private record EveryPlan(
      List<BrushSet> sets, List<BrushDay> days, BrushPractice practice, BrushTimes times) {

    int fewest() {
      Map<String, LocalDateTime> ready = new HashMap<>();
      sets.forEach(set -> ready.put(set.id(), days.getFirst().begins()));
      return day(0, ready, Set.of(), days.getFirst().begins());
    }

    private int day(
        int at, Map<String, LocalDateTime> ready, Set<String> dirty, LocalDateTime free) {
      if (at == days.size()) {
        return 0;
      }
      BrushDay day = days.get(at);
      List<BrushSet> clean =
          sets.stream()
              .filter(set -> !dirty.contains(set.id()))
              .filter(set -> !ready.get(set.id()).isAfter(day.begins()))
              .toList();
      int fewest = Integer.MAX_VALUE;
      for (int choice = 0; choice < 1 << clean.size(); choice++) {
        Set<String> after = new HashSet<>(dirty);
        for (int i = 0; i < clean.size(); i++) {
          if ((choice & 1 << i) != 0) {
            after.add(clean.get(i).id());
          }
        }
        int used = Integer.bitCount(choice);
        int most = practice == BrushPractice.QUICK_DRY ? Math.min(1, day.faces()) : day.faces();
        if (used <= most) {
          boolean isServed = practice == BrushPractice.QUICK_DRY && used == 1;
          int without = isServed ? 0 : day.faces() - used;
          LocalDateTime from = free.isAfter(day.ends()) ? free : day.ends();
          fewest = Math.min(fewest, without + wash(at, ready, after, from));
        }
      }
      return fewest;
    }

    private int wash(
        int at, Map<String, LocalDateTime> ready, Set<String> dirty, LocalDateTime free) {
      boolean isLast = at == days.size() - 1;
      if (isLast) {
        return 0;
      }
      if (dirty.isEmpty() || !free.isBefore(days.get(at + 1).ends())) {
        return day(at + 1, ready, dirty, free);
      }
      int fewest = Integer.MAX_VALUE;
      for (BrushSet set : sets) {
        if (dirty.contains(set.id())) {
          Set<String> left = new HashSet<>(dirty);
          left.remove(set.id());
          LocalDateTime washed = free.plus(times.washOfOne().multipliedBy(set.brushes()));
          Map<String, LocalDateTime> later = new HashMap<>(ready);
          later.put(set.id(), washed.plus(set.isDense() ? times.dryDense() : times.dry()));
          fewest = Math.min(fewest, wash(at, later, left, washed));
        }
      }
      return fewest;
    }
  }

  /** Eight sets on fourteen days are planned in a moment, and it is said whether that is proven. */
  @Test
  void aLongRunIsPlanned() {
    List<BrushSet> sets =
        IntStream.range(0, 8).mapToObj(i -> set("S" + i, 10 + i % 3, i % 4 == 0)).toList();
    BrushRotation plan = plan(sets, days(14, "05:40", "19:00", 5));
    assertThat(plan.days()).hasSize(14);
    assertThat(plan.unserved()).isLessThan(14 * 5);
  }

  /** Sixty sets that are all different, on sixty days: more than can be tried, and it ends. */
  @Test
  void moreThanCanBeTriedIsPlannedAndSaidToBeUnproven() {
    List<BrushSet> sets =
        IntStream.range(0, 60).mapToObj(i -> set("S" + i, 1 + i, i % 4 == 0)).toList();
    BrushRotation plan = plan(sets, days(60, "05:40", "19:00", 40));
    assertThat(plan.isFewest()).isFalse();
    assertThat(plan.days()).hasSize(60);
    assertThat(plan.days().getFirst().unserved()).isZero();
    assertThat(plan.unserved()).isLessThan(60 * 40);
  }

  private static BrushRotation plan(List<BrushSet> sets, List<BrushDay> days) {
    return BrushRotation.of(sets, days, BrushPractice.SECOND_SET, BrushTimes.USUAL);
  }

  private static BrushSet set(String id, int brushes, boolean isDense) {
    return new BrushSet(id, brushes, isDense);
  }

  private static List<BrushDay> days(int many, String call, String wrap, int faces) {
    return IntStream.range(0, many).mapToObj(i -> day(i, call, wrap, faces)).toList();
  }

  private static BrushDay day(int after, String call, String wrap, int faces) {
    String padded = wrap.length() == 4 ? "0" + wrap : wrap;
    return new BrushDay(
        FIRST.plusDays(after), LocalTime.parse(call), LocalTime.parse(padded), faces);
  }
}

package gerula.core.booking;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.KindOfWork;
import gerula.core.rule.HouseRules;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Standing by is counted in rounds of six hours on set: common practice. */
class StandByRoundsTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 17);

  @ParameterizedTest
  @CsvSource({"1, 1", "300, 1", "360, 1", "361, 2", "720, 2", "840, 3"})
  void aDayTakesARoundForEverySixHoursBegun(int minutes, int rounds) {
    Map<LocalDate, Duration> lasting = Map.of(DAY, Duration.ofMinutes(minutes));
    assertThat(powderFor(booking(1, Set.of(), face(Set.of(), 1), lasting)))
        .isEqualTo(500L * rounds);
  }

  @Test
  void aDayOfWhichNothingIsKnownTakesOneAndALongOneTwo() {
    Face face = face(Set.of(), 1);
    assertThat(powderFor(booking(3, Set.of(), face, Map.of()))).isEqualTo(1500);
    assertThat(powderFor(booking(3, Set.of(Condition.LONG_DAY), face, Map.of()))).isEqualTo(3000);
  }

  /** Each day by itself, and only those on which she is there; of a group every head. */
  @Test
  void onlyTheDaysSheIsThereCount() {
    Map<LocalDate, Duration> lasting =
        Map.of(DAY, Duration.ofHours(14), DAY.plusDays(1), Duration.ofHours(5));
    assertThat(powderFor(booking(3, Set.of(), face(Set.of(), 1), lasting)))
        .isEqualTo(500 * (3 + 1 + 1));
    Face some = face(new TreeSet<>(Set.of(DAY)), 4);
    assertThat(powderFor(booking(3, Set.of(), some, lasting))).isEqualTo(500 * 3 * 4);
  }

  private static long powderFor(Booking booking) {
    return Needs.of(booking, HouseRules.USUAL).stream()
        .filter(need -> need.code().code().equals("face-powder"))
        .mapToLong(need -> ((Need.Measured) need.amount()).thousandths())
        .sum();
  }

  private static Booking booking(
      int days, Set<Condition> conditions, Face face, Map<LocalDate, Duration> lasting) {
    return new Booking(
            UUID.randomUUID(),
            "job",
            KindOfWork.SCREEN_DRAMA,
            DAY,
            DAY.plusDays(days - 1),
            conditions,
            null,
            List.of(face))
        .lasting(lasting);
  }

  private static Face face(Set<LocalDate> days, int heads) {
    SortedSet<LocalDate> present = new TreeSet<>(days);
    return FaceBuilder.builder(
            Face.of(UUID.randomUUID(), "face", 5.0, SkinType.NORMAL, Set.of(Service.STAND_BY)))
        .daysPresent(present)
        .heads(heads)
        .build();
  }
}

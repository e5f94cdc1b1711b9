package gerula.core.restock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.data.Offset.offset;

import gerula.core.Seeds;
import gerula.core.restock.RunOut.Event;
import gerula.core.restock.RunOut.Short;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** When something runs out, against going through it day by day. */
class RunOutTest {

  private static final LocalDate ON = LocalDate.of(2031, 4, 14);

  private static RunOut of(
      double left, double perWeek, @Nullable LocalDate until, Event... events) {
    return RunOut.of(
        BigDecimal.valueOf(left), ON, List.of(events), BigDecimal.valueOf(perWeek), until);
  }

  private static Event on(int day, double amount) {
    return new Event(ON.plusDays(day), BigDecimal.valueOf(amount));
  }

  @Test
  void evenUseTakesTheLastOfItAtTheEndOfADay() {
    // A day takes 1: three evenings.
    assertThat(of(3, 7, null).runsOutOn()).isEqualTo(ON.plusDays(2));
    assertThat(of(2.5, 7, null).runsOutOn()).isEqualTo(ON.plusDays(2));
    assertThat(of(3, 0, null).runsOutOn()).isNull();
    assertThat(of(0, 7, null).runsOutOn()).isEqualTo(ON);
    assertThat(of(1_000_000_000, 0.000001, null).runsOutOn()).isNull();
  }

  @Test
  void anEventIsServedBeforeTheDaysOwnUseAndSaysWhatIsMissing() {
    RunOut run = of(10, 7, null, on(3, 6), on(3, 2));
    assertThat(run.leftAfter().getFirst()).isEqualByComparingTo("1");
    assertThat(run.shortFor()).isEqualTo(new Short(ON.plusDays(3), BigDecimal.ONE));
    assertThat(run.leftAfter().getLast()).isEqualByComparingTo("0");
    assertThat(run.runsOutOn()).isEqualTo(ON.plusDays(3));
    // Told in any order.
    assertThat(of(10, 0, null, on(5, 4), on(2, 3)).leftAfter())
        .extracting(BigDecimal::intValueExact)
        .containsExactly(7, 3);
    // Served to the last drop: nothing is missing, and nothing is left.
    RunOut exact = of(4, 0, null, on(1, 4));
    assertThat(exact.shortFor()).isNull();
    assertThat(exact.runsOutOn()).isEqualTo(ON.plusDays(1));
  }

  @Test
  void whatIsPastItsDateServesNobody() {
    RunOut run = of(100, 0, ON.plusDays(4), on(4, 10), on(5, 10));
    assertThat(run.runsOutOn()).isEqualTo(ON.plusDays(5));
    assertThat(run.shortFor()).isEqualTo(new Short(ON.plusDays(5), BigDecimal.TEN));
    assertThat(of(100, 7, ON.plusDays(4)).runsOutOn()).isEqualTo(ON.plusDays(5));
    assertThat(of(100, 0, ON.minusDays(1)).runsOutOn()).isEqualTo(ON);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> of(-1, 0, null)).hasMessageContaining("0 or more");
    assertThatThrownBy(() -> of(1, -1, null)).hasMessageContaining("0 or more");
    assertThatThrownBy(() -> on(1, -1)).hasMessageContaining("0 or more");
    assertThatThrownBy(() -> of(1, 0, null, on(-1, 1))).hasMessageContaining("before");
  }

  static LongStream seeds() {
    return Seeds.upTo(200);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void itIsWhatComesOfGoingThroughItDayByDay(long seed) {
    Random random = new Random(seed);
    List<Event> events = new ArrayList<>();
    for (int i = random.nextInt(5); i > 0; i--) {
      events.add(on(random.nextInt(40), random.nextInt(12)));
    }
    int perWeek = random.nextInt(3) == 0 ? 0 : random.nextInt(20);
    LocalDate until = random.nextBoolean() ? null : ON.plusDays(random.nextInt(40) - 2);
    int left = random.nextInt(50);
    RunOut run =
        RunOut.of(BigDecimal.valueOf(left), ON, events, BigDecimal.valueOf(perWeek), until);
    // In sevenths, so that every number is whole.
    long sevenths = 7L * left;
    LocalDate out = null;
    Short shortFor = null;
    List<Long> after = new ArrayList<>();
    List<Event> sorted = events.stream().sorted(Comparator.comparing(Event::date)).toList();
    for (LocalDate day = ON; day.isBefore(ON.plusDays(500)); day = day.plusDays(1)) {
      if (until != null && day.isAfter(until)) {
        sevenths = 0;
      }
      for (Event event : sorted) {
        if (event.date().equals(day)) {
          long wanted = 7L * event.amount().intValueExact();
          if (wanted > sevenths && shortFor == null) {
            shortFor =
                new Short(
                    day,
                    BigDecimal.valueOf(wanted - sevenths)
                        .divide(BigDecimal.valueOf(7), MathContext.DECIMAL64));
          }
          sevenths = Math.max(0, sevenths - wanted);
          after.add(sevenths);
        }
      }
      if (sevenths == 0 && out == null) {
        out = day;
      }
      sevenths = Math.max(0, sevenths - perWeek);
      if (sevenths == 0 && out == null) {
        out = day;
      }
    }
    assertThat(run.runsOutOn()).isEqualTo(out);
    assertThat(run.leftAfter()).hasSameSizeAs(after);
    for (int i = 0; i < after.size(); i++) {
      assertThat(run.leftAfter().get(i).doubleValue()).isCloseTo(after.get(i) / 7.0, offset(1e-6));
    }
    assertThat(run.shortFor() == null).isEqualTo(shortFor == null);
    if (shortFor != null) {
      assertThat(run.shortFor().date()).isEqualTo(shortFor.date());
      assertThat(run.shortFor().missing().doubleValue())
          .isCloseTo(shortFor.missing().doubleValue(), offset(1e-6));
    }
  }
}

package gerula.core.restock;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * When something runs out, and for what. What is used beside bookings goes evenly, at the end of
 * each day; what is past its date serves nobody.
 *
 * @param runsOutOn the first day on which nothing is left; null where that never comes
 * @param shortFor the first event that is not served whole, null where all are
 * @param leftAfter each event, by date; 0 where it fell short
 */
public record RunOut(
    @Nullable LocalDate runsOutOn, @Nullable Short shortFor, List<BigDecimal> leftAfter) {

  private static final BigDecimal DAYS_A_WEEK = BigDecimal.valueOf(7);

  /** Beyond that nobody plans. */
  private static final BigDecimal MOST_DAYS = BigDecimal.valueOf(200_000);

  private static final int SCALE = 6;

  /** So much is wanted on a day. */
  public record Event(LocalDate date, BigDecimal amount) {
    public Event {
      notNegative(amount);
    }
  }

  /** So much is missing on a day. */
  public record Short(LocalDate date, BigDecimal missing) {}

  public RunOut {
    leftAfter = List.copyOf(leftAfter);
  }

  /**
   * @param on the day on which so much is left
   * @param events in any order, none before that day
   * @param perWeek what is used beside them
   * @param usableUntil the last day on which it serves, null where it keeps
   */
  public static RunOut of(
      BigDecimal left,
      LocalDate on,
      List<Event> events,
      BigDecimal perWeek,
      @Nullable LocalDate usableUntil) {
    notNegative(left);
    notNegative(perWeek);
    for (Event event : events) {
      if (event.date().isBefore(on)) {
        throw new IllegalArgumentException(
            "Nothing is known of before " + on + ", but this is on " + event.date() + ".");
      }
    }
    return new Falling(left, on, perWeek, usableUntil).through(events);
  }

  private static void notNegative(BigDecimal told) {
    if (told.signum() < 0) {
      throw new IllegalArgumentException("An amount is 0 or more, but this is " + told + ".");
    }
  }

  /** What is left, day by day; in sevenths, so that a week's share of a day is exact. */
  private static final class Falling {

    private final BigDecimal aDay;
    private final @Nullable LocalDate usableUntil;
    private final List<BigDecimal> leftAfter = new ArrayList<>();
    private BigDecimal sevenths;
    private LocalDate day;
    private @Nullable LocalDate out;
    private @Nullable Short shortFor;

    Falling(BigDecimal left, LocalDate on, BigDecimal perWeek, @Nullable LocalDate usableUntil) {
      this.sevenths = left.multiply(DAYS_A_WEEK);
      this.aDay = perWeek;
      this.usableUntil = usableUntil;
      this.day = on;
    }

    RunOut through(List<Event> events) {
      spoil();
      emptied(day);
      for (Event event : events.stream().sorted(Comparator.comparing(Event::date)).toList()) {
        fallUntil(event.date());
        serve(event);
      }
      runsOut(lastDay());
      return new RunOut(out, shortFor, leftAfter);
    }

    private void runsOut(@Nullable LocalDate when) {
      if (out == null) {
        out = when;
      }
    }

    private void emptied(LocalDate when) {
      if (sevenths.signum() == 0) {
        runsOut(when);
      }
    }

    /** What is past its date serves nobody. */
    private void spoil() {
      if (usableUntil != null && day.isAfter(usableUntil)) {
        sevenths = BigDecimal.ZERO;
      }
    }

    /** To the morning of that day. */
    private void fallUntil(LocalDate next) {
      LocalDate last = lastDay();
      if (last != null && !last.isAfter(next.minusDays(1))) {
        runsOut(last);
      }
      BigDecimal days = BigDecimal.valueOf(ChronoUnit.DAYS.between(day, next));
      sevenths = sevenths.subtract(aDay.multiply(days)).max(BigDecimal.ZERO);
      day = next;
      spoil();
      emptied(next);
    }

    /** On which nothing would be left, were there no more events; null where that never comes. */
    private @Nullable LocalDate lastDay() {
      LocalDate evening = evening();
      LocalDate past = usableUntil == null ? null : usableUntil.plusDays(1);
      if (evening == null || past == null) {
        return evening == null ? past : evening;
      }
      return evening.isBefore(past) ? evening : past;
    }

    /** On whose evening even use takes the last of it; null where it takes nothing. */
    private @Nullable LocalDate evening() {
      if (sevenths.signum() == 0 || aDay.signum() == 0) {
        return null;
      }
      BigDecimal days = sevenths.divide(aDay, 0, RoundingMode.CEILING);
      return days.compareTo(MOST_DAYS) > 0 ? null : day.plusDays(days.longValueExact() - 1);
    }

    private void serve(Event event) {
      BigDecimal wanted = event.amount().multiply(DAYS_A_WEEK);
      if (sevenths.compareTo(wanted) < 0 && shortFor == null) {
        shortFor = new Short(event.date(), told(wanted.subtract(sevenths)));
      }
      sevenths = sevenths.subtract(wanted).max(BigDecimal.ZERO);
      leftAfter.add(told(sevenths));
      emptied(event.date());
    }

    private static BigDecimal told(BigDecimal ofSevenths) {
      BigDecimal value = ofSevenths.divide(DAYS_A_WEEK, SCALE, RoundingMode.HALF_EVEN);
      BigDecimal plain = value.stripTrailingZeros();
      return plain.scale() < 0 ? plain.setScale(0) : plain;
    }
  }
}

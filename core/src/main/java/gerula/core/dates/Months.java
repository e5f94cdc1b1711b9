package gerula.core.dates;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Time in months of a mean length: for rates, not for dates on the calendar. */
public final class Months {

  /** Days of a month, of 12 in a year of 365.25. */
  private static final double DAYS = 365.25 / 12;

  private Months() {}

  /**
   * From a day up to another.
   *
   * @param until exclusive; before the first the result is negative
   */
  public static double between(LocalDate from, LocalDate until) {
    return ChronoUnit.DAYS.between(from, until) / DAYS;
  }
}

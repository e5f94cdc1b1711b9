package gerula.core.restock.stock;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * What is used of a product beside bookings.
 *
 * @param perDay on average, 0 or more
 * @param deviation of one day's use
 * @param days that were looked at, 1 or more
 */
public record Baseline(double perDay, double deviation, double days) {

  private static final int DAYS_LOOKED_AT = 182;
  private static final int LEAST_DAYS = 28;
  private static final double WEEK = 7;

  public static final Baseline NONE = new Baseline(0, 0, LEAST_DAYS);

  public Baseline {
    if (!(perDay >= 0 && deviation >= 0 && days >= 1)) {
      throw new IllegalArgumentException(
          "A baseline is not below 0, but this is " + perDay + " and " + deviation + ".");
    }
  }

  /** So much was used on a day. */
  public record Used(LocalDate on, double amount) {}

  /**
   * From what was used in the last half year, or since the product is known; weeks without any use
   * count.
   *
   * @param knownSince when the product came into the kit
   */
  public static Baseline of(List<Used> used, LocalDate knownSince, LocalDate today) {
    LocalDate from = today.minusDays(DAYS_LOOKED_AT);
    LocalDate since = knownSince.isAfter(from) ? knownSince : from;
    double days = Math.max(LEAST_DAYS, ChronoUnit.DAYS.between(since, today));
    int weeks = (int) Math.ceil(days / WEEK);
    double[] ofWeek = new double[weeks];
    double sum = 0;
    for (Used one : used) {
      long ago = ChronoUnit.DAYS.between(one.on(), today);
      if (ago >= 0 && ago < days) {
        ofWeek[(int) (ago / WEEK)] += one.amount();
        sum += one.amount();
      }
    }
    if (sum <= 0) {
      return NONE;
    }
    double mean = sum / weeks;
    double squares = 0;
    for (double week : ofWeek) {
      squares += (week - mean) * (week - mean);
    }
    double ofAWeek = Math.sqrt(squares / (weeks - 1));
    return new Baseline(sum / days, ofAWeek / Math.sqrt(WEEK), days);
  }

  /** Nothing is known but that so much goes in a week: as even as chance makes it. */
  public static Baseline told(double perWeek) {
    double perDay = perWeek / WEEK;
    return new Baseline(perDay, perDay, DAYS_LOOKED_AT);
  }
}

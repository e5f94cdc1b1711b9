package gerula.core.dates;

import gerula.core.rule.School;
import java.time.Period;
import org.jspecify.annotations.Nullable;

/**
 * How long a house keeps something once it is open.
 *
 * @param afterOpening null when the house sets no limit
 */
public record HouseLimit(@Nullable Period afterOpening) {

  /** The most months a house of its own mind can set. */
  public static final int MOST_MONTHS = 120;

  /** What houses of this school do with things of this class. */
  public static HouseLimit of(School school, DateClass dateClass) {
    return new HouseLimit(dateClass.limit(school).orElse(null));
  }

  /**
   * The artist's own.
   *
   * @param months 1 to {@link #MOST_MONTHS}
   * @throws IllegalArgumentException when they lie outside
   */
  public static HouseLimit ofMonths(int months) {
    if (months < 1 || months > MOST_MONTHS) {
      throw new IllegalArgumentException(
          "A house limit lies between 1 and 120 months, but this is " + months + ".");
    }
    return new HouseLimit(Period.ofMonths(months));
  }
}

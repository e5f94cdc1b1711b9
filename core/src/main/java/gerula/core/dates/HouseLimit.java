package gerula.core.dates;

import gerula.core.rule.HouseRules;
import gerula.core.rule.School;
import java.time.Period;
import org.jspecify.annotations.Nullable;

/**
 * How long a house keeps something once it is open.
 *
 * @param afterOpening null when the house sets no limit
 */
public record HouseLimit(@Nullable Period afterOpening) {

  /** What houses of this school do with things of this class. */
  public static HouseLimit of(School school, DateClass dateClass) {
    return new HouseLimit(dateClass.limit(school).orElse(null));
  }

  /** What this house does with things of this class: its own limit, or else its school's. */
  public static HouseLimit of(HouseRules house, DateClass dateClass) {
    Integer own = house.ownMonths().get(dateClass);
    return own != null ? ofMonths(own) : of(house.dateLimits(), dateClass);
  }

  /**
   * The artist's own.
   *
   * @param months 1 to {@link HouseRules#MOST_MONTHS}
   * @throws IllegalArgumentException when they lie outside
   */
  public static HouseLimit ofMonths(int months) {
    return new HouseLimit(Period.ofMonths(HouseRules.months(months)));
  }
}

package gerula.core.restock;

import gerula.core.rule.HouseRules;
import java.time.DayOfWeek;
import java.time.LocalDate;

/** When something has to be ordered to be there in time. */
public final class OrderBy {

  private OrderBy() {}

  /**
   * The last day to order it, inclusive: the day it is needed less the house's time of delivery.
   * Common practice.
   */
  public static LocalDate day(LocalDate neededOn, HouseRules house) {
    return neededOn.minusDays(house.deliveryDays());
  }

  /** The same for so many days of delivery; a shop takes no orders on Saturdays and Sundays. */
  public static LocalDate weekday(LocalDate neededOn, int deliveryDays) {
    LocalDate day = neededOn.minusDays(deliveryDays);
    int after = day.getDayOfWeek().getValue() - DayOfWeek.FRIDAY.getValue();
    return after > 0 ? day.minusDays(after) : day;
  }
}

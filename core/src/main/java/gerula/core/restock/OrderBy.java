package gerula.core.restock;

import gerula.core.restock.shop.Shop;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;

/** When something has to be ordered to be there in time. */
public final class OrderBy {

  private OrderBy() {}

  /** The last day where it comes fastest of these shops; the house's time where none is known. */
  public static LocalDate day(LocalDate neededOn, List<Shop> shops, int deliveryDays) {
    return shops.stream()
        .map(shop -> shop.orderBy(neededOn))
        .max(Comparator.naturalOrder())
        .orElseGet(() -> weekday(neededOn, deliveryDays));
  }

  /**
   * The last day for so many days of delivery, inclusive; a shop takes no orders on Saturdays and
   * Sundays. Common practice.
   */
  private static LocalDate weekday(LocalDate neededOn, int deliveryDays) {
    LocalDate day = neededOn.minusDays(deliveryDays);
    int after = day.getDayOfWeek().getValue() - DayOfWeek.FRIDAY.getValue();
    return after > 0 ? day.minusDays(after) : day;
  }
}

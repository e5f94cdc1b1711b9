package gerula.core.restock.stock;

import gerula.core.restock.OrderBy;
import gerula.core.restock.shop.Shop;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a product is ordered.
 *
 * @param shops that offer it; empty where nobody is known to
 * @param deliveryDays from ordering to having it, where no shop is known
 * @param serviceLevel share of times it is not to run out before more is there
 * @param pack what one pack holds, above 0
 * @param daysOnceOpen how long a pack serves from when it is opened, null where it keeps
 */
public record OrderTerms(
    List<Shop> shops,
    int deliveryDays,
    double serviceLevel,
    double pack,
    @Nullable Integer daysOnceOpen) {

  /** What is enough for most. */
  public static final double USUAL_LEVEL = 0.95;

  /** What a job cannot go on without. Common practice. */
  public static final double LEVEL_OF_WHAT_STOPS_A_JOB = 0.99;

  public OrderTerms {
    shops = List.copyOf(shops);
    if (deliveryDays < 0 || !(pack > 0)) {
      throw new IllegalArgumentException("A pack holds something and takes 0 days or more.");
    }
  }

  /** The last day on which to order it where it comes fastest. */
  LocalDate orderBy(LocalDate neededOn) {
    return OrderBy.day(neededOn, shops, deliveryDays);
  }

  /** How many days from today on it takes at least. */
  int daysFrom(LocalDate today) {
    return shops.stream()
        .map(shop -> shop.arrivesOn(today))
        .min(Comparator.naturalOrder())
        .map(day -> (int) ChronoUnit.DAYS.between(today, day))
        .orElse(deliveryDays);
  }
}

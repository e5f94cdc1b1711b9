package gerula.core.restock.shop;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where one buys.
 *
 * @param deliveryDays how many of its working days an order takes, 0 to 120
 * @param workingDays on which it sends something, at least one
 * @param shipping what a parcel costs
 * @param freeFrom goods of so much are sent for nothing; null where that never is
 * @param leastOrder it sends nothing for less; null where there is none
 * @param currency ISO 4217
 * @param professionalPercent off everything for those who work in the trade; null where none is
 * @param proofUntil the last day on which the proof for it counts; null where it has no end
 */
public record Shop(
    UUID id,
    String name,
    int deliveryDays,
    Set<DayOfWeek> workingDays,
    BigDecimal shipping,
    @Nullable BigDecimal freeFrom,
    @Nullable BigDecimal leastOrder,
    String currency,
    @Nullable BigDecimal professionalPercent,
    @Nullable LocalDate proofUntil) {

  public static final Set<DayOfWeek> WEEKDAYS =
      Set.copyOf(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));

  private static final int MOST_DELIVERY_DAYS = 120;
  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

  /** A price in other money would be taken for one in its own. */
  public void requireOwnMoney(@Nullable String said) {
    if (said != null && !said.equals(currency)) {
      throw new IllegalArgumentException(
          "%s sells in %s, but this price is in %s. Say it in %s, or change the shop."
              .formatted(name, currency, said, currency));
    }
  }

  public Shop {
    workingDays = Set.copyOf(workingDays);
    if (name.isBlank()) {
      throw new IllegalArgumentException("A shop has a name.");
    }
    if (deliveryDays < 0 || deliveryDays > MOST_DELIVERY_DAYS) {
      throw new IllegalArgumentException(
          "An order takes 0 to 120 days, but this is " + deliveryDays + ".");
    }
    if (workingDays.isEmpty()) {
      throw new IllegalArgumentException("A shop works on one day of the week at least.");
    }
    amount(shipping);
    amount(freeFrom);
    amount(leastOrder);
    if (professionalPercent != null
        && (professionalPercent.signum() < 0 || professionalPercent.compareTo(HUNDRED) > 0)) {
      throw new IllegalArgumentException(
          "A discount lies between 0 and 100 percent, but this is " + professionalPercent + ".");
    }
  }

  private static void amount(@Nullable BigDecimal told) {
    if (told != null && (told.signum() < 0 || told.compareTo(BigDecimal.valueOf(1_000_000)) > 0)) {
      throw new IllegalArgumentException(
          "An amount of money lies between 0 and 1,000,000, but this is " + told + ".");
    }
  }

  /** The day on which what is ordered today is there. */
  public LocalDate arrivesOn(LocalDate ordered) {
    LocalDate day = ordered;
    for (int left = deliveryDays; left > 0; ) {
      day = day.plusDays(1);
      left -= workingDays.contains(day.getDayOfWeek()) ? 1 : 0;
    }
    return day;
  }

  /** The last day on which to order so that it is there in time. */
  public LocalDate orderBy(LocalDate neededOn) {
    LocalDate day = neededOn;
    while (arrivesOn(day).isAfter(neededOn)) {
      day = day.minusDays(1);
    }
    return day;
  }

  /** What it takes off everything on that day, as a share that is left to pay. */
  public BigDecimal shareToPay(LocalDate day) {
    boolean isProven = proofUntil == null || !day.isAfter(proofUntil);
    return professionalPercent == null || !isProven
        ? BigDecimal.ONE
        : HUNDRED.subtract(professionalPercent).movePointLeft(2);
  }
}

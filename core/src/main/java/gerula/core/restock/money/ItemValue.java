package gerula.core.restock.money;

import gerula.core.quantity.Money;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;

/**
 * What an item is worth today: what was paid, by the share that is left; of what has a date, in a
 * straight line from the day it came to its last day.
 *
 * @param source how its price is known, or why not
 * @param shareLeft 0 to 1
 * @param shareOfTime 0 to 1; 1 where it has no date
 * @param value null where its price is not known
 */
public record ItemValue(
    Bought bought,
    Prices.Source source,
    BigDecimal shareLeft,
    BigDecimal shareOfTime,
    @Nullable Money value) {

  public static ItemValue of(Bought one, Prices prices, HouseRules house, LocalDate today) {
    BigDecimal left = one.shareLeft();
    BigDecimal time = shareOfTime(one, house, today);
    Money full = prices.of(one.item().id(), one.item().size().amount());
    return new ItemValue(
        one,
        prices.of(one.item().id()).source(),
        left,
        time,
        full == null ? null : full.times(left).times(time).rounded());
  }

  private static BigDecimal shareOfTime(Bought one, HouseRules house, LocalDate today) {
    LocalDate last = one.item().useBy(house).lastDay();
    if (last == null) {
      return BigDecimal.ONE;
    }
    if (!today.isBefore(last)) {
      return BigDecimal.ZERO;
    }
    LocalDate since = one.since();
    if (since == null || !since.isBefore(last) || since.isAfter(today)) {
      return BigDecimal.ONE;
    }
    return BigDecimal.valueOf(ChronoUnit.DAYS.between(today, last))
        .divide(BigDecimal.valueOf(ChronoUnit.DAYS.between(since, last)), MathContext.DECIMAL64);
  }
}

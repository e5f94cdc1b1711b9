package gerula.core.restock.money;

import gerula.core.quantity.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Currency;
import java.util.Map;
import java.util.Optional;

/**
 * The money one reckons in, and what one unit of other money is worth in it, as the artist typed
 * it.
 *
 * @param own the money of every sum
 */
public record Rates(Currency own, Map<Currency, Rate> others) {

  private static final BigDecimal LARGEST = new BigDecimal(1_000_000);
  private static final int FINEST = 8;

  /**
   * @param worth of one unit, above 0
   * @param on the day from which it is
   */
  public record Rate(BigDecimal worth, LocalDate on) {
    public Rate {
      Rates.worth(worth);
    }
  }

  public Rates {
    others = Map.copyOf(others);
  }

  public static Rates of(Currency own) {
    return new Rates(own, Map.of());
  }

  /**
   * @return the rate itself
   * @throws IllegalArgumentException when it is not above 0, beyond a million, or finer than eight
   *     places
   */
  public static BigDecimal worth(BigDecimal told) {
    if (told.signum() <= 0 || told.compareTo(LARGEST) > 0) {
      throw new IllegalArgumentException(
          "A rate lies above 0 and is at most 1,000,000, but this is " + told + ".");
    }
    if (told.stripTrailingZeros().scale() > FINEST) {
      throw new IllegalArgumentException("A rate has at most eight decimal places.");
    }
    return told;
  }

  /** In one's own money, unrounded; empty where no rate was typed. */
  public Optional<Money> inOwn(Money told) {
    if (told.currency().equals(own)) {
      return Optional.of(told);
    }
    return Optional.ofNullable(others.get(told.currency()))
        .map(rate -> new Money(told.amount().multiply(rate.worth()), own));
  }
}

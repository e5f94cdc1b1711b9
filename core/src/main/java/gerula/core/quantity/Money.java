package gerula.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.Currency;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An amount of money, as exact as it was told. It is rounded once, half-even to the smallest coin
 * of its currency (ISO 4217), where it is shown or added up.
 */
public record Money(BigDecimal amount, Currency currency) implements Comparable<Money> {

  /** Money of no country has no coins; hundredths serve. */
  private static final int USUAL_DIGITS = 2;

  public static Money none(Currency currency) {
    return new Money(BigDecimal.ZERO, currency).rounded();
  }

  /** The sum of what was rounded one by one, so that what is shown adds up. */
  public static Money sum(Collection<Money> some, Currency currency) {
    return some.stream().map(Money::rounded).reduce(none(currency), Money::plus);
  }

  /**
   * The currency of a code of ISO 4217.
   *
   * @throws IllegalArgumentException when there is none
   */
  public static Currency currency(String code) {
    try {
      return Currency.getInstance(code);
    } catch (IllegalArgumentException _) {
      throw new IllegalArgumentException(
          "A currency is told in three letters, as EUR or SEK, but this is " + code + ".");
    }
  }

  /** The same where somebody may have written letters that are none. */
  public static Optional<Currency> currencyOf(@Nullable String code) {
    try {
      return Optional.ofNullable(code).map(Currency::getInstance);
    } catch (IllegalArgumentException _) {
      return Optional.empty();
    }
  }

  /** What somebody wrote; none where they wrote no amount or no currency there is. */
  public static Optional<Money> told(@Nullable BigDecimal amount, @Nullable String code) {
    return currencyOf(code)
        .flatMap(in -> Optional.ofNullable(amount).map(known -> new Money(known, in)));
  }

  public Money rounded() {
    int digits = currency.getDefaultFractionDigits();
    return new Money(
        amount.setScale(digits < 0 ? USUAL_DIGITS : digits, RoundingMode.HALF_EVEN), currency);
  }

  /**
   * @throws IllegalArgumentException when the currencies differ
   */
  public Money plus(Money other) {
    requireSame(other);
    return new Money(amount.add(other.amount), currency);
  }

  /**
   * @throws IllegalArgumentException when the currencies differ
   */
  public Money minus(Money other) {
    requireSame(other);
    return new Money(amount.subtract(other.amount), currency);
  }

  /** So many times as much, unrounded. */
  public Money times(BigDecimal factor) {
    return new Money(amount.multiply(factor), currency);
  }

  public boolean isNone() {
    return amount.signum() == 0;
  }

  @Override
  public int compareTo(Money other) {
    requireSame(other);
    return amount.compareTo(other.amount);
  }

  private void requireSame(Money other) {
    if (!currency.equals(other.currency)) {
      throw new IllegalArgumentException(
          "%s and %s do not add up: convert one first.".formatted(currency, other.currency));
    }
  }
}

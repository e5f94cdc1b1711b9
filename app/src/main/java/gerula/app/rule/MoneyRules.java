package gerula.app.rule;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gerula.core.quantity.Money;
import gerula.core.restock.money.Rates;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Currency;
import java.util.HashMap;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * In what money one reckons, as it is kept.
 *
 * @param currency ISO 4217; null until somebody said it
 * @param rates what one unit of other money is worth in it, by the other's code
 */
public record MoneyRules(@Nullable String currency, @Nullable SortedMap<String, TypedRate> rates) {

  public static final MoneyRules NONE = new MoneyRules(null, new TreeMap<>());

  /**
   * @param worth of one unit
   * @param on the day from which it is
   */
  public record TypedRate(BigDecimal worth, LocalDate on) {}

  public MoneyRules {
    rates = rates == null ? new TreeMap<>() : rates;
  }

  @JsonIgnore
  public boolean isTold() {
    return currency != null || !rates.isEmpty();
  }

  /**
   * @param usual in what one reckons as long as nobody said it
   */
  public Rates rates(Currency usual) {
    Map<Currency, Rates.Rate> others = new HashMap<>();
    rates.forEach(
        (code, rate) -> others.put(Money.currency(code), new Rates.Rate(rate.worth(), rate.on())));
    return new Rates(currency == null ? usual : Money.currency(currency), others);
  }
}

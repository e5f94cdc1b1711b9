package gerula.app.rule;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.CurrencyCode;
import gerula.core.quantity.Money;
import gerula.core.restock.money.Rates;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * In what money one reckons, as somebody tells it.
 *
 * @param currency ISO 4217; null: that in which most prices stand
 */
public record MoneyDraft(
    @Nullable @CurrencyCode String currency,
    @NotNull @Size(max = 30, message = "At most 30 rates are kept.")
        List<@NotNull @Valid RateDraft> rates) {

  /**
   * @param worth what one unit is worth in one's own money, above 0, at most eight decimals
   * @param on the day from which it is
   */
  public record RateDraft(
      @NotNull @CurrencyCode String currency,
      @NotNull(message = "Say what one of it is worth.") BigDecimal worth,
      @NotNull(message = "Say of which day the rate is.") LocalDate on) {}

  public static MoneyDraft of(MoneyRules rules) {
    return new MoneyDraft(
        rules.currency(),
        rules.rates().entrySet().stream()
            .map(one -> new RateDraft(one.getKey(), one.getValue().worth(), one.getValue().on()))
            .toList());
  }

  /** The same told so many days later. */
  public MoneyDraft laterBy(long days) {
    return new MoneyDraft(
        currency,
        rates.stream()
            .map(one -> new RateDraft(one.currency(), one.worth(), one.on().plusDays(days)))
            .toList());
  }

  /** Adds a fault for each currency that is none, is told twice, or has no rate one can use. */
  public void check(Faults faults, String path) {
    if (currency != null) {
      faults.build(path + "currency", () -> Money.currency(currency));
    }
    Set<String> told = new HashSet<>();
    for (int i = 0; i < rates.size(); i++) {
      RateDraft one = rates.get(i);
      String at = path + "rates[" + i + "].";
      faults.build(at + "currency", () -> Money.currency(one.currency()));
      faults.build(at + "worth", () -> Rates.worth(one.worth()));
      faults.unless(
          !one.currency().equals(currency),
          at + "currency",
          "rule",
          "Your own money needs no rate.");
      faults.unless(
          told.add(one.currency()), at + "currency", "twice", "This currency has two rates.");
    }
  }

  public MoneyRules toRules() {
    TreeMap<String, MoneyRules.TypedRate> all = new TreeMap<>();
    rates.forEach(one -> all.put(one.currency(), new MoneyRules.TypedRate(one.worth(), one.on())));
    return new MoneyRules(currency, all);
  }
}

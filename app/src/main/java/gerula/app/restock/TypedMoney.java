package gerula.app.restock;

import gerula.app.platform.errors.Faults;
import gerula.core.quantity.Money;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** An amount and its currency as somebody typed them. */
final class TypedMoney {

  private TypedMoney() {}

  /** Adds a fault where one stands without the other, or the currency is none. */
  static void check(
      Faults faults, String path, @Nullable BigDecimal amount, @Nullable String currency) {
    faults.unless(
        (amount == null) == (currency == null),
        path + "currency",
        "rule",
        "A price has a currency, like EUR.");
    if (currency != null) {
      faults.build(path + "currency", () -> Money.currency(currency));
    }
  }
}

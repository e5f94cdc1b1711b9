package gerula.core.restock.money;

import gerula.core.kit.Given;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Items with what was paid for them: ordinary ones, of which a test states what it is about. */
final class GivenMoney {

  static final Currency EUR = Currency.getInstance("EUR");
  static final Currency SEK = Currency.getInstance("SEK");
  static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  static final Rates RATES =
      new Rates(EUR, Map.of(SEK, new Rates.Rate(new BigDecimal("0.088"), TODAY)));

  private GivenMoney() {}

  static Money euros(String amount) {
    return new Money(new BigDecimal(amount), EUR);
  }

  static Bought bought(Given.Thing thing, @Nullable String paid) {
    return bought(thing.item(), paid);
  }

  static Bought bought(Item item, @Nullable String paid) {
    return new Bought(item, paid == null ? null : euros(paid), null, null, 0, null, null);
  }

  static Bought used(Bought one, int uses, @Nullable LocalDate last) {
    return new Bought(one.item(), one.paid(), one.knownSince(), last, uses, null, null);
  }

  static Bought gone(Bought one, DiscardCause cause, LocalDate on) {
    return new Bought(
        one.item(), one.paid(), one.knownSince(), one.lastUsed(), one.uses(), on, cause);
  }

  static Prices prices(Collection<Bought> some) {
    return new Prices(some, List.of(), RATES);
  }
}

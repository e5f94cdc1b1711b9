package gerula.core.restock.money;

import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Money;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What was spent in a time. What was sent back is not, and a container filled from a pack was not
 * bought.
 *
 * @param purchases in the order of their days
 * @param withoutDay bought at a known price on a day nobody told: in no month
 * @param withoutRate paid in money of which no rate was typed: in no month
 */
public record Spend(Currency currency, List<Purchase> purchases, int withoutDay, int withoutRate) {

  public Spend {
    purchases = List.copyOf(purchases);
  }

  /** One pack, rounded. */
  public record Purchase(UUID item, LocalDate on, ProductClass productClass, Money paid) {}

  /**
   * @param from inclusive
   * @param to inclusive
   */
  public static Spend of(Collection<Bought> some, Rates rates, LocalDate from, LocalDate to) {
    List<Purchase> found = new ArrayList<>();
    int noDay = 0;
    int noRate = 0;
    for (Bought one : some) {
      if (one.paid() == null || !one.isPack() || one.cause() == DiscardCause.RETURNED) {
        continue;
      }
      Optional<Money> own = rates.inOwn(one.paid());
      LocalDate on = one.item().dates().boughtOn();
      if (own.isEmpty()) {
        noRate++;
      } else if (on == null) {
        noDay++;
      } else if (!on.isBefore(from) && !on.isAfter(to)) {
        ProductClass of = one.item().product().productClass();
        found.add(new Purchase(one.item().id(), on, of, own.get().rounded()));
      }
    }
    found.sort(Comparator.comparing(Purchase::on).thenComparing(Purchase::item));
    return new Spend(rates.own(), found, noDay, noRate);
  }

  public Money total() {
    return Money.sum(purchases.stream().map(Purchase::paid).toList(), currency);
  }

  /** What each class cost in a month; those of which nothing was bought are missing. */
  public Map<ProductClass, Money> in(YearMonth month) {
    Map<ProductClass, Money> found = new EnumMap<>(ProductClass.class);
    purchases.stream()
        .filter(one -> YearMonth.from(one.on()).equals(month))
        .forEach(one -> found.merge(one.productClass(), one.paid(), Money::plus));
    return found;
  }
}

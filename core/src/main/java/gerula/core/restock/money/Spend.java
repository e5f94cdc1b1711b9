package gerula.core.restock.money;

import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Money;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
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
  public record Purchase(UUID item, LocalDate on, Section section, Money paid) {}

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
        Section section = one.item().product().productClass().section();
        found.add(new Purchase(one.item().id(), on, section, own.get().rounded()));
      }
    }
    found.sort(Comparator.comparing(Purchase::on).thenComparing(Purchase::item));
    return new Spend(rates.own(), found, noDay, noRate);
  }

  public Money total() {
    return Money.sum(purchases.stream().map(Purchase::paid).toList(), currency);
  }

  public Money in(YearMonth month, Section section) {
    return Money.sum(
        purchases.stream()
            .filter(one -> YearMonth.from(one.on()).equals(month) && one.section() == section)
            .map(Purchase::paid)
            .toList(),
        currency);
  }
}

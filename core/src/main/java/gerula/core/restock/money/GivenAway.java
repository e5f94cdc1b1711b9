package gerula.core.restock.money;

import gerula.core.kit.item.DiscardCause;
import gerula.core.quantity.Money;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What left the kit with somebody: a touch-up jar, a lip colour in its tube. */
public final class GivenAway {

  private GivenAway() {}

  /**
   * What was in it, as far as its price is known.
   *
   * @param from inclusive
   * @param to inclusive
   */
  public static Money of(Collection<Bought> some, Prices prices, LocalDate from, LocalDate to) {
    return Money.sum(
        some.stream()
            .filter(one -> one.cause() == DiscardCause.GIVEN_AWAY)
            .filter(one -> isWithin(one.discardedOn(), from, to))
            .map(one -> prices.of(one.item().id(), one.item().left().amount()))
            .filter(Objects::nonNull)
            .toList(),
        prices.rates().own());
  }

  private static boolean isWithin(@Nullable LocalDate day, LocalDate from, LocalDate to) {
    return day != null && !day.isBefore(from) && !day.isAfter(to);
  }
}

package gerula.core.restock.money;

import gerula.core.quantity.Money;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What one unit of each item's content costs. A pack tells it by what was paid for it; a container
 * by the packs it was filled from, in the proportion in which they went in.
 */
public final class Prices {

  /** How a price is known, or why it is not. */
  public enum Source implements Code {
    PAID,
    FROM_ITS_PACK,
    /** Paid in money of which no rate was typed. */
    NO_RATE,
    NOT_TOLD
  }

  /**
   * @param perUnit in one's own money by the unit of the product, unrounded; null where it is not
   *     known
   */
  public record UnitPrice(Source source, @Nullable BigDecimal perUnit) {
    static final UnitPrice NOT_TOLD = new UnitPrice(Source.NOT_TOLD, null);
  }

  /**
   * That something of a source is in a container.
   *
   * @param amount above 0, in the unit of the product
   */
  public record Filled(UUID container, UUID source, BigDecimal amount) {}

  private final Rates rates;
  private final Map<UUID, Bought> bought = new HashMap<>();
  private final Map<UUID, List<Filled>> filled = new HashMap<>();
  private final Map<UUID, UnitPrice> known = new HashMap<>();

  /**
   * @param some all items, those that are gone with them
   * @param fillings that are still in their containers
   */
  public Prices(Collection<Bought> some, Collection<Filled> fillings, Rates rates) {
    this.rates = rates;
    some.forEach(one -> bought.put(one.item().id(), one));
    for (Filled one : fillings) {
      filled.merge(one.container(), List.of(one), Prices::both);
    }
  }

  private static List<Filled> both(List<Filled> one, List<Filled> other) {
    return Stream.concat(one.stream(), other.stream()).toList();
  }

  public Rates rates() {
    return rates;
  }

  public UnitPrice of(UUID item) {
    return of(item, new HashSet<>());
  }

  /** What so much of it costs, unrounded; null where its price is not known. */
  @Nullable Money of(UUID item, BigDecimal amount) {
    BigDecimal perUnit = of(item).perUnit();
    return perUnit == null ? null : new Money(perUnit.multiply(amount), rates.own());
  }

  private UnitPrice of(UUID item, Set<UUID> asked) {
    UnitPrice before = known.get(item);
    if (before != null) {
      return before;
    }
    if (!asked.add(item)) {
      return UnitPrice.NOT_TOLD;
    }
    UnitPrice price = workedOut(item, asked);
    known.put(item, price);
    return price;
  }

  private UnitPrice workedOut(UUID item, Set<UUID> asked) {
    Bought one = bought.get(item);
    if (one != null && one.paid() != null) {
      return rates
          .inOwn(one.paid())
          .map(own -> paid(own, one))
          .orElse(new UnitPrice(Source.NO_RATE, null));
    }
    return fromItsPacks(filled.getOrDefault(item, List.of()), asked);
  }

  private static UnitPrice paid(Money own, Bought one) {
    return new UnitPrice(
        Source.PAID, own.amount().divide(one.item().size().amount(), MathContext.DECIMAL64));
  }

  private UnitPrice fromItsPacks(List<Filled> fillings, Set<UUID> asked) {
    BigDecimal cost = BigDecimal.ZERO;
    BigDecimal amount = BigDecimal.ZERO;
    for (Filled one : fillings) {
      BigDecimal perUnit = of(one.source(), asked).perUnit();
      if (perUnit == null) {
        return UnitPrice.NOT_TOLD;
      }
      cost = cost.add(perUnit.multiply(one.amount()));
      amount = amount.add(one.amount());
    }
    return amount.signum() == 0
        ? UnitPrice.NOT_TOLD
        : new UnitPrice(Source.FROM_ITS_PACK, cost.divide(amount, MathContext.DECIMAL64));
  }
}

package gerula.core.restock.money;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Money;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a booking costs in material: the least a kit fee has to cover.
 *
 * @param parts each rounded; those that cost nothing are missing
 * @param lines what it takes, the dearest first
 * @param unpriced items it takes at a price nobody knows: it costs more than this
 */
public record BookingCost(
    Currency currency, Map<Part, Money> parts, List<Line> lines, int unpriced) {

  /** What the money goes for. */
  public enum Part implements Code {
    PRODUCTS,
    DISPOSABLES,
    GIVEN_AWAY,
    WRITTEN_OFF,
    SHIPPING
  }

  /**
   * So much of an item is used.
   *
   * @param amount in the unit of its product; below 0 where more was left than was thought
   */
  public record Taken(Item item, BigDecimal amount) {}

  /** What one item costs, rounded. */
  public record Line(Item item, BigDecimal amount, Money cost) {}

  /**
   * What comes beside what is used.
   *
   * @param givenAway what leaves the kit with somebody
   * @param writtenOff what is contaminated, broken or lost
   * @param shippingShare what shipping costs by the price of goods, 0 or more
   */
  public record Besides(Money givenAway, Money writtenOff, BigDecimal shippingShare) {}

  public BookingCost {
    parts = Map.copyOf(parts);
    lines = List.copyOf(lines);
  }

  public static BookingCost of(Collection<Taken> taken, Besides besides, Prices prices) {
    Currency own = prices.rates().own();
    List<Line> lines = new ArrayList<>();
    int unpriced = 0;
    for (Taken one : taken) {
      if (one.amount().signum() <= 0) {
        continue;
      }
      Money cost = prices.of(one.item().id(), one.amount());
      if (cost == null) {
        unpriced++;
      } else {
        lines.add(new Line(one.item(), one.amount(), cost.rounded()));
      }
    }
    lines.sort(
        Comparator.comparing(Line::cost)
            .reversed()
            .thenComparing(line -> line.item().product().fullName())
            .thenComparing(line -> line.item().id()));
    return new BookingCost(own, parts(lines, besides, own), lines, unpriced);
  }

  private static Map<Part, Money> parts(List<Line> lines, Besides besides, Currency own) {
    Map<Part, Money> parts = new EnumMap<>(Part.class);
    lines.forEach(line -> parts.merge(part(line.item()), line.cost(), Money::plus));
    add(parts, Part.GIVEN_AWAY, besides.givenAway());
    add(parts, Part.WRITTEN_OFF, besides.writtenOff());
    add(parts, Part.SHIPPING, Money.sum(parts.values(), own).times(besides.shippingShare()));
    parts.values().removeIf(Money::isNone);
    return parts;
  }

  private static void add(Map<Part, Money> parts, Part part, Money cost) {
    parts.merge(part, cost.rounded(), Money::plus);
  }

  private static Part part(Item item) {
    return item.product().productClass().section() == Section.DISPOSABLES
        ? Part.DISPOSABLES
        : Part.PRODUCTS;
  }

  public Money total() {
    return Money.sum(parts.values(), currency);
  }

  /**
   * @param faces that are done, a face on two days is two
   * @return null where there are none
   */
  public @Nullable Money perFace(int faces) {
    Money total = total();
    return faces < 1
        ? null
        : new Money(
                total.amount().divide(BigDecimal.valueOf(faces), MathContext.DECIMAL64), currency)
            .rounded();
  }
}

package gerula.core.restock.money;

import gerula.core.kit.product.Section;
import gerula.core.quantity.Money;
import gerula.core.restock.range.Unused;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What the kit is worth.
 *
 * @param items all that are in the kit
 */
public record KitValue(Currency currency, List<ItemValue> items) {

  public KitValue {
    items = List.copyOf(items);
  }

  public static KitValue of(
      Collection<Bought> some, Prices prices, HouseRules house, LocalDate today) {
    return new KitValue(
        prices.rates().own(),
        some.stream()
            .filter(Bought::isInKit)
            .sorted(Comparator.comparing(one -> one.item().id()))
            .map(one -> ItemValue.of(one, prices, house, today))
            .toList());
  }

  public Money total() {
    return sum(items);
  }

  /** By the part of the work, where something is. */
  public Map<Section, Money> bySection() {
    Map<Section, Money> sums = new EnumMap<>(Section.class);
    for (ItemValue one : items) {
      if (one.value() != null) {
        sums.merge(
            one.bought().item().product().productClass().section(), one.value(), Money::plus);
      }
    }
    return sums;
  }

  /** How many prices are not known for that reason. */
  public long without(Prices.Source reason) {
    return items.stream().filter(one -> one.source() == reason).count();
  }

  /**
   * What lies unused: worth something, in the kit for so many months and not used in them. The
   * dearest first.
   */
  public List<ItemValue> unusedFor(int months, LocalDate today) {
    return items.stream()
        .filter(one -> one.value() != null && !one.value().isNone())
        .filter(one -> Unused.is(one.bought().since(), one.bought().lastUsed(), months, today))
        .sorted(Comparator.comparing(ItemValue::value, Comparator.reverseOrder()))
        .toList();
  }

  public Money sum(Collection<ItemValue> some) {
    return Money.sum(
        some.stream().map(ItemValue::value).filter(Objects::nonNull).toList(), currency);
  }
}

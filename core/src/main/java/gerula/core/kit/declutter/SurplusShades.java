package gerula.core.kit.declutter;

import gerula.core.kit.declutter.DeclutterAdvice.UseFacts;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.RangePractice;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Shades of a base that a house does not carry: of a range that has more than it carries those
 * whose neighbours lie closest, one after the other. The lightest and the deepest stay, and so does
 * what has no depth, as mixers have none.
 */
final class SurplusShades {

  private SurplusShades() {}

  /** One shade of a range and every pack of it. */
  private record RangeShade(double depth, List<Item> packs) {

    int uses(Map<UUID, UseFacts> facts) {
      return packs.stream().mapToInt(one -> facts.get(one.id()).usesInAYear()).sum();
    }

    String name() {
      return packs.getFirst().product().shade();
    }
  }

  static Set<UUID> of(Collection<Item> kit, Map<UUID, UseFacts> facts, RangePractice carried) {
    Map<String, List<Item>> ranges =
        kit.stream()
            .filter(item -> !item.isDiscarded())
            .filter(item -> item.product().productClass() == ProductClass.FOUNDATION)
            .filter(item -> item.product().depth() != null && facts.containsKey(item.id()))
            .sorted(Item.BY_ID)
            .collect(Collectors.groupingBy(item -> range(item.product())));
    Set<UUID> surplus = new HashSet<>();
    ranges.values().forEach(range -> addOf(shades(range), carried.shades(), facts, surplus));
    return surplus;
  }

  private static String range(Product product) {
    return product.maker() + "\n" + product.name();
  }

  private static List<RangeShade> shades(List<Item> range) {
    return range.stream()
        .collect(Collectors.groupingBy(item -> item.product().depth()))
        .entrySet()
        .stream()
        .map(entry -> new RangeShade(entry.getKey(), entry.getValue()))
        .sorted(Comparator.comparingDouble(RangeShade::depth))
        .collect(Collectors.toCollection(ArrayList::new));
  }

  private static void addOf(
      List<RangeShade> shades, int carried, Map<UUID, UseFacts> facts, Set<UUID> surplus) {
    while (shades.size() > Math.max(carried, 2)) {
      List<RangeShade> left = shades;
      RangeShade closest =
          shades.subList(1, shades.size() - 1).stream()
              .min(
                  Comparator.<RangeShade>comparingDouble(one -> hole(left, one))
                      .thenComparingInt(one -> one.uses(facts))
                      .thenComparing(RangeShade::name))
              .orElseThrow();
      closest.packs().forEach(one -> surplus.add(one.id()));
      shades.remove(closest);
    }
  }

  /** How far its neighbours would lie apart without it. */
  private static double hole(List<RangeShade> shades, RangeShade one) {
    int at = shades.indexOf(one);
    return shades.get(at + 1).depth() - shades.get(at - 1).depth();
  }
}

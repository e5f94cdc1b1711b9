package gerula.core.restock.range;

import gerula.core.kit.product.Product;
import gerula.core.quantity.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What fills the holes of a kit, in the order in which to buy it: first what fills the most for its
 * price. Of a line of which several shades would be bought and none is there, one is tried for a
 * month before the others are bought.
 *
 * @param buys in that order
 * @param notOffered what no offer fills, the most missed first
 */
public record BuyingOrder(List<Buy> buys, List<Hole> notOffered) {

  /** Something to buy, at the price of one pack in one's own money. */
  public record Candidate(UUID offer, Product product, Money price) {}

  /**
   * @param fills how many holes it fills that were still open, by need, depth and kind of work
   * @param trial whether it is tried before the others of its line are bought
   * @param after the one to be tried before this is bought; null where none is
   */
  public record Buy(Candidate candidate, int fills, boolean trial, @Nullable UUID after) {}

  private record Line(String maker, String name) {
    static Line of(Product product) {
      return new Line(product.maker(), product.name());
    }
  }

  public BuyingOrder {
    buys = List.copyOf(buys);
    notOffered = List.copyOf(notOffered);
  }

  /**
   * @param owned products that are in the kit
   */
  public static BuyingOrder of(
      List<Hole> holes, Collection<Candidate> candidates, Collection<Product> owned) {
    Map<Candidate, Set<Hole.Part>> fills =
        candidates.stream()
            .collect(Collectors.toMap(one -> one, one -> parts(one.product(), holes), (a, _) -> a));
    fills.values().removeIf(Set::isEmpty);
    List<Buy> buys = new ArrayList<>();
    Set<Hole.Part> filled = new HashSet<>();
    while (true) {
      Candidate best = best(fills, filled);
      if (best == null) {
        break;
      }
      int before = filled.size();
      filled.addAll(fills.remove(best));
      buys.add(new Buy(best, filled.size() - before, false, null));
    }
    return new BuyingOrder(
        withTrials(buys, owned),
        holes.stream()
            .filter(hole -> hole.parts().stream().noneMatch(filled::contains))
            .sorted(Comparator.comparingInt((Hole hole) -> hole.parts().size()).reversed())
            .toList());
  }

  private static Set<Hole.Part> parts(Product product, List<Hole> holes) {
    return holes.stream()
        .flatMap(hole -> hole.filledBy(product).stream())
        .collect(Collectors.toSet());
  }

  private static @Nullable Candidate best(
      Map<Candidate, Set<Hole.Part>> fills, Set<Hole.Part> filled) {
    Candidate best = null;
    BigDecimal most = BigDecimal.ZERO;
    for (Map.Entry<Candidate, Set<Hole.Part>> one : fills.entrySet()) {
      long open = one.getValue().stream().filter(part -> !filled.contains(part)).count();
      if (open == 0) {
        continue;
      }
      BigDecimal worth = perMoney(open, one.getKey().price());
      int compared = worth.compareTo(most);
      if (best == null
          || compared > 0
          || (compared == 0 && BY_NAME.compare(one.getKey(), best) < 0)) {
        best = one.getKey();
        most = worth;
      }
    }
    return best;
  }

  private static final Comparator<Candidate> BY_NAME =
      Comparator.comparing(Candidate::price)
          .thenComparing(one -> one.product().fullName())
          .thenComparing(Candidate::offer);

  /** What costs nothing is taken before everything. */
  private static BigDecimal perMoney(long open, Money price) {
    return price.amount().signum() <= 0
        ? new BigDecimal("1e12").multiply(BigDecimal.valueOf(open))
        : BigDecimal.valueOf(open).divide(price.amount(), MathContext.DECIMAL64);
  }

  private static List<Buy> withTrials(List<Buy> buys, Collection<Product> owned) {
    Set<Line> known = owned.stream().map(Line::of).collect(Collectors.toSet());
    Map<Line, List<Buy>> shades =
        buys.stream()
            .filter(buy -> buy.candidate().product().depth() != null)
            .collect(Collectors.groupingBy(buy -> Line.of(buy.candidate().product())));
    return buys.stream()
        .map(
            buy -> {
              Line line = Line.of(buy.candidate().product());
              List<Buy> same = shades.getOrDefault(line, List.of());
              boolean isNew = same.size() > 1 && same.contains(buy) && !known.contains(line);
              if (!isNew) {
                return buy;
              }
              Buy first = same.getFirst();
              return buy.equals(first)
                  ? new Buy(buy.candidate(), buy.fills(), true, null)
                  : new Buy(buy.candidate(), buy.fills(), false, first.candidate().product().id());
            })
        .toList();
  }
}

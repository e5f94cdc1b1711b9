package gerula.core.restock.range;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.shade.ColourDifference;
import gerula.core.shade.Lab;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Products that do the same: of one class, form, finish and coverage, with the same traits, and of
 * colours that nobody tells apart. Several packs of one product are doubles kept on purpose.
 *
 * @param one the one of whom more is left, or that comes first by name
 * @param difference by CIEDE2000
 */
public record Duplicates(Product one, Product other, double difference) {

  /** Side by side on skin two colours nearer than this look alike. Common practice. */
  public static final double ALIKE = 2;

  /** What the core does not compute with and tells two products apart. */
  public record Look(@Nullable Finish finish, @Nullable Coverage coverage) {
    public static final Look UNKNOWN = new Look(null, null);
  }

  private record Job(ProductClass productClass, Form form, Set<Trait> traits, Look look) {}

  private record Coloured(Product product, Lab colour) {}

  /**
   * Each pair once, those that differ least first.
   *
   * @param looks by product
   */
  public static List<Duplicates> of(Collection<Item> kit, Map<UUID, Look> looks) {
    Map<UUID, Product> products = new LinkedHashMap<>();
    kit.stream()
        .filter(item -> !item.isDiscarded() && !item.left().isNone())
        .map(Item::product)
        .filter(product -> product.productClass().leavesColour())
        .filter(product -> product.shades().isEmpty() && product.colour() != null)
        .sorted(Comparator.comparing(Product::fullName).thenComparing(Product::id))
        .forEach(product -> products.putIfAbsent(product.id(), product));
    Map<Job, List<Coloured>> byJob =
        products.values().stream()
            .map(one -> new Coloured(one, Lab.ofSrgb(Objects.requireNonNull(one.colour()))))
            .collect(
                Collectors.groupingBy(
                    one -> job(one.product(), looks), LinkedHashMap::new, Collectors.toList()));
    List<Duplicates> pairs = new ArrayList<>();
    byJob.values().forEach(some -> addPairs(some, pairs));
    pairs.sort(
        Comparator.comparingDouble(Duplicates::difference)
            .thenComparing(pair -> pair.one().fullName())
            .thenComparing(pair -> pair.other().fullName())
            .thenComparing(pair -> pair.other().id()));
    return pairs;
  }

  private static Job job(Product product, Map<UUID, Look> looks) {
    return new Job(
        product.productClass(),
        product.form(),
        product.traits(),
        looks.getOrDefault(product.id(), Look.UNKNOWN));
  }

  private static void addPairs(List<Coloured> some, List<Duplicates> pairs) {
    for (int i = 0; i < some.size(); i++) {
      for (int j = i + 1; j < some.size(); j++) {
        Coloured one = some.get(i);
        Coloured other = some.get(j);
        if (ColourDifference.atLeast(one.colour(), other.colour()) <= ALIKE) {
          double difference = ColourDifference.between(one.colour(), other.colour());
          if (difference <= ALIKE) {
            pairs.add(new Duplicates(one.product(), other.product(), difference));
          }
        }
      }
    }
  }
}

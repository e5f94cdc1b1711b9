package gerula.core.cleandown.brushes;

import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The brushes that go along on a booking, as sets, and its days. */
public final class BrushRun {

  /** So many has a set of which nobody said it. From memory. */
  public static final int USUAL_BRUSHES = 12;

  /** When a day begins of which nobody said it, and how long it takes. From memory. */
  private static final LocalTime USUAL_CALL = LocalTime.of(8, 0);

  private static final int USUAL_HOURS = 10;

  private BrushRun() {}

  /**
   * Sets by the ids of their items; single brushes of one named set are a set, by its name.
   *
   * @param along what goes along
   */
  public static List<BrushSet> sets(Collection<Item> along) {
    List<BrushSet> sets = new ArrayList<>();
    along.stream()
        .filter(item -> item.product().productClass() == ProductClass.BRUSH_SET)
        .map(item -> new BrushSet(item.id().toString(), brushes(item.product()), isDense(item)))
        .forEach(sets::add);
    Map<String, List<Item>> named =
        along.stream()
            .filter(item -> item.product().productClass().isSingleBrush())
            .filter(item -> !item.brushSet().isBlank())
            .collect(Collectors.groupingBy(Item::brushSet, TreeMap::new, Collectors.toList()));
    named.forEach(
        (name, brushes) ->
            sets.add(
                new BrushSet(
                    name,
                    Math.min(200, brushes.size()),
                    brushes.stream().anyMatch(BrushRun::isDense))));
    return sets;
  }

  /** The set that is clean and shared and comes first by its name. */
  public static Optional<Item> nextSet(Collection<Item> kit) {
    return kit.stream()
        .filter(item -> item.product().productClass() == ProductClass.BRUSH_SET)
        .filter(item -> item.cleanliness() == Cleanliness.CLEAN && !item.isDiscarded())
        .filter(item -> item.forWhom() instanceof ForWhom.Everybody && item.now() != null)
        .min(
            Comparator.comparing((Item item) -> item.product().fullName())
                .thenComparing(Item.BY_ID));
  }

  /** How many there are to wash: of a set of which nobody said it as many as most have. */
  public static int brushes(Product product) {
    if (product.productClass() != ProductClass.BRUSH_SET) {
      return 1;
    }
    return product.brushes() == null ? USUAL_BRUSHES : product.brushes();
  }

  private static boolean isDense(Item item) {
    return item.product().has(Trait.DENSE);
  }

  /**
   * A day as far as it is known.
   *
   * @param call null when nobody said
   * @param wrap null when nobody said
   */
  public static BrushDay day(
      LocalDate date, @Nullable LocalTime call, @Nullable LocalTime wrap, int faces) {
    LocalTime begins = call == null ? USUAL_CALL : call;
    return new BrushDay(
        date, begins, wrap == null ? begins.plusHours(USUAL_HOURS) : wrap, Math.min(100, faces));
  }
}

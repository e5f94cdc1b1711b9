package gerula.core.packing;

import gerula.core.booking.Need;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Sets that are made of single brushes: those that the artist gave one set's name. */
final class BrushSets {

  /** With fewer kinds nobody works on a whole face. Common practice. */
  private static final int LEAST_KINDS = 4;

  private final Suitability suitability;
  private final Map<String, List<Item>> byName = new TreeMap<>();

  /**
   * @param kit in the order in which equal choices are made
   */
  BrushSets(Collection<Item> kit, Suitability suitability) {
    this.suitability = suitability;
    kit.stream()
        .filter(item -> !item.brushSet().isBlank())
        .filter(item -> item.product().productClass().isSingleBrush())
        .forEach(item -> byName.computeIfAbsent(item.brushSet(), _ -> new ArrayList<>()).add(item));
  }

  /** Sets of which every brush may be taken, clean ones first. */
  List<List<Item>> ready(Need need) {
    return byName.values().stream()
        .filter(brushes -> kinds(brushes).size() >= LEAST_KINDS)
        .filter(
            brushes -> brushes.stream().allMatch(item -> suitability.refusal(need, item).isEmpty()))
        .sorted(
            Comparator.<List<Item>, Boolean>comparing(BrushSets::isDue)
                .thenComparing(List::size)
                .thenComparing(brushes -> brushes.getFirst().brushSet()))
        .toList();
  }

  private static Set<ProductClass> kinds(List<Item> brushes) {
    Set<ProductClass> kinds = EnumSet.noneOf(ProductClass.class);
    brushes.forEach(item -> kinds.add(item.product().productClass()));
    return kinds;
  }

  private static boolean isDue(List<Item> brushes) {
    return brushes.stream().anyMatch(item -> item.cleanliness() != Cleanliness.CLEAN);
  }
}

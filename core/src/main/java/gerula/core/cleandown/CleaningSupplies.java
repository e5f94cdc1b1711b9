package gerula.core.cleandown;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a kit has to clean with beside alcohol.
 *
 * @param wipes for surfaces and packs, pieces
 * @param detergentMl to wash brushes, ml; a gram counts as a millilitre
 */
public record CleaningSupplies(int wipes, int detergentMl) {

  private static final Set<ProductClass> WIPES =
      EnumSet.of(ProductClass.SURFACE_WIPE, ProductClass.WIPE);

  /** What is at hand and not discarded. */
  public static CleaningSupplies of(Collection<Item> kit, PlaceTree places) {
    int wipes =
        atHand(kit, places)
            .filter(item -> WIPES.contains(item.product().productClass()))
            .filter(item -> item.left().unit() == Unit.PIECE)
            .mapToInt(item -> item.left().amount().intValue())
            .sum();
    int detergent =
        atHand(kit, places)
            .filter(item -> item.product().productClass() == ProductClass.BRUSH_CLEANER)
            .filter(item -> item.left().unit() != Unit.PIECE)
            .mapToInt(item -> item.left().amount().intValue())
            .sum();
    return new CleaningSupplies(wipes, detergent);
  }

  private static Stream<Item> atHand(Collection<Item> kit, PlaceTree places) {
    return kit.stream().filter(item -> !item.isDiscarded() && !places.isElsewhere(item.now()));
  }
}

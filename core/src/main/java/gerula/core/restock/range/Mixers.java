package gerula.core.restock.range;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.shade.Lab;
import java.util.Collection;
import java.util.Objects;

/**
 * With what a base is made lighter or deeper.
 *
 * @param lightens whether the kit has one that does
 * @param deepens whether the kit has one that does
 * @param unmeasured mixers of which nobody knows the colour
 */
public record Mixers(boolean lightens, boolean deepens, long unmeasured) {

  /** CIELAB lightness above which a mixer lightens any base but the lightest. From memory. */
  private static final double LIGHT = 80;

  /** Below it a mixer deepens any base but the deepest. From memory. */
  private static final double DEEP = 40;

  public static Mixers of(Collection<Item> kit) {
    var mixers =
        kit.stream()
            .filter(item -> !item.isDiscarded() && !item.left().isNone())
            .map(Item::product)
            .filter(product -> product.classes().contains(ProductClass.MIXER))
            .toList();
    var colours =
        mixers.stream()
            .map(product -> product.colour())
            .filter(Objects::nonNull)
            .map(Lab::ofSrgb)
            .toList();
    return new Mixers(
        colours.stream().anyMatch(colour -> colour.l() >= LIGHT),
        colours.stream().anyMatch(colour -> colour.l() <= DEEP),
        mixers.size() - colours.size());
  }
}

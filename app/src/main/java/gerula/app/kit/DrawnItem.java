package gerula.app.kit;

import gerula.core.kit.item.Item;
import gerula.core.kit.item.Mark;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * As much of an item as it takes to draw and to name it: an {@link KitRecords.ItemView} has more.
 */
public record DrawnItem(UUID id, DrawnProduct product, DrawnMarks marks) {

  public static DrawnItem of(Item item, KitViews now) {
    Product product = item.product();
    return new DrawnItem(
        item.id(),
        new DrawnProduct(
            product.id(),
            product.maker(),
            product.name(),
            product.shade(),
            product.colour(),
            product.depth(),
            product.productClass()),
        new DrawnMarks(new DrawnMark(now.marks(item).date().state())));
  }

  /**
   * What a piece is called.
   *
   * @param colour sRGB as #rrggbb, null when unknown
   */
  public record DrawnProduct(
      UUID id,
      String maker,
      String name,
      String shade,
      @Nullable String colour,
      @Nullable Double depth,
      ProductClass productClass) {}

  /** Of the four marks the one that is drawn. */
  public record DrawnMarks(DrawnMark date) {}

  /** How a mark stands. */
  public record DrawnMark(Mark.State state) {}
}

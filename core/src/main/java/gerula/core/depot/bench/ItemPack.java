package gerula.core.depot.bench;

import gerula.core.depot.Content;
import gerula.core.depot.Contents;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Density;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.quantity.Volume;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A thing of the kit as a pack on the bench, and amounts of it between the unit of its product and
 * volumes.
 */
public final class ItemPack {

  private final Item item;
  private final Content content;

  /**
   * @throws IllegalArgumentException when it is counted in pieces, which are not poured
   */
  public ItemPack(Item item, Content content) {
    if (item.left().unit() == Unit.PIECE) {
      throw new IllegalArgumentException(
          item.product().name() + " is counted in pieces, which are not decanted but moved.");
    }
    this.item = item;
    this.content = content;
  }

  /**
   * @param use in the unit of the product
   */
  public Pack pack(UseRate use, HouseRules house) {
    Volume left = volume(item.left());
    Density density = Contents.density(content);
    return new Pack(
        item.id().toString(),
        content,
        left,
        density,
        item.mass().without(density.massOf(left)),
        item.measures().volume(),
        volume(use.amount()).times(1 / use.months()),
        item.useBy(house).lastDay());
  }

  /** The room that so much of it takes. */
  public Volume volume(Quantity amount) {
    return Contents.volume(amount, content);
  }

  /** So much of it, in the unit of its product; never more than is left. */
  public Quantity amount(Volume volume) {
    double amount =
        item.left().unit() == Unit.G
            ? Contents.density(content).massOf(volume).exactGrams()
            : volume.ml();
    BigDecimal exact = BigDecimal.valueOf(amount).setScale(3, RoundingMode.HALF_EVEN);
    return Quantity.of(exact.min(item.left().amount()), item.left().unit());
  }
}

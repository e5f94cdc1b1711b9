package gerula.core.depot.bench;

import gerula.core.depot.Content;
import gerula.core.depot.Contents;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A thing of the kit as a pack on the bench, and amounts of it between the unit of its product and
 * ml.
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
   * @param usePerMonth in the unit of the product, 0 or more
   */
  public Pack pack(double usePerMonth, HouseRules house) {
    double contentMl = ml(item.left().amount().doubleValue());
    double density = Contents.densityGPerMl(content);
    double tareG = Math.max(0, item.mass().grams() - contentMl * density);
    return new Pack(
        item.id().toString(),
        content,
        contentMl,
        density,
        tareG,
        item.measures().volumeMl(),
        ml(usePerMonth),
        item.useBy(house).lastDay());
  }

  /** An amount in the unit of its product, in ml. */
  public double ml(double amount) {
    return item.left().unit() == Unit.G ? amount / Contents.densityGPerMl(content) : amount;
  }

  /** An amount in ml, in the unit of its product; never more than is left. */
  public Quantity ofMl(double ml) {
    double amount = item.left().unit() == Unit.G ? ml * Contents.densityGPerMl(content) : ml;
    BigDecimal exact = BigDecimal.valueOf(amount).setScale(3, RoundingMode.HALF_EVEN);
    return Quantity.of(exact.min(item.left().amount()), item.left().unit());
  }
}

package gerula.core.restock.stock;

import gerula.core.kit.item.Item;
import gerula.core.packing.PackingList;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;

/**
 * What a booking's list expects to be used up of one item, without the house's reserve.
 *
 * @param amount in the unit of its product, above 0
 */
public record ListedUse(Item item, BigDecimal amount) {

  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

  /** In the order of the list. */
  public static List<ListedUse> of(PackingList list, HouseRules house) {
    BigDecimal reserve =
        BigDecimal.ONE.add(BigDecimal.valueOf(house.reservePercent()).divide(HUNDRED));
    return list.lines().stream()
        .filter(line -> line.thousandths() > 0 && isUsedUp(line.item()))
        .map(
            line ->
                new ListedUse(
                    line.item(),
                    BigDecimal.valueOf(line.thousandths(), 3)
                        .divide(reserve, MathContext.DECIMAL64)))
        .toList();
  }

  /** A mirror is taken along, and comes home as it was. */
  static boolean isUsedUp(Item item) {
    return item.left().unit() != Unit.PIECE || item.isUsedByThePiece();
  }
}

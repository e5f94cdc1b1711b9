package gerula.core.restock.stock;

import gerula.core.kit.item.Item;
import gerula.core.packing.PackingLine;
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
        .flatMap(PackingLine::uses)
        .filter(use -> isUsedUp(use.item()))
        .map(use -> new ListedUse(use.item(), expected(use, reserve)))
        .toList();
  }

  /** Only what is counted out is packed with its reserve. */
  private static BigDecimal expected(PackingLine.Use use, BigDecimal reserve) {
    BigDecimal packed = BigDecimal.valueOf(use.thousandths(), 3);
    return use.item().left().unit() == Unit.PIECE
        ? packed.divide(reserve, MathContext.DECIMAL64)
        : packed;
  }

  /** A mirror is taken along, and comes home as it was. */
  static boolean isUsedUp(Item item) {
    return item.left().unit() != Unit.PIECE || item.isUsedByThePiece();
  }
}

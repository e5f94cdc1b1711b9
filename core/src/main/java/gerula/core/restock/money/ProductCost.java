package gerula.core.restock.money;

import gerula.core.kit.item.Item;
import gerula.core.quantity.Money;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Collection;
import org.jspecify.annotations.Nullable;

/**
 * What a product costs each time. What is used up costs what went of it; a tool costs its whole
 * price over its uses.
 *
 * @param perUnit of its packs, weighted by what they hold; unrounded
 * @param perUse null where it was never used, or nothing is known to have gone
 * @param perFace null where it is counted, or nobody knows how much a face takes of it
 */
public record ProductCost(
    BigDecimal perUnit, int uses, @Nullable Money perUse, @Nullable Money perFace) {

  /**
   * @param packs all of one product, those that are gone with them
   * @param ofAFace how much a face takes, in the unit; 0 where nobody knows
   * @return null where no price is known
   */
  public static @Nullable ProductCost of(Collection<Bought> packs, Prices prices, double ofAFace) {
    BigDecimal paid = BigDecimal.ZERO;
    BigDecimal held = BigDecimal.ZERO;
    BigDecimal gone = BigDecimal.ZERO;
    int uses = 0;
    for (Bought one : packs) {
      BigDecimal perUnit = prices.of(one.item().id()).perUnit();
      if (perUnit != null && one.isPack()) {
        BigDecimal size = one.item().size().amount();
        BigDecimal price = perUnit.multiply(size);
        paid = paid.add(price);
        held = held.add(size);
        gone = gone.add(isTool(one.item()) ? price : price.multiply(used(one)));
      } else if (perUnit != null) {
        // What was filled into a container is not used yet.
        gone = gone.subtract(perUnit.multiply(one.item().left().amount()));
      }
      uses += one.uses();
    }
    if (held.signum() == 0) {
      return null;
    }
    BigDecimal perUnit = paid.divide(held, MathContext.DECIMAL64);
    return new ProductCost(
        perUnit,
        uses,
        uses == 0 || gone.signum() <= 0
            ? null
            : money(gone.divide(BigDecimal.valueOf(uses), MathContext.DECIMAL64), prices),
        ofAFace > 0 ? money(perUnit.multiply(BigDecimal.valueOf(ofAFace)), prices) : null);
  }

  private static boolean isTool(Item item) {
    return item.left().unit() == Unit.PIECE && !item.isUsedByThePiece();
  }

  private static BigDecimal used(Bought one) {
    return BigDecimal.ONE.subtract(one.shareLeft());
  }

  private static Money money(BigDecimal amount, Prices prices) {
    return new Money(amount, prices.rates().own()).rounded();
  }
}

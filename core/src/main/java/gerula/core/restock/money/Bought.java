package gerula.core.restock.money;

import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.quantity.Money;
import gerula.core.restock.range.Unused;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * An item with what was paid for it, there or gone.
 *
 * @param paid null where nobody told it
 * @param knownSince the day it was written down, null where the log does not reach back
 * @param lastUsed null when it never was
 * @param uses how often it was used
 * @param discardedOn null while it is in the kit
 */
public record Bought(
    Item item,
    @Nullable Money paid,
    @Nullable LocalDate knownSince,
    @Nullable LocalDate lastUsed,
    int uses,
    @Nullable LocalDate discardedOn,
    @Nullable DiscardCause cause) {

  boolean isPack() {
    return item.vessel() instanceof Vessel.OwnPack;
  }

  boolean isInKit() {
    return discardedOn == null;
  }

  /** What is left of a full one, at most all. */
  BigDecimal shareLeft() {
    return BigDecimal.valueOf(item.left().thousandths())
        .divide(BigDecimal.valueOf(item.size().thousandths()), MathContext.DECIMAL64)
        .min(BigDecimal.ONE);
  }

  /** Since when it is there: bought, else opened, else written down. */
  @Nullable LocalDate since() {
    return Unused.since(item, knownSince);
  }
}

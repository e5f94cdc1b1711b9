package gerula.app.kit.item;

import gerula.app.platform.errors.Faults;
import gerula.core.kit.item.Level;
import gerula.core.quantity.Quantity;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** How much of something is left, as somebody says it: at a glance or exactly. */
public final class LeftTold {

  private LeftTold() {}

  /**
   * @throws gerula.app.platform.errors.Refused when both are told or none, or more than goes in
   */
  public static Quantity of(StoredItem item, @Nullable Level level, @Nullable BigDecimal exactly) {
    Faults faults = new Faults();
    faults.unless(
        (level == null) != (exactly == null),
        "left",
        "rule",
        "Say either a level or exactly how much is left.");
    faults.refuseIfAny();
    Quantity size = item.item().size();
    Quantity left =
        level != null
            ? level.of(size)
            : faults.build("left", () -> Quantity.of(exactly, size.unit())).orElse(size);
    Obstacles.toHolding(faults, "left", size, left);
    faults.refuseIfAny();
    return left;
  }
}

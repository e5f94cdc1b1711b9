package gerula.core.restock.range;

import gerula.core.kit.item.Item;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What lies there and is not used. */
public final class Unused {

  private Unused() {}

  /** Since when an item is there: bought, else opened, else written down. */
  public static @Nullable LocalDate since(Item item, @Nullable LocalDate knownSince) {
    LocalDate bought = item.dates().boughtOn();
    if (bought != null) {
      return bought;
    }
    LocalDate opened = item.dates().openedOn();
    return opened != null ? opened : knownSince;
  }

  /** Whether it is there for so many months, and was not used in them. */
  public static boolean is(
      @Nullable LocalDate since, @Nullable LocalDate lastUsed, int months, LocalDate today) {
    LocalDate before = today.minusMonths(months);
    boolean isThere = since != null && !since.isAfter(before);
    return isThere && (lastUsed == null || !lastUsed.isAfter(before));
  }
}

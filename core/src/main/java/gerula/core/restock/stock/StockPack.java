package gerula.core.restock.stock;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A pack or container whose content may be used on anybody.
 *
 * @param amount that is left, 0 or more
 * @param lastDay on which it serves, null where it keeps
 */
public record StockPack(UUID item, double amount, @Nullable LocalDate lastDay) {

  boolean isGoodOn(LocalDate day) {
    return lastDay == null || !day.isAfter(lastDay);
  }
}

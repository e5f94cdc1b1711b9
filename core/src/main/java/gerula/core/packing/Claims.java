package gerula.core.packing;

import gerula.core.kit.item.Item;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What other bookings have taken before this one: those whose bags are out, and those that begin
 * earlier.
 *
 * @param usedUp thousandths that will be gone of an item by the time this booking begins
 * @param away in whose bags an item lies while this booking goes on
 */
public record Claims(Map<UUID, Long> usedUp, Map<UUID, Claim> away) {

  /**
   * @param booking that has it
   * @param title of that booking
   */
  public record Claim(UUID booking, String title) {}

  public static final Claims NONE = new Claims(Map.of(), Map.of());

  public Claims {
    usedUp = Map.copyOf(usedUp);
    away = Map.copyOf(away);
  }

  /** Thousandths of an item that are left for this booking, 0 or more. */
  long leftOf(Item item) {
    if (usedUp.isEmpty()) {
      return item.left().thousandths();
    }
    return Math.max(0, item.left().thousandths() - usedUp.getOrDefault(item.id(), 0L));
  }

  Optional<Claim> on(UUID item) {
    return Optional.ofNullable(away.get(item));
  }
}

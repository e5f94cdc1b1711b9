package gerula.core.depot.palette;

import gerula.core.kit.item.Item;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The order of lashes in their tray. Common practice. */
public final class TrayOrder {

  private TrayOrder() {}

  /**
   * From natural to full, those of one fullness by their style reference; what nobody described
   * comes last.
   *
   * @param fullness how full each is, 0 for natural and more for fuller; missing when unknown
   */
  public static List<Item> naturalToFull(Collection<Item> lashes, Map<UUID, Integer> fullness) {
    return lashes.stream()
        .sorted(
            Comparator.<Item>comparingInt(one -> fullness.getOrDefault(one.id(), Integer.MAX_VALUE))
                .thenComparing(one -> one.product().shade())
                .thenComparing(one -> one.product().name())
                .thenComparing(Item.BY_ID))
        .toList();
  }
}

package gerula.core.kit.opencase;

import gerula.core.kit.item.Item;
import java.util.Collection;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** Which piece lies in which of the equal slots of a place. */
public final class SlotOrder {

  private SlotOrder() {}

  /**
   * Each piece in its own slot where that is free, the others in the free ones in their order; what
   * is more than the slots lies over the last one.
   *
   * @param count of the slots, at least 1
   * @return positions from 0
   */
  public static Map<Item, Integer> of(Collection<Item> items, int count) {
    Map<Item, Integer> spots = new IdentityHashMap<>();
    boolean[] taken = new boolean[count];
    for (Item item : items) {
      Integer own = item.slotItLiesIn();
      if (own != null && own >= 1 && own <= count && !taken[own - 1]) {
        taken[own - 1] = true;
        spots.put(item, own - 1);
      }
    }
    List<Item> others = items.stream().filter(item -> !spots.containsKey(item)).toList();
    int next = 0;
    for (Item item : others) {
      while (next < count && taken[next]) {
        next++;
      }
      spots.put(item, Math.min(next, count - 1));
      next = Math.min(next + 1, count);
    }
    return spots;
  }
}

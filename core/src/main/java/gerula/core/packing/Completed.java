package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * Which of the items that are fit for a face are useless for want of a companion.
 *
 * <p>All are taken for complete first; then whatever has no companion left is taken away, until
 * nothing more falls. So two things that need each other come together, the answer does not depend
 * on the order in which it is asked, and one more item never makes another one useless (the
 * greatest fixed point of a rule that only grows; Tarski 1955).
 */
final class Completed {

  /** By class: how many are left. */
  private final int[] left = new int[ProductClass.values().length];

  private final Set<UUID> useless = new HashSet<>();

  private record Needy(Item item, List<Companions.Group> groups) {}

  /**
   * @param fit what may be used on the face but for its companions
   * @param kit of which it is
   */
  Completed(Collection<Item> fit, KitInOrder kit) {
    List<Needy> needy = new ArrayList<>();
    for (Item item : fit) {
      count(item, 1);
      List<Companions.Group> groups = kit.companions(item);
      if (!groups.isEmpty()) {
        needy.add(new Needy(item, groups));
      }
    }
    while (takeAwaySome(needy)) {
      // What fell may have been the companion of another.
    }
  }

  /** What has no companion, of what is fit. */
  Set<UUID> useless() {
    return useless;
  }

  private boolean takeAwaySome(List<Needy> needy) {
    boolean hasTaken = false;
    for (Iterator<Needy> all = needy.iterator(); all.hasNext(); ) {
      Needy one = all.next();
      if (!one.groups().stream().allMatch(this::isThere)) {
        useless.add(one.item().id());
        count(one.item(), -1);
        all.remove();
        hasTaken = true;
      }
    }
    return hasTaken;
  }

  private boolean isThere(Companions.Group group) {
    for (ProductClass one : group.anyOf()) {
      if (left[one.ordinal()] > 0) {
        return true;
      }
    }
    return false;
  }

  private void count(Item item, int more) {
    item.product().classes().forEach(one -> left[one.ordinal()] += more);
  }
}

package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
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

  private final Map<ProductClass, Integer> left = new EnumMap<>(ProductClass.class);
  private final Map<UUID, Refusal> useless = new HashMap<>();

  private record Needy(Item item, List<Companions.Group> groups) {}

  /**
   * @param fit what may be used on the face but for its companions
   */
  Completed(Collection<Item> fit) {
    List<Needy> needy = new ArrayList<>();
    for (Item item : fit) {
      count(item, 1);
      List<Companions.Group> groups = Companions.of(item.product());
      if (!groups.isEmpty()) {
        needy.add(new Needy(item, groups));
      }
    }
    while (takeAwaySome(needy)) {
      // What fell may have been the companion of another.
    }
  }

  /** Empty for what has its companions, and for what was never fit. */
  Optional<Refusal> refusal(UUID item) {
    return Optional.ofNullable(useless.get(item));
  }

  private boolean takeAwaySome(List<Needy> needy) {
    boolean hasTaken = false;
    for (Iterator<Needy> all = needy.iterator(); all.hasNext(); ) {
      Needy one = all.next();
      Optional<Companions.Group> missing =
          one.groups().stream().filter(group -> !isThere(group)).findFirst();
      if (missing.isPresent()) {
        useless.put(
            one.item().id(), new Refusal.WithoutCompanion(new TreeSet<>(missing.get().anyOf())));
        count(one.item(), -1);
        all.remove();
        hasTaken = true;
      }
    }
    return hasTaken;
  }

  private boolean isThere(Companions.Group group) {
    return group.anyOf().stream().anyMatch(one -> left.getOrDefault(one, 0) > 0);
  }

  private void count(Item item, int more) {
    item.product().classes().forEach(one -> left.merge(one, more, Integer::sum));
  }
}

package gerula.core.invariant;

import gerula.core.depot.lineage.Lineage;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What is in a container now did not come out of it. Only fillings that are still in count: a
 * container that was washed may be filled from what was once filled from it.
 */
final class FillingWays {

  private final Map<UUID, List<Lineage.Filling>> byItem = new HashMap<>();

  private FillingWays(Collection<Lineage.Filling> fillings) {
    fillings.stream()
        .filter(one -> one.washedOutOn() == null)
        .sorted(Comparator.comparing(Lineage.Filling::id))
        .forEach(one -> byItem.computeIfAbsent(one.item(), _ -> new ArrayList<>()).add(one));
  }

  static List<Broken> brokenIn(Collection<Lineage.Filling> fillings) {
    FillingWays ways = new FillingWays(fillings);
    Set<UUID> done = new HashSet<>();
    List<Broken> broken = new ArrayList<>();
    ways.byItem.keySet().stream()
        .sorted()
        .filter(item -> !done.contains(item))
        .forEach(item -> ways.follow(item, done, broken));
    return broken;
  }

  private record FillingStep(Lineage.Filling by, int depth) {}

  /** Depth first with a stack of its own; what is on the way and met again closes a circle. */
  private void follow(UUID start, Set<UUID> done, List<Broken> broken) {
    List<Lineage.Filling> way = new ArrayList<>();
    Set<UUID> onTheWay = new HashSet<>(Set.of(start));
    List<FillingStep> open = new ArrayList<>();
    fillings(start).forEach(one -> open.addLast(new FillingStep(one, 0)));
    while (!open.isEmpty()) {
      FillingStep step = open.removeLast();
      while (way.size() > step.depth()) {
        UUID left = way.removeLast().source();
        onTheWay.remove(left);
        done.add(left);
      }
      UUID source = step.by().source();
      if (onTheWay.contains(source)) {
        broken.add(circle(way, step.by()));
      } else if (!done.contains(source)) {
        way.addLast(step.by());
        onTheWay.add(source);
        fillings(source).forEach(one -> open.addLast(new FillingStep(one, way.size())));
      }
    }
    done.addAll(onTheWay);
    done.add(start);
  }

  private List<Lineage.Filling> fillings(UUID item) {
    return byItem.getOrDefault(item, List.of());
  }

  private static Broken circle(List<Lineage.Filling> way, Lineage.Filling closing) {
    List<UUID> fillings = new ArrayList<>();
    boolean isIn = closing.item().equals(closing.source());
    for (Lineage.Filling one : way) {
      isIn |= one.item().equals(closing.source());
      if (isIn) {
        fillings.add(one.id());
      }
    }
    fillings.add(closing.id());
    return new Broken.FilledFromItself(closing.source(), List.copyOf(fillings));
  }
}

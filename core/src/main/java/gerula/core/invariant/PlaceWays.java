package gerula.core.invariant;

import gerula.core.invariant.KitState.PlaceState;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Follows every place's way up, once: no way runs in a circle, none is too long. Step by step
 * rather than by recursion, which a long way would take beyond the stack.
 */
final class PlaceWays {

  private final Map<UUID, PlaceState> places;
  private final int deepest;
  private final Map<UUID, Integer> depths = new HashMap<>();
  private final Set<UUID> inCircles = new HashSet<>();
  private final List<Broken> broken = new ArrayList<>();

  private PlaceWays(List<PlaceState> all, int deepest) {
    places = all.stream().collect(Collectors.toMap(PlaceState::id, Function.identity()));
    this.deepest = deepest;
  }

  /**
   * @param deepest how many places may lie around each other, the innermost included
   */
  static List<Broken> brokenIn(List<PlaceState> all, int deepest) {
    PlaceWays ways = new PlaceWays(all, deepest);
    all.stream().map(PlaceState::id).sorted().forEach(ways::follow);
    ways.tellDeepest();
    return ways.broken;
  }

  private void follow(UUID start) {
    LinkedHashSet<UUID> way = new LinkedHashSet<>();
    @Nullable UUID at = start;
    while (at != null && places.containsKey(at) && !depths.containsKey(at)) {
      if (!way.add(at)) {
        tellCircle(way, at);
        break;
      }
      at = places.get(at).parent();
    }
    // A circle has no depth; what hangs from it counts from there.
    int depth = at == null || inCircles.contains(at) ? 0 : depths.getOrDefault(at, 0);
    for (UUID one : List.copyOf(way).reversed()) {
      depths.put(one, inCircles.contains(one) ? 0 : ++depth);
    }
  }

  private void tellCircle(LinkedHashSet<UUID> way, UUID met) {
    List<UUID> circle = new ArrayList<>(way);
    circle = circle.subList(circle.indexOf(met), circle.size());
    inCircles.addAll(circle);
    broken.add(
        new Broken.PlaceInItself(
            List.copyOf(circle), circle.stream().map(one -> places.get(one).name()).toList()));
  }

  /** Of a way that is too long only its innermost place is told. */
  private void tellDeepest() {
    Set<UUID> around =
        places.values().stream()
            .map(PlaceState::parent)
            .filter(java.util.Objects::nonNull)
            .collect(Collectors.toSet());
    depths.entrySet().stream()
        .filter(one -> one.getValue() > deepest && !around.contains(one.getKey()))
        .sorted(Map.Entry.comparingByKey())
        .forEach(
            one ->
                broken.add(
                    new Broken.TooDeep(
                        one.getKey(), places.get(one.getKey()).name(), one.getValue(), deepest)));
  }
}

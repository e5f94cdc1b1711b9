package gerula.app.kit.intake;

import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Places by their path as a table writes it, from the outermost: "Harbour loft &gt; Drawer 2". A
 * name alone is enough where only one place bears it. What is not there yet is made.
 */
final class PlacePaths {

  static final String STEP = " > ";

  private final Map<String, UUID> byPath = new LinkedHashMap<>();
  private final Map<String, Set<UUID>> byName = new HashMap<>();
  private final Map<UUID, NewPlace> made = new LinkedHashMap<>();

  /** A place the table speaks of and the kit does not have. */
  record NewPlace(UUID id, @Nullable UUID parent, String name, String path) {}

  PlacePaths(PlaceTree tree) {
    for (Place place : tree.inWalkingOrder()) {
      note(path(tree, place.id()), place.name(), place.id());
      byPath.put(key(cell(place.id())), place.id());
    }
  }

  /** What a cell says that means just this place, whatever others are called. */
  static String cell(UUID place) {
    return place.toString();
  }

  /** As a table writes it. */
  static String path(PlaceTree tree, UUID id) {
    return tree.path(id).stream().map(Place::name).collect(Collectors.joining(STEP));
  }

  private void note(String path, String name, UUID id) {
    byPath.putIfAbsent(key(path), id);
    byName.computeIfAbsent(key(name), _ -> new HashSet<>()).add(id);
  }

  /** The place of this path, planned when it is not there; null for an empty path. */
  @Nullable UUID find(String written) {
    if (written.isBlank()) {
      return null;
    }
    // As it is written first: a name may hold what sets places apart elsewhere.
    UUID asWritten = byPath.get(key(written));
    if (asWritten != null) {
      return asWritten;
    }
    List<String> steps = steps(written);
    String path = String.join(STEP, steps);
    UUID known = byPath.get(key(path));
    if (known != null) {
      return known;
    }
    Set<UUID> named = byName.getOrDefault(key(path), Set.of());
    return named.size() == 1 ? named.iterator().next() : plan(steps);
  }

  static List<String> steps(String written) {
    return Arrays.stream(written.split("[>/]"))
        .map(String::strip)
        .filter(step -> !step.isEmpty())
        .toList();
  }

  private @Nullable UUID plan(List<String> steps) {
    UUID parent = null;
    String path = "";
    for (String step : steps) {
      path = path.isEmpty() ? step : path + STEP + step;
      UUID known = byPath.get(key(path));
      if (known == null) {
        known = UUID.randomUUID();
        made.put(known, new NewPlace(known, parent, step, path));
        note(path, step, known);
      }
      parent = known;
    }
    return parent;
  }

  /** Places to be made, outer ones first. */
  Collection<NewPlace> made() {
    return made.values();
  }

  private static String key(String text) {
    return text.strip().toLowerCase(Locale.ROOT);
  }
}

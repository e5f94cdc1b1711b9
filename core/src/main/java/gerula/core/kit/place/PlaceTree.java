package gerula.core.kit.place;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** All places of a workspace and how they lie in one another. */
public final class PlaceTree {

  /** Deeper nesting than any kit has; a bound so that a broken tree is told, not followed. */
  public static final int DEEPEST = 60;

  private static final Comparator<Place> BY_REACH =
      Comparator.comparingInt(Place::reach).thenComparing(Place::name).thenComparing(Place::id);

  private final Map<UUID, Place> places = new HashMap<>();
  private final Map<UUID, List<Place>> children = new HashMap<>();
  private final List<Place> roots;
  private static final Set<PlaceKind> BAGS =
      EnumSet.of(
          PlaceKind.CASE, PlaceKind.TRAY, PlaceKind.BACKPACK, PlaceKind.SET_BAG, PlaceKind.BELT);

  private final Map<UUID, Place> elsewhere = new HashMap<>();

  /**
   * @throws IllegalArgumentException when a place lies in an unknown place, in itself, or deeper
   *     than {@value #DEEPEST}
   */
  public PlaceTree(Collection<Place> all) {
    all.forEach(place -> places.put(place.id(), place));
    all.stream().sorted(BY_REACH).forEach(this::hang);
    roots = all.stream().filter(place -> place.parent() == null).sorted(BY_REACH).toList();
    all.forEach(place -> noteElsewhere(path(place.id())));
  }

  private void noteElsewhere(List<Place> path) {
    path.stream()
        .filter(place -> place.kind().isElsewhere())
        .findFirst()
        .ifPresent(why -> elsewhere.put(path.getLast().id(), why));
  }

  private void hang(Place place) {
    if (place.parent() == null) {
      return;
    }
    if (!places.containsKey(place.parent())) {
      throw new IllegalArgumentException(
          "\"" + place.name() + "\" lies in a place that is not there: put it somewhere else.");
    }
    children.computeIfAbsent(place.parent(), _ -> new ArrayList<>()).add(place);
  }

  public Optional<Place> find(@Nullable UUID id) {
    return id == null ? Optional.empty() : Optional.ofNullable(places.get(id));
  }

  /** Places that lie in no other, first reach first. */
  public List<Place> roots() {
    return roots;
  }

  /** What lies directly in a place, first reach first. */
  public List<Place> inside(UUID id) {
    return List.copyOf(children.getOrDefault(id, List.of()));
  }

  /** The place and everything in it, however deep. */
  public Set<UUID> withAllInside(UUID id) {
    Set<UUID> found = new HashSet<>();
    collect(id, found);
    return found;
  }

  private void collect(UUID id, Set<UUID> found) {
    if (found.add(id)) {
      inside(id).forEach(child -> collect(child.id(), found));
    }
  }

  /** Where a place is, from the outermost on, as one says it; empty where there is none such. */
  public String told(@Nullable UUID id) {
    return find(id)
        .map(place -> path(place.id()).stream().map(Place::name).collect(Collectors.joining(", ")))
        .orElse("");
  }

  /**
   * From the outermost place down to this one.
   *
   * @throws IllegalArgumentException when the way up runs in a circle or is too long
   */
  public List<Place> path(UUID id) {
    List<Place> path = new ArrayList<>();
    UUID next = id;
    while (next != null) {
      Place place = places.get(next);
      if (place == null || path.size() == DEEPEST) {
        throw new IllegalArgumentException(
            "A place lies in itself or deeper than " + DEEPEST + " places: put it somewhere else.");
      }
      path.addFirst(place);
      next = place.parent();
    }
    return path;
  }

  /** Every place, each followed by what lies in it, first reach first: the way one walks. */
  public List<Place> inWalkingOrder() {
    List<Place> walk = new ArrayList<>();
    roots.forEach(root -> walk(root, walk));
    return walk;
  }

  private void walk(Place place, List<Place> walk) {
    walk.add(place);
    inside(place.id()).forEach(child -> walk(child, walk));
  }

  /**
   * The outermost place something lies in, which may be the place itself; empty when nobody knows.
   */
  public Optional<Place> outermost(@Nullable UUID id) {
    return find(id).map(place -> path(place.id()).getFirst());
  }

  /** Whether what lies there is out of the artist's hands, or nobody knows where it is. */
  public boolean isElsewhere(@Nullable UUID now) {
    return now == null || !places.containsKey(now) || elsewhere.containsKey(now);
  }

  /** The place on the way up that says why it is out of the artist's hands. */
  public Optional<Place> elsewhere(@Nullable UUID now) {
    return now == null ? Optional.empty() : Optional.ofNullable(elsewhere.get(now));
  }

  /**
   * Whether a booking can take it along as a bag: what is portable, on a hook or in a room; of what
   * lies in another bag only what is one by itself, as the tier of a case.
   */
  public boolean canBeTaken(Place place) {
    if (!place.comesOff()) {
      return false;
    }
    boolean isInABag =
        path(place.id()).stream().anyMatch(outer -> outer != place && outer.isPortable());
    return !isInABag || BAGS.contains(place.kind());
  }

  /**
   * The place it belongs in while it lies elsewhere; empty where that is gone, or lies within it
   * itself.
   */
  public Optional<UUID> homeElsewhere(Place place) {
    UUID home = place.home();
    return home == null || home.equals(place.parent()) || find(home).isEmpty()
        ? Optional.empty()
        : Optional.of(home).filter(_ -> !liesIn(home, place.id()));
  }

  /** Whether one place is another or lies somewhere in it. */
  public boolean liesIn(@Nullable UUID inner, UUID outer) {
    return inner != null
        && places.containsKey(inner)
        && path(inner).stream().anyMatch(place -> place.id().equals(outer));
  }
}

package gerula.app.ledger;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Acts that touched the same things later, the newest first. An act and its undo cancel each other;
 * an undo that was itself undone brings its act back.
 */
record LaterActs(List<Later> acts, Map<UUID, Later> undoneBy) {

  /**
   * @param undoes the act it undoes, null for an act of its own
   */
  record Later(UUID id, String act, @Nullable UUID undoes) {}

  static LaterActs of(List<Later> acts) {
    Map<UUID, Later> undoneBy = new HashMap<>();
    acts.stream()
        .filter(one -> one.undoes() != null)
        .forEach(one -> undoneBy.put(one.undoes(), one));
    return new LaterActs(acts, undoneBy);
  }

  /** What the newest act is called that still has its effect. */
  Optional<String> newestInEffect() {
    return acts.stream()
        .filter(one -> one.undoes() == null && isInEffect(one))
        .map(Later::act)
        .findFirst();
  }

  private boolean isInEffect(Later one) {
    Later undo = undoneBy.get(one.id());
    return undo == null || !isInEffect(undo);
  }
}

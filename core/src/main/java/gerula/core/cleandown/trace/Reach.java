package gerula.core.cleandown.trace;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Whom a thing reached from a moment on.
 *
 * @param faces each once, with the shortest chain; those reached first come first
 * @param items what carries it on, the thing itself first
 */
public record Reach(List<ReachedFace> faces, List<ReachedItem> items) {

  /**
   * @param at when it was reached first
   * @param through the things from the first one to the one that touched her
   * @param afterTreatment whether it was only touched after a treatment had taken the risk away
   */
  public record ReachedFace(
      @Nullable UUID booking,
      @Nullable UUID face,
      UUID person,
      Instant at,
      List<UUID> through,
      boolean afterTreatment) {
    public ReachedFace {
      through = List.copyOf(through);
    }
  }

  /**
   * @param from when it came to carry it
   * @param until when a treatment took it away, null as long as it may carry it
   * @param through the things from the first one to this one
   */
  public record ReachedItem(UUID item, Instant from, @Nullable Instant until, List<UUID> through) {
    public ReachedItem {
      through = List.copyOf(through);
    }
  }

  public Reach {
    faces = List.copyOf(faces);
    items = List.copyOf(items);
  }
}

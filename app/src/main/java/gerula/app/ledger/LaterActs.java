package gerula.app.ledger;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What stands in the way of undoing an act: anything that touched the same things later and counts.
 * A later act and its undo cancel each other. An undo of something earlier does not: it put back
 * what this act had found.
 */
record LaterActs(List<Later> newestFirst) {

  /**
   * An act that touched the same things.
   *
   * @param number its place in the order of acts
   * @param undoes the number of the act it undoes, null for an act of its own
   */
  record Later(UUID id, String act, long number, @Nullable Long undoes, boolean inEffect) {
    private boolean isInTheWayOf(long earlier) {
      return number > earlier && inEffect && (undoes == null || undoes < earlier);
    }
  }

  /** What the newest one is called that stands in the way of undoing the act of this number. */
  Optional<String> inTheWayOf(long number) {
    return newestFirst.stream().filter(one -> one.isInTheWayOf(number)).map(Later::act).findFirst();
  }
}

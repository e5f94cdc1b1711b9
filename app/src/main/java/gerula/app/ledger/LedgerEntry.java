package gerula.app.ledger;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One act as it stands in a thing's history.
 *
 * @param who name of the actor who did it
 * @param facts what was told besides the things touched
 * @param undone whether it has been undone since
 * @param undoable whether it can be undone at all; what reaches further than the workspace cannot
 * @param undoFirst what the later act is called that has to be undone before this one can be; null
 *     when nothing later rests on it
 * @param changes what changed in this thing
 */
public record LedgerEntry(
    UUID id,
    String act,
    Instant at,
    @Nullable String who,
    Map<String, Object> facts,
    boolean undone,
    boolean undoable,
    @Nullable String undoFirst,
    List<Change> changes) {

  /** The same act with what it changed in another thing of the same id. */
  LedgerEntry with(LedgerEntry other) {
    List<Change> both = new ArrayList<>(changes);
    both.addAll(other.changes);
    return new LedgerEntry(id, act, at, who, facts, undone, undoable, undoFirst, List.copyOf(both));
  }

  LedgerEntry restedOnBy(@Nullable String later) {
    return new LedgerEntry(id, act, at, who, facts, undone, undoable, later, changes);
  }

  /**
   * One field.
   *
   * @param field its code, as in the API's own records
   * @param from as JSON, null when there was none
   * @param to as JSON, null when there is none
   */
  public record Change(String field, @Nullable Object from, @Nullable Object to) {}
}

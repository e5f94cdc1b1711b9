package gerula.app.kit.item;

import gerula.app.ledger.Act;
import java.util.Set;
import java.util.UUID;

/** Containers whose dates are those of the packs they were filled from. */
public interface InheritedDates {

  /** Whether its dates come from what it was filled from. */
  boolean has(UUID item);

  /**
   * The dates of a source have changed: what was filled from it follows.
   *
   * @return what was changed
   */
  Set<UUID> follow(Act act, UUID source);
}

package gerula.app.ledger;

import java.util.Collection;
import java.util.Set;
import java.util.UUID;

/**
 * What lists and rules need of the history, kept beside the facts in the act's own transaction, so
 * that nobody reads through years for it. It can be worked out again from the history at any time.
 */
interface Projection {

  /** The names of the acts it follows from; of others it is not told. */
  Set<String> acts();

  /** From now on these acts count, or do not any more. They stand in the ledger. */
  void turn(Collection<UUID> acts, boolean count);

  /** All of it, from the whole history. */
  void workOut();
}

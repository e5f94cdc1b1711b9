package gerula.app.ledger;

import java.util.Set;
import java.util.UUID;

/**
 * Something kept beside the facts it follows from. An undo puts facts back as they were, and what
 * follows from them may follow differently by now: it is worked out again.
 */
public interface Derived {

  /** The kinds of things it follows from; of others it is not told. */
  Set<ThingKind> follows();

  /** The facts of these things were put back. Runs within the workspace and the undo's act. */
  void workOutAgain(ThingKind kind, Set<UUID> things);
}

package gerula.app.platform.errors;

import java.sql.SQLException;
import java.util.Set;

/**
 * The connection to the database was lost while an act was being committed: it may have been done,
 * or not. Sending it again with the same id is safe and tells.
 */
public final class OutcomeUnknown extends RuntimeException {

  /** Classes of SQLSTATE (ISO 9075) by which the database says that it rolled back. */
  private static final Set<String> ROLLED_BACK = Set.of("22", "23", "40", "25", "54");

  private OutcomeUnknown(Throwable cause) {
    super("The connection was lost while an act was being committed.", cause);
  }

  /** The failure itself when the database said that nothing was kept. */
  public static RuntimeException unlessRolledBack(RuntimeException failed) {
    for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException told
          && told.getSQLState() != null
          && ROLLED_BACK.contains(told.getSQLState().substring(0, 2))) {
        return failed;
      }
    }
    return new OutcomeUnknown(failed);
  }
}

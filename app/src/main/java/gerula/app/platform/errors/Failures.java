package gerula.app.platform.errors;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.transaction.TransactionException;

/**
 * Tells what failed without anybody having refused it: what the database said, by its SQLSTATE (ISO
 * 9075 and the list of PostgreSQL), and what nobody foresaw.
 */
public final class Failures {

  private static final Logger LOG = LoggerFactory.getLogger(Failures.class);

  private Failures() {}

  public static Refused told(Throwable failure) {
    if (failure instanceof Refused refused) {
      return refused;
    }
    if (failure instanceof OutcomeUnknown) {
      LOG.warn("Unknown outcome", failure);
      return Refused.unavailable(
          "outcome-unknown",
          "The database was lost while this was being saved. It may have been done or not; send it"
              + " again: it is done once.");
    }
    Optional<Refused> byDatabase = sqlState(failure).flatMap(state -> byState(state, failure));
    return byDatabase.orElseGet(() -> unforeseen(failure));
  }

  private static Optional<Refused> byState(String state, Throwable failure) {
    return switch (state.substring(0, 2)) {
      case "22" -> Optional.of(Refused.unkeepable());
      case "23" -> {
        LOG.info("Refused by the database: {}", mostSpecific(failure).getMessage());
        yield Optional.of(
            Refused.notNow(
                "in-use",
                "Something else depends on this, so it stays. Nothing was changed; undo or move"
                    + " that first."));
      }
      // Connection lost, server shutting down, too many connections, out of memory or disk.
      case "08", "57", "53", "58", "XX" -> {
        LOG.warn("The database could not answer: {}", mostSpecific(failure).getMessage());
        yield Optional.of(
            state.equals("57014")
                ? Refused.tookTooLong("This")
                : Refused.unavailable(
                    "database-unavailable",
                    "The database cannot be reached just now. Nothing was changed; try again in a"
                        + " few seconds."));
      }
      // Waited too long for a lock, a deadlock, a serialization failure.
      case "55", "40", "25" -> Optional.of(Refused.busy("Something else was changing the same."));
      default -> Optional.empty();
    };
  }

  private static Refused unforeseen(Throwable failure) {
    if (failure instanceof TransactionException || isWithoutConnection(failure)) {
      LOG.warn("No connection to the database: {}", mostSpecific(failure).getMessage());
      return Refused.unavailable(
          "database-unavailable",
          "The database cannot be reached just now. Nothing was changed; try again in a few"
              + " seconds.");
    }
    LOG.error("Unforeseen", failure);
    return Refused.unforeseen();
  }

  private static boolean isWithoutConnection(Throwable failure) {
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLTransientConnectionException) {
        return true;
      }
    }
    return false;
  }

  private static Optional<String> sqlState(Throwable failure) {
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException told
          && told.getSQLState() != null
          && told.getSQLState().length() == 5) {
        return Optional.of(told.getSQLState());
      }
    }
    return Optional.empty();
  }

  private static Throwable mostSpecific(Throwable failure) {
    Throwable cause = failure;
    while (cause.getCause() != null) {
      cause = cause.getCause();
    }
    return cause;
  }
}

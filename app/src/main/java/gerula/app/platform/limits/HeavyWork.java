package gerula.app.platform.limits;

import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import java.time.Duration;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.springframework.stereotype.Component;

/**
 * Whatever keeps a processor or the disk busy: archives and tables for long, calendars, pictures
 * and labels for a moment. One of each at a time, and one at a time for an account. Done in threads
 * of the machine, which it can interrupt for others; requests share a few that it cannot.
 */
@Component
public class HeavyWork {

  /** A moment's work does not wait for work that takes minutes. */
  public enum Length {
    SHORT,
    LONG
  }

  private static final String ALL = "all";

  private final InFlight ofAccount =
      new InFlight(Limit.ACCOUNT_LONG_TASKS.whole(), Duration.ofSeconds(20));
  private final Map<Length, InFlight> ofAll = new EnumMap<>(Length.class);

  HeavyWork() {
    for (Length length : Length.values()) {
      ofAll.put(length, new InFlight(1, Duration.ofSeconds(60)));
    }
  }

  /**
   * @throws Refused when it was not this account's turn in time
   */
  public <T> T inTurn(SignedIn who, Length length, Callable<T> work) {
    Optional<InFlight.Turn> own = ofAccount.await(length + " " + who.workspace());
    if (own.isEmpty()) {
      throw Refused.tooMany("Another long task of yours is still running.", 10);
    }
    try (InFlight.Turn _ = own.get()) {
      Optional<InFlight.Turn> shared = ofAll.get(length).await(ALL);
      if (shared.isEmpty()) {
        throw Refused.busy("Others have long tasks running.");
      }
      try (InFlight.Turn _ = shared.get()) {
        return MachineThreads.call(work);
      }
    }
  }
}

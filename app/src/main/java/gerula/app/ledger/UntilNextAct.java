package gerula.app.ledger;

import gerula.app.platform.workspace.SignedIn;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * What was worked out for a workspace, kept until anything is done there or the day ends. Of some
 * workspaces; those not asked for longest are forgotten.
 */
public final class UntilNextAct<T> {

  private record Known<T>(long newestAct, LocalDate day, T what) {}

  private final Ledger ledger;
  private final int most;
  private final Map<UUID, Known<T>> known =
      new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Known<T>> eldest) {
          return size() > most;
        }
      };

  /**
   * @param most of how many workspaces it is kept
   */
  public UntilNextAct(Ledger ledger, int most) {
    this.ledger = ledger;
    this.most = most;
  }

  /** As it is known, or worked out now. To be called within the workspace. */
  public T get(SignedIn who, LocalDate today, Supplier<T> workingOut) {
    long newest = ledger.newest(who);
    synchronized (known) {
      Known<T> before = known.get(who.workspace());
      if (before != null && before.newestAct() == newest && before.day().equals(today)) {
        return before.what();
      }
    }
    T now = workingOut.get();
    synchronized (known) {
      known.put(who.workspace(), new Known<>(newest, today, now));
    }
    return now;
  }
}

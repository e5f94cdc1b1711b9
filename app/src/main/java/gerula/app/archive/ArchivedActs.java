package gerula.app.archive;

import gerula.app.platform.workspace.SignedIn;
import java.util.ArrayList;
import java.util.List;

/** Writes the acts of an archived ledger, some hundreds at a time, and checks them at the end. */
final class ArchivedActs {

  private static final int AT_ONCE = 500;

  private final ArchiveStore store;
  private final SignedIn who;
  private final List<WorkspaceArchive.ArchivedAct> waiting = new ArrayList<>();
  private boolean hasAny;

  ArchivedActs(ArchiveStore store, SignedIn who) {
    this.store = store;
    this.who = who;
  }

  void add(WorkspaceArchive.ArchivedAct act) {
    waiting.add(act);
    hasAny = true;
    if (waiting.size() == AT_ONCE) {
      write();
    }
  }

  /** Whether there was any act. */
  boolean finish() {
    write();
    return hasAny;
  }

  private void write() {
    store.insertActs(waiting, who.account());
    waiting.clear();
  }
}

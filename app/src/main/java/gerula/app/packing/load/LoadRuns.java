package gerula.app.packing.load;

import gerula.core.packing.load.LoadEffort;
import gerula.core.packing.load.LoadLevels;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Searches that are under way: how far they are, and stopping them. */
@Component
class LoadRuns {

  private static final LoadLevels NOTHING_YET = new LoadLevels(0, 0, 0, 0, 0, 0, 0);

  private final Map<String, Run> runs = new ConcurrentHashMap<>();

  /** One search. */
  private static final class Run implements LoadEffort.Watch {

    private volatile double share;
    private volatile LoadLevels best = NOTHING_YET;
    private volatile boolean isStopped;

    @Override
    public boolean goesOn(double done, LoadLevels found) {
      share = done;
      best = found;
      return !isStopped;
    }
  }

  /**
   * How far a search is.
   *
   * @param running whether it is under way; before and after nothing else is known of it
   * @param share of it that is done, 0 to 1
   * @param best so far
   */
  record LoadRun(boolean running, double share, LoadLevels best) {}

  /** Does something that takes a while, so that others can look on. */
  <T> T during(UUID workspace, UUID run, Function<LoadEffort.Watch, T> search) {
    String key = key(workspace, run);
    Run mine = new Run();
    runs.put(key, mine);
    try {
      return search.apply(mine);
    } finally {
      runs.remove(key, mine);
    }
  }

  LoadRun find(UUID workspace, UUID run) {
    Run one = runs.get(key(workspace, run));
    return one == null
        ? new LoadRun(false, 0, NOTHING_YET)
        : new LoadRun(true, Math.min(1, one.share), one.best);
  }

  /** It ends with the best so far; nothing happens when it has ended. */
  void stop(UUID workspace, UUID run) {
    Run running = runs.get(key(workspace, run));
    if (running != null) {
      running.isStopped = true;
    }
  }

  private static String key(UUID workspace, UUID run) {
    return workspace + " " + run;
  }
}

package gerula.core.packing.load;

/**
 * What may be spent on a plan.
 *
 * @param millis the best so far is answered after these, 1 to 60,000
 * @param seed of what is drawn by chance
 * @param watch is told how far it is, and may have it stop
 */
public record LoadEffort(long millis, long seed, Watch watch) {

  /** Somebody who looks on. */
  @FunctionalInterface
  public interface Watch {

    /**
     * @param share of the search that is done, 0 to 1
     * @param best so far, height not reckoned
     * @return whether to go on
     */
    boolean goesOn(double share, LoadLevels best);
  }

  public LoadEffort {
    if (millis < 1 || millis > 60_000) {
      throw new IllegalArgumentException(
          "A plan may take 1 to 60,000 ms, but this is " + millis + " ms.");
    }
  }

  public static LoadEffort of(long millis, long seed) {
    return new LoadEffort(millis, seed, (_, _) -> true);
  }
}

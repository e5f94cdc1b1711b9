package gerula.core.packing.load;

/** Whether there is time left, and whoever looks on wants to go on. */
final class LoadClock {

  private static final long A_MILLI = 1_000_000;

  private final LoadEffort effort;
  private final long end;
  private boolean isCut;

  LoadClock(LoadEffort effort) {
    this.effort = effort;
    this.end = System.nanoTime() + effort.millis() * A_MILLI;
  }

  boolean isOver() {
    isCut |= System.nanoTime() - end >= 0;
    return isCut;
  }

  /** Tells how far it is; over from then on when nobody wants to go on. */
  void tell(double share, LoadLevels best) {
    isCut |= !effort.watch().goesOn(share, best);
  }

  boolean wasCut() {
    return isCut;
  }
}

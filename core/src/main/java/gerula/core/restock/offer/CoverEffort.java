package gerula.core.restock.offer;

/** How much is tried before the best so far has to do. */
final class CoverEffort {

  private static final long MOST_STEPS = 80_000_000L;

  private long left = MOST_STEPS;
  private boolean gaveUp;

  void spend(long steps) {
    left -= steps;
  }

  /** Steps tried so far. */
  long spent() {
    return MOST_STEPS - left;
  }

  boolean goesOn() {
    return left > 0;
  }

  /** A part was too large to be gone through. */
  void giveUpOne() {
    gaveUp = true;
  }

  boolean isWhole() {
    return goesOn() && !gaveUp;
  }
}

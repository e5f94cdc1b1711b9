package gerula.core.depot.bench;

import java.util.Arrays;

/**
 * Gives each of many takers at most one of several kinds, of which there are so many, so that the
 * values add up to the most. Exact: successive shortest augmenting paths (Busacker and Gowen, 1960)
 * on the bipartite flow, stopped when another taker would add nothing.
 */
final class BestUse {

  /** No kind. */
  static final int NONE = -1;

  private static final long UNREACHED = Long.MIN_VALUE / 4;

  private final long[][] values;
  private final int[] free;
  private final int[] kindOf;

  private BestUse(long[][] values, int[] counts) {
    this.values = values;
    this.free = counts.clone();
    this.kindOf = new int[values.length];
    Arrays.fill(kindOf, NONE);
  }

  /**
   * @param values what each taker gains by each kind; nothing above 0 is never given
   * @param counts how many there are of each kind, 0 or more
   * @return the kind of each taker, {@link #NONE} for one that gets none
   */
  static int[] of(long[][] values, int[] counts) {
    BestUse use = new BestUse(values, counts);
    while (use.gainOneMore()) {}
    return use.kindOf;
  }

  /**
   * Finds the chain of takers that gains most: the first gets a kind, whoever had it another, until
   * a kind is free. Bellman and Ford's relaxation over takers, which may lose before they gain.
   */
  private boolean gainOneMore() {
    int takers = values.length;
    int kinds = free.length;
    long[] reach = new long[kinds];
    int[] cameFrom = new int[kinds];
    Arrays.fill(reach, UNREACHED);
    for (int taker = 0; taker < takers; taker++) {
      if (kindOf[taker] == NONE) {
        for (int kind = 0; kind < kinds; kind++) {
          offer(reach, cameFrom, kind, values[taker][kind], taker, 0);
        }
      }
    }
    relax(reach, cameFrom);
    int best = NONE;
    for (int kind = 0; kind < kinds; kind++) {
      if (free[kind] > 0 && reach[kind] > 0 && (best == NONE || reach[kind] > reach[best])) {
        best = kind;
      }
    }
    if (best == NONE) {
      return false;
    }
    follow(best, cameFrom);
    return true;
  }

  private void offer(long[] reach, int[] cameFrom, int kind, long value, int taker, long soFar) {
    if (value > 0 && soFar + value > reach[kind]) {
      reach[kind] = soFar + value;
      cameFrom[kind] = taker;
    }
  }

  private void relax(long[] reach, int[] cameFrom) {
    boolean changed = true;
    for (int round = 0; changed && round <= free.length; round++) {
      changed = false;
      for (int taker = 0; taker < values.length; taker++) {
        int held = kindOf[taker];
        if (held == NONE || reach[held] == UNREACHED) {
          continue;
        }
        long soFar = reach[held] - values[taker][held];
        for (int kind = 0; kind < free.length; kind++) {
          long before = reach[kind];
          if (kind != held) {
            offer(reach, cameFrom, kind, values[taker][kind], taker, soFar);
          }
          changed |= reach[kind] != before;
        }
      }
    }
  }

  private void follow(int last, int[] cameFrom) {
    free[last]--;
    int kind = last;
    while (true) {
      int taker = cameFrom[kind];
      int held = kindOf[taker];
      kindOf[taker] = kind;
      if (held == NONE) {
        return;
      }
      kind = held;
    }
  }
}

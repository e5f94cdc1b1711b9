package gerula.core.packing;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * Shares out what some pieces hold among those who use it up: each takes what is best for it, and
 * earlier ones are moved to other packs where that frees enough (augmenting paths; Ford and
 * Fulkerson 1956).
 */
final class Sharing {

  /**
   * Which demands may take from each pack: worked out once for all the sets that are tried.
   *
   * @param demands by pack
   * @param at by pack: where it stands among the packs of that demand
   */
  private record Takers(int[][] demands, int[][] at) {

    static Takers of(List<Cover.Demand> all, int packs) {
      int[] many = new int[packs];
      all.stream()
          .filter(one -> !one.isShared())
          .forEach(one -> Arrays.stream(one.packs()).forEach(pack -> many[pack]++));
      int[][] demands = new int[packs][];
      int[][] at = new int[packs][];
      for (int pack = 0; pack < packs; pack++) {
        demands[pack] = new int[many[pack]];
        at[pack] = new int[many[pack]];
      }
      for (int demand = 0; demand < all.size(); demand++) {
        int[] some = all.get(demand).packs();
        for (int i = 0; i < some.length && !all.get(demand).isShared(); i++) {
          int next = --many[some[i]];
          demands[some[i]][next] = demand;
          at[some[i]][next] = i;
        }
      }
      return new Takers(demands, at);
    }
  }

  private final List<Cover.Demand> demands;
  private final Takers takers;
  private final int[] pieceOf;
  private final long[] held;
  private final long[] free;
  private final long[][] taken;

  /** Of one search for a way. */
  private final int[] from;

  private final int[] fromAt;
  private final int[] freedAt;
  private final boolean[] isOpen;
  private final int[] open;

  /** The pieces that are there. */
  private BitSet set = new BitSet();

  private final BitSet reached;

  /**
   * @param held thousandths in each pack
   * @param pieceOf by pack: the piece it comes along with
   */
  Sharing(List<Cover.Demand> demands, long[] held, int[] pieceOf) {
    this.demands = demands;
    this.takers = Takers.of(demands, held.length);
    this.held = held;
    this.pieceOf = pieceOf;
    this.reached = new BitSet();
    this.free = new long[held.length];
    this.taken = new long[demands.size()][];
    Arrays.setAll(taken, at -> new long[demands.get(at).packs().length]);
    this.from = new int[free.length];
    this.fromAt = new int[free.length];
    this.freedAt = new int[demands.size()];
    this.isOpen = new boolean[demands.size()];
    this.open = new int[demands.size()];
  }

  private void begin(BitSet there) {
    set = there;
    System.arraycopy(held, 0, free, 0, held.length);
    for (long[] one : taken) {
      Arrays.fill(one, 0);
    }
  }

  /**
   * Serves all that is used up, one demand after the other.
   *
   * @param there the pieces that are there
   * @return null when all are served; else pieces of which one at least has to be there as well
   */
  BitSet unserved(BitSet there) {
    begin(there);
    for (int demand = 0; demand < demands.size(); demand++) {
      Cover.Demand one = demands.get(demand);
      long missing = one.isShared() ? 0 : one.wanted();
      for (int at = 0; at < one.packs().length && missing > 0; at++) {
        int pack = one.packs()[at];
        if (set.get(pieceOf[pack])) {
          long some = Math.min(free[pack], missing);
          free[pack] -= some;
          taken[demand][at] += some;
          missing -= some;
        }
      }
      while (missing > 0) {
        long more = augment(demand, missing);
        if (more == 0) {
          return (BitSet) reached.clone();
        }
        missing -= more;
      }
    }
    return null;
  }

  /** Pieces of which something was taken the last time. */
  BitSet used() {
    BitSet used = new BitSet();
    for (int demand = 0; demand < demands.size(); demand++) {
      int[] packs = demands.get(demand).packs();
      for (int at = 0; at < packs.length; at++) {
        if (taken[demand][at] > 0) {
          used.set(pieceOf[packs[at]]);
        }
      }
    }
    return used;
  }

  private long augment(int demand, long wanted) {
    Arrays.fill(from, -1);
    Arrays.fill(isOpen, false);
    isOpen[demand] = true;
    reached.clear();
    open[0] = demand;
    int end = 1;
    for (int next = 0; next < end; next++) {
      int asking = open[next];
      int[] packs = demands.get(asking).packs();
      for (int at = 0; at < packs.length; at++) {
        int pack = packs[at];
        reached.set(pieceOf[pack]);
        if (!set.get(pieceOf[pack]) || from[pack] >= 0) {
          continue;
        }
        from[pack] = asking;
        fromAt[pack] = at;
        if (free[pack] > 0) {
          return move(demand, pack, wanted);
        }
        int[] others = takers.demands()[pack];
        // Told from the last to the first: the first demands are asked first.
        for (int i = others.length - 1; i >= 0; i--) {
          int other = others[i];
          int takenAt = takers.at()[pack][i];
          if (!isOpen[other] && taken[other][takenAt] > 0) {
            isOpen[other] = true;
            freedAt[other] = takenAt;
            open[end++] = other;
          }
        }
      }
    }
    return 0;
  }

  private long move(int demand, int freePack, long wanted) {
    long amount = Math.min(wanted, free[freePack]);
    for (int one = from[freePack]; one != demand; ) {
      amount = Math.min(amount, taken[one][freedAt[one]]);
      one = from[demands.get(one).packs()[freedAt[one]]];
    }
    free[freePack] -= amount;
    int pack = freePack;
    while (true) {
      int one = from[pack];
      taken[one][fromAt[pack]] += amount;
      if (one == demand) {
        return amount;
      }
      taken[one][freedAt[one]] -= amount;
      pack = demands.get(one).packs()[freedAt[one]];
    }
  }
}

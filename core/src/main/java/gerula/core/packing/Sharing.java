package gerula.core.packing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;

/**
 * Shares out what some pieces hold among those who use it up: each takes what is best for it, and
 * earlier ones are moved to other packs where that frees enough (augmenting paths; Ford and
 * Fulkerson 1956).
 */
final class Sharing {

  private final List<Cover.Demand> demands;
  private final int[] pieceOf;
  private final BitSet set;
  private final long[] free;
  private final List<long[]> taken = new ArrayList<>();

  private BitSet reached = new BitSet();

  /**
   * @param held thousandths in each pack
   * @param pieceOf by pack: the piece it comes along with
   * @param set the pieces that are there
   */
  Sharing(List<Cover.Demand> demands, long[] held, int[] pieceOf, BitSet set) {
    this.demands = demands;
    this.pieceOf = pieceOf;
    this.set = set;
    this.free = held.clone();
    demands.forEach(one -> taken.add(new long[one.packs().length]));
  }

  /**
   * Serves all that is used up, one demand after the other.
   *
   * @return null when all are served; else pieces of which one at least has to be there as well
   */
  BitSet unserved() {
    for (int demand = 0; demand < demands.size(); demand++) {
      Cover.Demand one = demands.get(demand);
      long missing = one.isShared() ? 0 : one.wanted();
      for (int at = 0; at < one.packs().length && missing > 0; at++) {
        int pack = one.packs()[at];
        if (set.get(pieceOf[pack])) {
          long some = Math.min(free[pack], missing);
          free[pack] -= some;
          taken.get(demand)[at] += some;
          missing -= some;
        }
      }
      while (missing > 0) {
        long more = augment(demand, missing);
        if (more == 0) {
          return reached;
        }
        missing -= more;
      }
    }
    return null;
  }

  /** Pieces of which something is taken. */
  BitSet used() {
    BitSet used = new BitSet();
    for (int demand = 0; demand < demands.size(); demand++) {
      int[] packs = demands.get(demand).packs();
      for (int at = 0; at < packs.length; at++) {
        if (taken.get(demand)[at] > 0) {
          used.set(pieceOf[packs[at]]);
        }
      }
    }
    return used;
  }

  private long augment(int demand, long wanted) {
    int[] from = new int[free.length];
    int[] fromAt = new int[free.length];
    Arrays.fill(from, -1);
    int[] freedAt = new int[demands.size()];
    Arrays.fill(freedAt, -1);
    boolean[] isOpen = new boolean[demands.size()];
    isOpen[demand] = true;
    reached = new BitSet();
    Deque<Integer> open = new ArrayDeque<>();
    open.add(demand);
    while (!open.isEmpty()) {
      int asking = open.removeFirst();
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
          return move(demand, pack, wanted, from, fromAt, freedAt);
        }
        for (int other = 0; other < demands.size(); other++) {
          int takenAt = isOpen[other] || demands.get(other).isShared() ? -1 : takes(other, pack);
          if (takenAt >= 0) {
            isOpen[other] = true;
            freedAt[other] = takenAt;
            open.add(other);
          }
        }
      }
    }
    return 0;
  }

  private int takes(int demand, int pack) {
    int[] packs = demands.get(demand).packs();
    for (int at = 0; at < packs.length; at++) {
      if (packs[at] == pack && taken.get(demand)[at] > 0) {
        return at;
      }
    }
    return -1;
  }

  private long move(
      int demand, int freePack, long wanted, int[] from, int[] fromAt, int[] freedAt) {
    long amount = Math.min(wanted, free[freePack]);
    for (int one = from[freePack]; one != demand; ) {
      amount = Math.min(amount, taken.get(one)[freedAt[one]]);
      one = from[demands.get(one).packs()[freedAt[one]]];
    }
    free[freePack] -= amount;
    int pack = freePack;
    while (true) {
      int one = from[pack];
      taken.get(one)[fromAt[pack]] += amount;
      if (one == demand) {
        return amount;
      }
      taken.get(one)[freedAt[one]] -= amount;
      pack = demands.get(one).packs()[freedAt[one]];
    }
  }
}

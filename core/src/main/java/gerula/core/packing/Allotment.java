package gerula.core.packing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Shares out what is left in the packs among those who need it.
 *
 * <p>Each demand in turn takes from its candidates in order of liking; when they are taken, earlier
 * demands are moved to others of their candidates if that frees enough (augmenting paths of a
 * transport problem; Ford and Fulkerson 1956). No earlier demand ever gets less by it. Demands and
 * packs on opposite sides of a transport problem are complements (Shapley 1962), so one more pack
 * never leaves any demand with less than before.
 */
final class Allotment {

  private static final int NONE = -1;

  private final long[] free;
  private final boolean[] isOffered;

  /** By pack: which demand came to it, in one search for a way. */
  private final int[] reachedFrom;

  private final List<int[]> candidates = new ArrayList<>();

  /** By demand: what it takes from each pack, in the order in which it came to them. */
  private final List<Map<Integer, Long>> taken = new ArrayList<>();

  /** By pack: who ever took from it. */
  private final Map<Integer, List<Integer>> takers = new HashMap<>();

  /**
   * @param packs how many there are: they are told by their number, from 0
   */
  Allotment(int packs) {
    free = new long[packs];
    isOffered = new boolean[packs];
    reachedFrom = new int[packs];
  }

  /** States what a pack holds, before anyone asks for it; saying it again changes nothing. */
  void offer(int pack, long amount) {
    if (!isOffered[pack]) {
      isOffered[pack] = true;
      free[pack] = amount;
    }
  }

  /**
   * Serves one more demand.
   *
   * @param liked candidates, the most liked first; all of them offered
   * @param amount more than 0
   * @return how much of it could not be served, 0 when all was
   */
  long serve(int[] liked, long amount) {
    int demand = candidates.size();
    candidates.add(liked);
    taken.add(new LinkedHashMap<>());
    long missing = amount;
    for (int at = 0; at < liked.length && missing > 0; at++) {
      long some = Math.min(free[liked[at]], missing);
      if (some > 0) {
        free[liked[at]] -= some;
        take(demand, liked[at], some);
        missing -= some;
      }
    }
    while (missing > 0) {
      long served = augment(demand, missing);
      if (served == 0) {
        break;
      }
      missing -= served;
    }
    return missing;
  }

  /** What the demand served as number so many (from 0) takes from each pack, always more than 0. */
  Map<Integer, Long> takenBy(int demand) {
    Map<Integer, Long> result = new LinkedHashMap<>();
    taken
        .get(demand)
        .forEach(
            (pack, amount) -> {
              if (amount > 0) {
                result.put(pack, amount);
              }
            });
    return result;
  }

  /**
   * @return how much more it takes, 0 when there is no way
   */
  private long augment(int demand, long wanted) {
    Arrays.fill(reachedFrom, NONE);
    int[] freedBy = new int[candidates.size()];
    Arrays.fill(freedBy, NONE);
    Deque<Integer> open = new ArrayDeque<>(List.of(demand));
    while (!open.isEmpty()) {
      int asking = open.removeFirst();
      for (int pack : candidates.get(asking)) {
        if (reachedFrom[pack] != NONE) {
          continue;
        }
        reachedFrom[pack] = asking;
        if (free[pack] > 0) {
          return move(demand, pack, wanted, freedBy);
        }
        for (int other : takers.getOrDefault(pack, List.of())) {
          if (other != demand
              && freedBy[other] == NONE
              && taken.get(other).getOrDefault(pack, 0L) > 0) {
            freedBy[other] = pack;
            open.addLast(other);
          }
        }
      }
    }
    return 0;
  }

  /**
   * @param freedBy by demand: the pack from which it moves over
   */
  private long move(int demand, int freePack, long wanted, int[] freedBy) {
    long amount = Math.min(wanted, free[freePack]);
    for (int one = reachedFrom[freePack]; one != demand; ) {
      int given = freedBy[one];
      amount = Math.min(amount, taken.get(one).get(given));
      one = reachedFrom[given];
    }
    free[freePack] -= amount;
    int pack = freePack;
    while (true) {
      int one = reachedFrom[pack];
      take(one, pack, amount);
      if (one == demand) {
        return amount;
      }
      pack = freedBy[one];
      taken.get(one).merge(pack, -amount, Long::sum);
    }
  }

  private void take(int demand, int pack, long amount) {
    taken.get(demand).merge(pack, amount, Long::sum);
    List<Integer> list = takers.computeIfAbsent(pack, _ -> new ArrayList<>());
    if (!list.contains(demand)) {
      list.add(demand);
    }
  }
}

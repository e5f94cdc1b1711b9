package gerula.core.restock.offer;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * How many pieces of each priority are met so far, as one number (a cell); what is more than asked
 * counts as all that is asked.
 */
final class Coverage {

  private static final int LEVELS = OfferNeed.LAST_PRIORITY;

  /** More are not told apart. */
  private static final int MOST_CELLS = 1 << 30;

  private final int cells;
  private final int[] stride = new int[LEVELS];
  private final int[] asked = new int[LEVELS];
  private final boolean isWhole;

  /**
   * @param toMeet of each priority; 0 where nothing is asked
   */
  Coverage(int[] toMeet) {
    int product = 1;
    boolean fits = true;
    for (int level = 0; level < LEVELS; level++) {
      long with = (long) product * (toMeet[level] + 1);
      if (toMeet[level] > 0 && with <= MOST_CELLS) {
        asked[level] = toMeet[level];
        stride[level] = product;
        product = (int) with;
      } else {
        fits &= toMeet[level] == 0;
      }
    }
    this.cells = product;
    this.isWhole = fits;
  }

  boolean isWhole() {
    return isWhole;
  }

  boolean isAsked(int level) {
    return asked[level] > 0;
  }

  /** How many amounts met of this priority are told apart. */
  int width(int level) {
    return asked[level] + 1;
  }

  /** The cell after so many pieces more. */
  int after(int cell, int level, int met) {
    if (asked[level] == 0 || met == 0) {
      return cell;
    }
    int before = met(cell, level);
    return cell + (Math.min(asked[level], before + met) - before) * stride[level];
  }

  private int met(int cell, int level) {
    return asked[level] == 0 ? 0 : cell / stride[level] % (asked[level] + 1);
  }

  int last() {
    return cells - 1;
  }

  /**
   * @param cheapest by need and pieces met
   * @param level by need
   */
  Rest rest(double[][] cheapest, int[] level) {
    return new Rest(cheapest, level);
  }

  /**
   * What the needs from each one on cost at least until all that is asked is met. A need counts for
   * one priority only, so that each priority is worked out by itself.
   */
  final class Rest {
    private final double[][] cheapest;
    private final int[] level;

    /** From each need on, by priority and pieces met of it before. */
    private final double[][][] from;

    private Rest(double[][] cheapest, int[] level) {
      this.cheapest = cheapest;
      this.level = level;
      this.from = new double[cheapest.length + 1][][];
      from[cheapest.length] = atTheEnd();
      for (int need = cheapest.length - 1; need >= 0; need--) {
        from[need] = from[need + 1].clone();
        from[need][level[need]] = with(need, from[need + 1][level[need]]);
      }
    }

    private double[][] atTheEnd() {
      double[][] end = new double[LEVELS][];
      for (int at = 0; at < LEVELS; at++) {
        end[at] = new double[width(at)];
        Arrays.fill(end[at], Double.POSITIVE_INFINITY);
        end[at][asked[at]] = 0;
      }
      return end;
    }

    private double[] with(int need, double[] after) {
      double[] least = new double[after.length];
      for (int before = 0; before < least.length; before++) {
        least[before] = Double.POSITIVE_INFINITY;
        for (int met = 0; met < cheapest[need].length; met++) {
          least[before] = Math.min(least[before], cost(need, met, before, after));
        }
      }
      return least;
    }

    private double cost(int need, int met, int before, double[] after) {
      return cheapest[need][met] + after[Math.min(after.length - 1, before + met)];
    }

    /** From this need on, in this cell. */
    double of(int need, int cell) {
      double sum = 0;
      for (int at = 0; at < LEVELS; at++) {
        sum += from[need][at][met(cell, at)];
      }
      return sum;
    }

    /** How many pieces each need meets in the cheapest way; null where there is none. */
    int @Nullable [] way() {
      if (of(0, 0) == Double.POSITIVE_INFINITY) {
        return null;
      }
      int[] way = new int[cheapest.length];
      int[] before = new int[LEVELS];
      for (int need = 0; need < way.length; need++) {
        double[] after = from[need + 1][level[need]];
        int so = before[level[need]];
        for (int met = 1; met < cheapest[need].length; met++) {
          if (cost(need, met, so, after) < cost(need, way[need], so, after)) {
            way[need] = met;
          }
        }
        before[level[need]] = Math.min(asked[level[need]], so + way[need]);
      }
      return way;
    }
  }
}

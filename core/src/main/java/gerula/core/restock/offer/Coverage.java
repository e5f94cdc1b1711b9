package gerula.core.restock.offer;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * How many pieces of each priority are met so far, as one number (a cell); what is more than asked
 * counts as all that is asked.
 */
final class Coverage {

  /** More are not told apart, as nobody waits for it. */
  private static final int MOST_CELLS = 20_000;

  final int cells;
  private final int[] stride = new int[OfferNeed.LAST_PRIORITY];
  private final int[] asked = new int[OfferNeed.LAST_PRIORITY];
  private final boolean isWhole;

  /**
   * @param toMeet of each priority; 0 where nothing is asked
   */
  Coverage(int[] toMeet) {
    int product = 1;
    boolean fits = true;
    for (int level = 0; level < asked.length; level++) {
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

  /** The cell after so many pieces more. */
  int after(int cell, int level, int met) {
    if (asked[level] == 0 || met == 0) {
      return cell;
    }
    int before = cell / stride[level] % (asked[level] + 1);
    return cell + (Math.min(asked[level], before + met) - before) * stride[level];
  }

  int last() {
    return cells - 1;
  }

  /** What the needs from each one on cost at least, from each cell on to the last. */
  double[][] rest(double[][] cheapest, int[] level) {
    double[][] rest = new double[cheapest.length + 1][cells];
    Arrays.fill(rest[cheapest.length], Double.POSITIVE_INFINITY);
    rest[cheapest.length][last()] = 0;
    for (int need = cheapest.length - 1; need >= 0; need--) {
      for (int cell = 0; cell < cells; cell++) {
        double least = Double.POSITIVE_INFINITY;
        for (int met = 0; met < cheapest[need].length; met++) {
          double with = cheapest[need][met] + rest[need + 1][after(cell, level[need], met)];
          least = Math.min(least, with);
        }
        rest[need][cell] = least;
      }
    }
    return rest;
  }

  /** How many pieces each need meets in that cheapest way; null where there is none. */
  int @Nullable [] way(double[][] cheapest, double[][] rest, int[] level) {
    int[] way = new int[cheapest.length];
    int cell = 0;
    for (int need = 0; need < way.length; need++) {
      if (rest[need][cell] == Double.POSITIVE_INFINITY) {
        return null;
      }
      int best = 0;
      double least = Double.POSITIVE_INFINITY;
      for (int met = 0; met < cheapest[need].length; met++) {
        double with = cheapest[need][met] + rest[need + 1][after(cell, level[need], met)];
        if (with < least) {
          least = with;
          best = met;
        }
      }
      way[need] = best;
      cell = after(cell, level[need], best);
    }
    return way;
  }
}

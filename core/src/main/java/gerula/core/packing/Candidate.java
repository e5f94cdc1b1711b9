package gerula.core.packing;

import gerula.core.kit.item.Item;
import java.util.Comparator;

/**
 * An item that may be picked, with what is the same of it for every need.
 *
 * @param rank in the order of equals, from 0: each its own
 * @param piece what it comes along with, from 0: what comes as one has one number
 * @param grams of all that comes along with it
 * @param held thousandths that can be used up
 * @param shares what it is where it is shared, 1000 a piece
 * @param isPinned whether the artist holds on to it
 * @param isForced whether it comes in any case
 * @param isIncomplete whether it is useless for want of a companion
 * @param runsOut whether it would do if it did not run out before the last day
 */
record Candidate(
    Item item,
    int rank,
    int piece,
    double grams,
    long held,
    long shares,
    boolean isPinned,
    boolean isForced,
    boolean isIncomplete,
    boolean runsOut) {

  /** How badly it serves one need; 0 is best. */
  record Able(Candidate candidate, long flaws) {

    static final Comparator<Able> BEST_FIRST = Able::inOrder;

    /** Step by step: thousands are put in order for each list. */
    private static int inOrder(Able one, Able other) {
      int order = Long.compare(one.flaws, other.flaws);
      if (order == 0) {
        order = Double.compare(one.candidate.grams, other.candidate.grams);
      }
      return order == 0 ? Integer.compare(one.candidate.rank, other.candidate.rank) : order;
    }
  }
}

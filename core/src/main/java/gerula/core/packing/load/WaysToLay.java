package gerula.core.packing.load;

import gerula.core.packing.load.Laying.Box;
import gerula.core.packing.load.Laying.Manner;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;

/**
 * Finds a way to lay rigid pieces into a compartment. What was refused is remembered, so that the
 * search does not ask again.
 */
final class WaysToLay {

  /** Up to so many every way is tried. */
  private static final int FEW = 6;

  private static final int QUICK_STEPS = 1_500;
  private static final int THOROUGH_STEPS = 200_000;
  private static final int MOST_REMEMBERED = 400_000;

  /** An order and a manner. */
  private record Way(Comparator<Integer> order, Manner manner) {}

  private final LoadFacts facts;
  private final List<Way> ways;
  private final long[] marks;
  private final Set<Long> refused = new HashSet<>();
  private final Set<Long> refusedForGood = new HashSet<>();
  private long work;

  WaysToLay(LoadFacts facts) {
    this.facts = facts;
    Comparator<Integer> largest = by(piece -> facts.postures[piece][0].footprint());
    Comparator<Integer> longest = by(piece -> facts.postures[piece][0].longest());
    Comparator<Integer> bulky = by(piece -> facts.volume[piece]);
    Comparator<Integer> bearing =
        Comparator.<Integer>comparingInt(piece -> facts.bears[piece] ? 0 : 1)
            .thenComparing(by(piece -> facts.postures[piece][0].footprint()));
    ways =
        List.of(
            new Way(largest, Manner.LEAST_FLOOR),
            new Way(bearing, Manner.ON_OTHERS),
            new Way(longest, Manner.FRONT),
            new Way(bulky, Manner.LEAST_FLOOR),
            new Way(largest, Manner.FRONT),
            new Way(bearing, Manner.LEAST_FLOOR),
            new Way(longest, Manner.ON_OTHERS),
            new Way(bulky, Manner.FRONT));
    SplittableRandom random = new SplittableRandom(7);
    marks = new long[facts.pieces.size()];
    Arrays.setAll(marks, _ -> random.nextLong());
  }

  private static Comparator<Integer> by(ToLongFunction<Integer> what) {
    return Comparator.comparingLong(what).reversed().thenComparing(Comparator.naturalOrder());
  }

  /** What was spent so far; the same for the same load, on whatever machine. */
  long work() {
    return work;
  }

  void spend(long more) {
    work += more;
  }

  /** Some way to lay these; null when none was found. */
  @Nullable List<Box> quick(int room, int[] pieces) {
    long mark = mark(room, pieces);
    if (refused.contains(mark)) {
      return null;
    }
    List<Box> found = tried(room, pieces, 3);
    if (found == null && pieces.length <= FEW) {
      found = exact(room, pieces, QUICK_STEPS);
    }
    if (found == null && refused.size() < MOST_REMEMBERED) {
      refused.add(mark);
    }
    return found;
  }

  /** The same with more patience, for the sake of a piece that would stay otherwise. */
  @Nullable List<Box> thorough(int room, int[] pieces) {
    long mark = mark(room, pieces);
    if (refusedForGood.contains(mark)) {
      return null;
    }
    List<Box> found = least(room, pieces);
    if (found == null) {
      refusedForGood.add(mark);
    }
    return found;
  }

  /**
   * The way that lifts least of those that were found, of such the one that reaches least far back;
   * null when none was.
   */
  @Nullable List<Box> least(int room, int[] pieces) {
    List<Box> best = null;
    for (Way way : ways) {
      List<Box> one = laid(room, pieces, way);
      if (one != null && (best == null || isTidier(one, best))) {
        best = one;
      }
    }
    if (pieces.length <= FEW && (best == null || lifted(best) > 0)) {
      List<Box> exact = exact(room, pieces, THOROUGH_STEPS);
      if (exact != null && (best == null || lifted(exact) < lifted(best))) {
        best = exact;
      }
    }
    return best;
  }

  private boolean isTidier(List<Box> one, List<Box> other) {
    double higher = lifted(one) - lifted(other);
    return higher < 0 || (higher == 0 && reach(one) < reach(other));
  }

  private static long reach(List<Box> boxes) {
    return boxes.stream().mapToLong(box -> (long) box.back() * box.back() + box.right()).sum();
  }

  private @Nullable List<Box> exact(int room, int[] pieces, int mostSteps) {
    ExactLaying every = new ExactLaying(facts, room, pieces, mostSteps);
    List<Box> found = every.best();
    work += every.spent();
    return found;
  }

  /** Mass times height, in g x mm / 1000. */
  double lifted(List<Box> boxes) {
    double sum = 0;
    for (Box box : boxes) {
      sum += LoadFacts.lifted(facts.mass[box.piece()], box.z());
    }
    return sum;
  }

  private @Nullable List<Box> tried(int room, int[] pieces, int most) {
    for (int way = 0; way < most; way++) {
      List<Box> one = laid(room, pieces, ways.get(way));
      if (one != null) {
        return one;
      }
    }
    return null;
  }

  private @Nullable List<Box> laid(int room, int[] pieces, Way way) {
    Integer[] order = Arrays.stream(pieces).boxed().toArray(Integer[]::new);
    Arrays.sort(order, way.order());
    Laying laying = new Laying(facts.rooms.get(room));
    boolean isLaid = true;
    for (int i = 0; i < order.length && isLaid; i++) {
      int piece = order[i];
      isLaid = laying.add(piece, facts.postures[piece], facts.bears[piece], way.manner());
    }
    work += laying.spent();
    return isLaid ? laying.boxes() : null;
  }

  private long mark(int room, int[] pieces) {
    long mark = 0x9E3779B97F4A7C15L * (room + 1);
    for (int piece : pieces) {
      mark += marks[piece];
    }
    return mark;
  }
}

package gerula.core.packing.load;

import gerula.core.packing.load.Loading.Counted;
import gerula.core.packing.load.Loading.Kept;
import gerula.core.packing.load.Loading.Patience;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Tries a few pieces in every room, one after the other, and leaves out what cannot become better
 * than the best so far (branch and bound, Land and Doig 1960).
 */
final class ExactLoad {

  /** Beyond so many pieces nobody waits for it. */
  private static final int MOST_PIECES = 14;

  private static final int MOST_STEPS = 400_000;

  private final LoadFacts facts;
  private final WaysToLay ways;
  private final Loading loading;
  private final LoadClock clock;
  private final int[] order;
  private final Loading trial;
  private LoadLevels best;
  private int stepsLeft = MOST_STEPS;

  ExactLoad(LoadFacts facts, WaysToLay ways, Loading loading, LoadClock clock) {
    this.facts = facts;
    this.ways = ways;
    this.loading = loading;
    this.clock = clock;
    this.best = loading.counted().levels(loading.lifted());
    this.order =
        IntStream.range(0, facts.pieces.size())
            .boxed()
            .sorted(
                Comparator.<Integer>comparingInt(one -> facts.isRequired[one] ? 0 : 1)
                    .thenComparingInt(one -> facts.eligible[one].length)
                    .thenComparingLong(one -> -facts.volume[one])
                    .thenComparingInt(one -> one))
            .mapToInt(Integer::intValue)
            .toArray();
    this.trial = new Loading(facts, ways);
  }

  static boolean isSmall(LoadFacts facts) {
    return facts.pieces.size() <= MOST_PIECES;
  }

  boolean isComplete() {
    return stepsLeft > 0 && !clock.wasCut();
  }

  /** Leaves the loading as the best that was found. */
  void improve() {
    decide(0);
  }

  private void decide(int next) {
    if (--stepsLeft <= 0 || clock.isOver()) {
      return;
    }
    if (!canBecomeBetter(next)) {
      return;
    }
    if (next == order.length) {
      take();
      return;
    }
    int piece = order[next];
    for (int room : facts.eligible[piece]) {
      Kept before = trial.kept();
      if (trial.trial(new int[] {piece}, new int[] {room}, (_, _) -> true, Patience.THOROUGH)) {
        decide(next + 1);
        trial.backTo(before);
      }
    }
    decide(next + 1);
  }

  /** Whether even the best that may come of the rest would be better than the best so far. */
  private boolean canBecomeBetter(int next) {
    Counted most = trial.counted().copy();
    for (int i = next; i < order.length; i++) {
      int piece = order[i];
      if (facts.eligible[piece].length > 0) {
        most.requiredLeft -= facts.isRequired[piece] ? 1 : 0;
        most.value += facts.value[piece];
      }
    }
    return most.levels(next == order.length ? trial.lifted() : 0).compareTo(best) < 0
        || (next == order.length && isLowerWhenSettled(most));
  }

  private boolean isLowerWhenSettled(Counted most) {
    return most.levels(0).compareTo(best) < 0;
  }

  private void take() {
    Kept before = trial.kept();
    for (int room = 0; room < facts.rooms.size(); room++) {
      trial.settle(room);
    }
    LoadLevels found = trial.counted().levels(trial.lifted());
    if (found.compareTo(best) < 0) {
      best = found;
      loading.backTo(trial.kept());
    }
    trial.backTo(before);
  }
}

package gerula.core.packing.load;

import gerula.core.packing.load.Laying.Box;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Every way to lay a few pieces into a compartment: what is pushed left, to the front and down as
 * far as it goes begins at an edge of another piece, so that only those places are tried, in every
 * order.
 */
final class ExactLaying {

  private final LoadFacts facts;
  private final int[] pieces;
  private final Laying laying;
  private final boolean[] isLaid;
  private int stepsLeft;
  private double lifted;
  private double least = Double.MAX_VALUE;
  private @Nullable List<Box> best;

  ExactLaying(LoadFacts facts, int room, int[] pieces, int mostSteps) {
    this.facts = facts;
    this.pieces = pieces;
    this.laying = new Laying(facts.rooms.get(room));
    this.isLaid = new boolean[pieces.length];
    this.stepsLeft = mostSteps;
  }

  /** The one that lifts least; null when none was found. */
  @Nullable List<Box> best() {
    lay(0);
    return best;
  }

  long spent() {
    return laying.spent();
  }

  private void lay(int laid) {
    if (laid == pieces.length) {
      best = new ArrayList<>(laying.boxes());
      least = lifted;
      return;
    }
    for (int i = 0; i < pieces.length && stepsLeft > 0 && least > 0; i++) {
      if (!isLaid[i] && !isLikeOneBefore(i)) {
        isLaid[i] = true;
        lay(pieces[i], laid);
        isLaid[i] = false;
      }
    }
  }

  /** Of pieces that are alike the first comes first. */
  private boolean isLikeOneBefore(int at) {
    for (int i = 0; i < at; i++) {
      if (!isLaid[i] && areAlike(pieces[i], pieces[at])) {
        return true;
      }
    }
    return false;
  }

  private boolean areAlike(int one, int other) {
    return facts.mass[one] == facts.mass[other]
        && facts.bears[one] == facts.bears[other]
        && java.util.Arrays.equals(facts.postures[one], facts.postures[other]);
  }

  private void lay(int piece, int laid) {
    for (int level : laying.levels()) {
      double lifts = LoadFacts.lifted(facts.mass[piece], level);
      if (lifted + lifts >= least) {
        return;
      }
      for (int x : laying.lefts(level)) {
        for (int y : laying.fronts(level)) {
          for (Posture way : facts.postures[piece]) {
            if (--stepsLeft <= 0) {
              return;
            }
            if (laying.canLie(x, y, level, way)) {
              laying.take(new Box(piece, x, y, level, way, facts.bears[piece]));
              lifted += lifts;
              lay(laid + 1);
              lifted -= lifts;
              laying.takeAwayLast();
            }
          }
        }
      }
    }
  }
}

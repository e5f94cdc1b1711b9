package gerula.core.cleandown.plan;

import gerula.core.cleandown.treatment.Handwork;
import gerula.core.cleandown.treatment.Step;
import java.util.ArrayList;
import java.util.List;

/**
 * Cleaning in an order: one pair of hands, and what waits waits beside.
 *
 * @param acts in the order in which they are done
 * @param seconds until the last thing may be used again
 * @param handSeconds how much of it is handwork
 */
public record CleaningPlan(List<CleaningAct> acts, int seconds, int handSeconds) {

  /**
   * The same with one thing more to do with one's hands, after all the rest and beside its waits.
   */
  public CleaningPlan endingWith(Step step) {
    int from = acts.stream().mapToInt(CleaningAct::until).max().orElse(0);
    int until = from + Handwork.seconds(step);
    List<CleaningAct> all = new ArrayList<>(acts);
    all.add(CleaningAct.of(step, List.of(), from, until, until));
    return new CleaningPlan(all, Math.max(seconds, until), handSeconds + until - from);
  }

  public CleaningPlan {
    acts = joined(acts);
  }

  private static List<CleaningAct> joined(List<CleaningAct> acts) {
    List<CleaningAct> all = new ArrayList<>();
    for (CleaningAct act : acts) {
      CleaningAct one = all.isEmpty() ? null : all.getLast().with(act).orElse(null);
      if (one == null) {
        all.add(act);
      } else {
        all.set(all.size() - 1, one);
      }
    }
    return List.copyOf(all);
  }

  /** The shortest order that is found, and of equally short ones the one with the fewest acts. */
  public static CleaningPlan of(List<Chain> chains) {
    return new CleaningOrder(chains).best();
  }
}

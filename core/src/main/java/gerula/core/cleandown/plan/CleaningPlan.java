package gerula.core.cleandown.plan;

import java.util.List;

/**
 * Cleaning in an order: one pair of hands, and what waits waits beside.
 *
 * @param acts in the order in which they are done
 * @param seconds until the last thing may be used again
 * @param handSeconds how much of it is handwork
 */
public record CleaningPlan(List<CleaningAct> acts, int seconds, int handSeconds) {

  public CleaningPlan {
    acts = List.copyOf(acts);
  }

  /** The shortest order that is found, and of equally short ones the one with the fewest acts. */
  public static CleaningPlan of(List<Chain> chains) {
    return new CleaningOrder(chains).best();
  }
}

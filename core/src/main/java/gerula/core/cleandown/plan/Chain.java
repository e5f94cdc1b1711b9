package gerula.core.cleandown.plan;

import gerula.core.cleandown.treatment.Step;
import java.util.List;
import java.util.UUID;

/**
 * What has to be done to one thing, step by step.
 *
 * @param thing whose steps these are
 * @param steps in order; handwork takes hands, waits take only time
 */
public record Chain(UUID thing, List<Stage> steps) {

  /**
   * One step with how long it takes.
   *
   * @param seconds of handwork, or of waiting where the step is a wait
   */
  public record Stage(Step step, int seconds) {
    public Stage {
      if (seconds < 0) {
        throw new IllegalArgumentException("A step takes no less than no time.");
      }
    }
  }

  public Chain {
    steps = List.copyOf(steps);
  }

  /** From this step on to the end, in seconds. */
  int secondsFrom(int step) {
    return steps.stream().skip(step).mapToInt(Stage::seconds).sum();
  }
}

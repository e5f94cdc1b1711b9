package gerula.core.cleandown.plan;

import gerula.core.cleandown.treatment.Handwork;
import gerula.core.cleandown.treatment.Step;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What has to be done to one thing, step by step.
 *
 * @param thing whose steps these are, null for what is no thing of the kit: the worktop
 * @param steps in order; handwork takes hands, waits take only time
 */
public record Chain(@Nullable UUID thing, List<Stage> steps) {

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

  /** One step that has nothing to do with a thing of the kit. */
  public static Chain of(Step step) {
    return new Chain(null, List.of(new Stage(step, Handwork.seconds(step))));
  }

  /** From this step on to the end, in seconds. */
  int secondsFrom(int step) {
    return steps.stream().skip(step).mapToInt(Stage::seconds).sum();
  }
}

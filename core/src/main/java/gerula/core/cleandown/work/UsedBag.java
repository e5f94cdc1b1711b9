package gerula.core.cleandown.work;

import gerula.core.cleandown.treatment.Handwork;
import gerula.core.cleandown.treatment.Step;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A bag that is back from a job and is not clean again.
 *
 * @param done what has been done so far, in order
 */
public record UsedBag(UUID place, List<DoneStep> done) {

  /** Common practice. */
  private static final List<Step> STEPS =
      List.of(Step.EMPTY, Step.DEGREASE, Step.DISINFECT, Step.DRY_OPEN);

  /** How long it stands open. From memory. */
  private static final Duration OPEN = Duration.ofMinutes(30);

  public UsedBag {
    done = List.copyOf(done);
  }

  /** With one step more done. */
  public UsedBag with(DoneStep step) {
    return new UsedBag(place, Stream.concat(done.stream(), Stream.of(step)).toList());
  }

  /** How far it has come. */
  public Progress progress(Instant now) {
    return Progress.of(
        STEPS, step -> step.isWait() ? (int) OPEN.toSeconds() : Handwork.seconds(step), done, now);
  }
}

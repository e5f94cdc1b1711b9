package gerula.core.cleandown.work;

import gerula.core.cleandown.brushes.BrushRun;
import gerula.core.cleandown.plan.Chain;
import gerula.core.cleandown.plan.Chain.Stage;
import gerula.core.cleandown.treatment.Handwork;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.Trait;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.UUID;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;

/**
 * How far a thing's treatment has come. A wait begins by itself when the step before it is done,
 * and is over when its time is, when somebody saw that it is, or when the next step was done.
 *
 * @param left what is still to be done; the first of it may be what is left of a wait
 * @param waitsUntil when the wait that runs is over, null when none does
 */
public record Progress(List<Stage> left, @Nullable Instant waitsUntil) {

  public Progress {
    left = List.copyOf(left);
  }

  static Progress of(Treatment treatment, Item item, List<DoneStep> done, Instant now) {
    return of(treatment.steps(), step -> seconds(item, step), done, now);
  }

  /**
   * @param steps all there are to do, in order
   * @param seconds how long each takes, or waits
   */
  static Progress of(
      List<Step> steps, ToIntFunction<Step> seconds, List<DoneStep> done, Instant now) {
    return new Following(seconds, done, now).of(steps);
  }

  private static int seconds(Item item, Step step) {
    Product product = item.product();
    return step.isWait()
        ? (int)
            Duration.ofMinutes(Treatment.minutes(step, product.form(), product.has(Trait.DENSE)))
                .toSeconds()
        : Handwork.seconds(step, BrushRun.brushes(product));
  }

  /** Goes through the steps and what was done of them side by side. */
  private static final class Following {

    private final ToIntFunction<Step> seconds;
    private final Deque<DoneStep> open;
    private final Instant now;
    private final List<Stage> left = new ArrayList<>();
    private @Nullable Instant at;
    private @Nullable Instant until;

    Following(ToIntFunction<Step> seconds, List<DoneStep> done, Instant now) {
      this.seconds = seconds;
      this.open = new ArrayDeque<>(done);
      this.now = now;
    }

    /** What was done of some other treatment counts for nothing. */
    Progress of(List<Step> steps) {
      Progress followed = followed(steps);
      return open.isEmpty() ? followed : new Following(seconds, List.of(), now).followed(steps);
    }

    private Progress followed(List<Step> steps) {
      for (Step step : steps) {
        if (left.isEmpty() && !open.isEmpty() && open.getFirst().step() == step) {
          at = open.removeFirst().at();
        } else if (step.isWait()) {
          wait(step);
        } else {
          left.add(new Stage(step, seconds.applyAsInt(step)));
        }
      }
      return new Progress(left, until);
    }

    private void wait(Step step) {
      if (!open.isEmpty()) {
        return;
      }
      Duration wait = Duration.ofSeconds(seconds.applyAsInt(step));
      if (at == null || !left.isEmpty()) {
        left.add(new Stage(step, (int) wait.toSeconds()));
        return;
      }
      at = at.plus(wait);
      if (at.isAfter(now)) {
        until = at;
        left.add(new Stage(step, (int) Math.ceilDiv(Duration.between(now, at).toMillis(), 1000)));
      }
    }
  }

  /** What hands do next, null when nothing is left for them. */
  public @Nullable Step next() {
    return left.stream().map(Stage::step).filter(step -> !step.isWait()).findFirst().orElse(null);
  }

  /** The wait that runs, null when none does. */
  public @Nullable Step waiting() {
    return waitsUntil == null ? null : left.getFirst().step();
  }

  /** When it is dry at last, if its hands' work is done and what is left are waits. */
  public @Nullable Instant dryAt(Instant now) {
    return left.isEmpty() ? null : now.plusSeconds(left.stream().mapToInt(Stage::seconds).sum());
  }

  Chain chain(UUID thing) {
    return new Chain(thing, left);
  }
}

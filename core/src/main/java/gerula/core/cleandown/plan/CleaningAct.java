package gerula.core.cleandown.plan;

import gerula.core.cleandown.treatment.Step;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * The same movements done to several things, one right after the other: one act of a pair of hands.
 *
 * @param steps as movements, in their order: packs are wiped together, be it at the rim or the
 *     neck; what follows at once on the same things is of the same act
 * @param things none where it is done to no thing of the kit
 * @param from seconds from the beginning at which it can begin
 * @param until seconds at which the hands are free again
 * @param readyAt seconds at which the last wait that follows it is over
 */
public record CleaningAct(List<Step> steps, List<UUID> things, int from, int until, int readyAt) {

  public CleaningAct {
    steps = List.copyOf(steps);
    things = List.copyOf(things);
  }

  static CleaningAct of(Step step, List<UUID> things, int from, int until, int readyAt) {
    return new CleaningAct(List.of(step), things, from, until, readyAt);
  }

  /** One act with what follows it at once on the same things; empty where that is another act. */
  Optional<CleaningAct> with(CleaningAct next) {
    boolean isOne = next.from == until && next.things.equals(things) && readyAt <= until;
    return isOne
        ? Optional.of(
            new CleaningAct(
                Stream.concat(steps.stream(), next.steps.stream()).toList(),
                things,
                from,
                next.until,
                next.readyAt))
        : Optional.empty();
  }
}

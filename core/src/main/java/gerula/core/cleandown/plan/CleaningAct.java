package gerula.core.cleandown.plan;

import gerula.core.cleandown.treatment.Step;
import java.util.List;
import java.util.UUID;

/**
 * The same step done to several things, one right after the other: one act of a pair of hands.
 *
 * @param from seconds from the beginning at which it can begin
 * @param until seconds at which the hands are free again
 * @param readyAt seconds at which the last wait that follows it is over
 */
public record CleaningAct(Step step, List<UUID> things, int from, int until, int readyAt) {
  public CleaningAct {
    things = List.copyOf(things);
  }
}

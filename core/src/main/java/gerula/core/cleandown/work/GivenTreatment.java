package gerula.core.cleandown.work;

import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was done to clean a thing, or beside between two faces, step by step.
 *
 * @param item null for what is done to no thing of the kit: worktop, hands
 * @param booking at which, null at none
 * @param face after which, null where that is not known or it is after the job
 * @param doneAt when nothing was left for hands to do, null as long as something is
 * @param sprayPercent how strong the alcohol was, % by volume
 */
public record GivenTreatment(
    UUID id,
    @Nullable UUID item,
    @Nullable UUID booking,
    @Nullable UUID face,
    Moment moment,
    Instant begunAt,
    @Nullable Instant doneAt,
    int sprayPercent,
    List<DoneStep> steps) {

  public GivenTreatment {
    steps = List.copyOf(steps);
  }

  /** The same with one step more. */
  public GivenTreatment with(Step step, Instant at, boolean isLast) {
    List<DoneStep> all = new ArrayList<>(steps);
    all.add(new DoneStep(step, at));
    return new GivenTreatment(
        id, item, booking, face, moment, begunAt, isLast ? at : null, sprayPercent, all);
  }
}

package gerula.core.cleandown.work;

import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was done to clean a thing, or beside between two faces, step by step.
 *
 * @param item null for what is done to a bag, or to no thing of the kit: worktop, hands
 * @param place the bag it was done to, null for anything else
 * @param booking at which, null at none
 * @param face after which, null where that is not known or it is after the job
 * @param doneAt when nothing was left for hands to do, null as long as something is
 * @param sprayPercent how strong the alcohol was, % by volume
 * @param agent the bottle it came from, null where nobody knows
 */
@RecordBuilder
public record GivenTreatment(
    UUID id,
    @Nullable UUID item,
    @Nullable UUID place,
    @Nullable UUID booking,
    @Nullable UUID face,
    Moment moment,
    Instant begunAt,
    @Nullable Instant doneAt,
    int sprayPercent,
    @Nullable UUID agent,
    List<DoneStep> steps) {

  public GivenTreatment {
    steps = List.copyOf(steps);
  }

  /** The same, sprayed from this bottle; from the one before where none is told. */
  public GivenTreatment sprayedFrom(@Nullable UUID bottle) {
    return bottle == null ? this : GivenTreatmentBuilder.builder(this).agent(bottle).build();
  }

  /** The same with one step more. */
  public GivenTreatment with(Step step, Instant at, boolean isLast) {
    List<DoneStep> all = new ArrayList<>(steps);
    all.add(new DoneStep(step, at));
    return GivenTreatmentBuilder.builder(this).doneAt(isLast ? at : null).steps(all).build();
  }
}

package gerula.core.cleandown.treatment;

import gerula.core.cleandown.Dilution;
import gerula.core.kit.product.Form;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What becomes of a thing that was used, and what has to be done to it.
 *
 * @param steps in order; none where it is not used again
 * @param readyAfterMinutes how long one waits before it may be used again, handwork not counted;
 *     null where it is not used again, or where nobody can say
 */
public record Treatment(
    Outcome outcome,
    List<Step> steps,
    @Nullable Integer readyAfterMinutes,
    List<TreatmentFinding> findings,
    List<Caution> cautions) {

  /** A film of 70 % takes about two minutes, on pressed powder five. Common practice. */
  private static final int DRY_MINUTES = 2;

  private static final int DRY_ON_POWDER_MINUTES = 5;
  private static final int SOAK_MINUTES = 10;

  /** Brushes lie flat overnight, dense ones for a day. Common practice. */
  static final int LAY_FLAT_MINUTES = 480;

  static final int LAY_FLAT_DENSE_MINUTES = 1440;

  public Treatment {
    steps = List.copyOf(steps);
    findings = List.copyOf(findings);
    cautions = List.copyOf(cautions);
  }

  /** Empty where such a thing is not used in this way. */
  public static Optional<Treatment> of(Treated one) {
    return UsualTreatment.of(one)
        .map(usual -> Incidents.override(one, usual))
        .map(what -> what.done(one));
  }

  /**
   * Minutes one waits in a step.
   *
   * @param form of what is treated
   */
  public static int minutes(Step step, Form form, boolean isDense) {
    return switch (step) {
      case DRY -> form == Form.PRESSED_POWDER ? DRY_ON_POWDER_MINUTES : DRY_MINUTES;
      case SOAK -> SOAK_MINUTES;
      case LAY_FLAT -> isDense ? LAY_FLAT_DENSE_MINUTES : LAY_FLAT_MINUTES;
      default -> 0;
    };
  }

  /** The one that asks for more: the graver outcome, the longer wait, the more steps. */
  public Treatment stricter(Treatment other) {
    int graver = outcome.compareTo(other.outcome);
    if (graver == 0) {
      graver = Integer.compare(waits(), other.waits());
    }
    if (graver == 0) {
      graver = Integer.compare(steps.size(), other.steps.size());
    }
    return graver < 0 ? other : this;
  }

  /**
   * Whether it may be used again once all of it is done. Between two faces what goes to the dirty
   * holder or into the laundry is only set aside.
   */
  public boolean leavesItClean(Moment moment) {
    boolean isSetAside =
        steps.contains(Step.TO_DIRTY_HOLDER)
            || (moment == Moment.BETWEEN_FACES && steps.contains(Step.LAUNDER));
    return outcome.isReusable() && !isSetAside;
  }

  private int waits() {
    return readyAfterMinutes == null ? 0 : readyAfterMinutes;
  }

  /** An outcome with its steps, before it is told what goes along with them. */
  record Draft(Outcome outcome, List<Step> steps, boolean isChainOpen) {

    static Draft treat(Step... steps) {
      return new Draft(Outcome.TREAT, List.of(steps), false);
    }

    static Draft of(Outcome outcome) {
      return new Draft(outcome, List.of(), false);
    }

    Draft leavingTheChainOpen() {
      return new Draft(outcome, steps, true);
    }

    /** How long it takes until it may be used again. */
    @Nullable Integer minutes(Treated one) {
      if (!outcome.isReusable() || steps.contains(Step.TO_DIRTY_HOLDER)) {
        return null;
      }
      return steps.stream()
          .mapToInt(step -> Treatment.minutes(step, one.form(), one.isDense()))
          .sum();
    }

    private Treatment done(Treated one) {
      return new Treatment(outcome, steps, minutes(one), findings(one), cautions(one));
    }

    private List<TreatmentFinding> findings(Treated one) {
      List<TreatmentFinding> findings = new ArrayList<>();
      if (isChainOpen) {
        findings.add(TreatmentFinding.CHAIN_STAYS_OPEN);
      }
      boolean isEffective = Dilution.isEffective(BigDecimal.valueOf(one.house().sprayPercent()));
      if (steps.stream().anyMatch(Step::takesAlcohol) && !isEffective) {
        findings.add(TreatmentFinding.OUTSIDE_EFFECTIVE_RANGE);
      }
      return findings;
    }

    private List<Caution> cautions(Treated one) {
      Set<Caution> cautions = EnumSet.noneOf(Caution.class);
      steps.forEach(step -> cautions.addAll(step.cautions()));
      if (one.incident() != null && one.incident().isInfection()) {
        cautions.add(Caution.DO_NOT_WORK_THERE);
      }
      if (one.incident() == Incident.BLOOD) {
        cautions.add(Caution.GLOVES_AND_SHARPS);
      }
      if (one.form() == Form.SHARPENER) {
        cautions.add(Caution.BLADES);
      }
      if (one.form() == Form.ELECTRICAL_TOOL && outcome.isReusable()) {
        cautions.add(Caution.UNPLUG);
      }
      return List.copyOf(cautions);
    }
  }
}

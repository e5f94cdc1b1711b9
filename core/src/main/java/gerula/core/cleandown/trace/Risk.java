package gerula.core.cleandown.trace;

import gerula.core.cleandown.Dilution;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.kit.product.Form;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.Set;

/** Whether what clings to a thing can be taken away. Common practice. */
public final class Risk {

  /**
   * What is contaminated on its surface only. All else is wet or soaks: it is contaminated
   * throughout, and nothing that is done to it ends that.
   */
  private static final Set<Form> ON_THE_SURFACE =
      EnumSet.of(
          Form.PRESSED_POWDER,
          Form.SHARPENABLE_PENCIL,
          Form.TWIST_UP_PENCIL,
          Form.THIN_SPRAY,
          Form.STICKY_SPRAY,
          Form.AEROSOL,
          Form.ALCOHOL_ACTIVATED_PALETTE,
          Form.BRUSH_SYNTHETIC,
          Form.BRUSH_NATURAL,
          Form.BRUSH_DUO_FIBRE,
          Form.FABRIC_PUFF,
          Form.METAL_TOOL,
          Form.SHARPENER,
          Form.ELECTRICAL_TOOL,
          Form.TEXTILE);

  private static final Set<Step> THOROUGH =
      EnumSet.of(
          Step.SOAK,
          Step.WASH,
          Step.SHAMPOO,
          Step.LAUNDER,
          Step.QUICK_CLEAN,
          Step.FLUSH,
          Step.CLEAN,
          Step.DISINFECT_RATED);

  private Risk() {}

  /** Alcohol counts only where it is of an effective strength, wiping and misting never. */
  public static boolean isRemovedBy(GivenTreatment treatment, Form form) {
    boolean isEffective = Dilution.isEffective(BigDecimal.valueOf(treatment.sprayPercent()));
    return treatment.doneAt() != null
        && ON_THE_SURFACE.contains(form)
        && treatment.steps().stream()
            .anyMatch(
                done ->
                    THOROUGH.contains(done.step()) || (isEffective && done.step() == Step.SPRAY));
  }
}

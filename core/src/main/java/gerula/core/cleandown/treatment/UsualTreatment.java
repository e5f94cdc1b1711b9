package gerula.core.cleandown.treatment;

import static gerula.core.cleandown.treatment.Step.*;

import gerula.core.cleandown.Contact;
import gerula.core.cleandown.treatment.Treatment.Draft;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.BulletPractice;
import gerula.core.rule.FeltPractice;
import gerula.core.rule.PencilPractice;
import gerula.core.rule.SoftPencilPractice;
import gerula.core.rule.SpongePractice;
import gerula.core.rule.WashingPractice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is done to a thing by its form and by how it was used. Common practice. */
final class UsualTreatment {

  private static final Draft DISCARD = Draft.of(Outcome.DISCARD);
  private static final Draft ONE_PERSON = Draft.of(Outcome.ONE_PERSON);

  private UsualTreatment() {}

  /** Empty where such a thing is not used in this way. */
  static Optional<Draft> of(Treated one) {
    return Optional.ofNullable(draft(one));
  }

  private static @Nullable Draft draft(Treated one) {
    return switch (one.form()) {
      case PRESSED_POWDER -> pressedPowder(one);
      case LOOSE_POWDER, LIQUID_DIP_APPLICATOR, MASCARA, ADHESIVE, LATEX_OR_SILICONE ->
          one.isClean() ? Draft.treat(WIPE_NECK) : DISCARD;
      case CREAM, BALM -> one.isClean() ? Draft.treat(SPRAY, WIPE_RIM) : DISCARD;
      case SETTING_CREAM -> one.isClean() ? Draft.treat(SPRAY, WIPE_RIM, CLOSE) : DISCARD;
      case LIQUID_PUMP_OR_SQUEEZE ->
          one.isClean() ? Draft.treat(WIPE_NOZZLE) : Draft.treat(WIPE_NOZZLE, SPRAY, DRY);
      case LIPSTICK_BULLET -> one.isClean() ? Draft.treat(WIPE_RIM) : shared(one, WIPE_LAYER);
      case STICK -> one.isClean() ? Draft.treat(WIPE_RIM) : shared(one, SCRAPE_LAYER);
      case SHARPENABLE_PENCIL -> sharpenable(one);
      case TWIST_UP_PENCIL -> twistUp(one);
      case FELT_TIP_PEN -> felt(one);
      case THIN_SPRAY, STICKY_SPRAY, AEROSOL -> Draft.treat(WIPE);
      case ALCOHOL_ACTIVATED_PALETTE -> Draft.treat(SPRAY, DRY);
      case WATER_ACTIVATED_PAINT ->
          one.isClean()
              ? Draft.treat(DRY_OPEN, WIPE_RIM)
              : Draft.treat(WIPE_TOP_LAYER, SPRAY, DRY_OPEN);
      case MEDICATED_DROPS -> one.how() == Contact.How.DOUBLE_DIP ? DISCARD : ONE_PERSON;
      case ELECTRICAL_TOOL -> electrical(one);
      default -> one.isDirect() ? tool(one) : null;
    };
  }

  /** What only ever touches skin itself. */
  private static @Nullable Draft tool(Treated one) {
    return switch (one.form()) {
      case LASHES, SINGLE_USE -> DISCARD;
      case BRUSH_SYNTHETIC ->
          one.house().washing() == WashingPractice.SOAP_THEN_ALCOHOL
              ? brush(one, WASH, RINSE, SPRAY, LAY_FLAT, WIPE_HANDLE)
              : brush(one, WASH, RINSE, LAY_FLAT, WIPE_HANDLE);
      case BRUSH_NATURAL, BRUSH_DUO_FIBRE -> brush(one, SHAMPOO, RINSE, LAY_FLAT, WIPE_HANDLE);
      case FOAM_SPONGE -> sponge(one.house().sponge());
      case FABRIC_PUFF, TEXTILE -> Draft.treat(LAUNDER);
      case METAL_TOOL ->
          one.isAfterTheJob()
              ? Draft.treat(WASH, SOAK, DRY)
              : Draft.treat(WIPE_RESIDUE, SPRAY, DRY);
      case SHARPENER -> Draft.treat(BRUSH_OUT, SPRAY, DRY);
      default -> null;
    };
  }

  private static Draft pressedPowder(Treated one) {
    if (one.isClean()) {
      return Draft.treat(WIPE_RIM);
    }
    Draft dipped = Draft.treat(WIPE_TOP_LAYER, SPRAY, DRY);
    if (!one.isDirect()) {
      return dipped;
    }
    return switch (one.house().powder()) {
      case SPRAY_70 -> Draft.treat(SPRAY, DRY);
      case WIPE_TOP_LAYER -> Draft.treat(WIPE_TOP_LAYER, WIPE_RIM);
      case COSMETIC_MIST -> Draft.treat(MIST, DRY);
      case NEVER_TOUCH_PAN -> dipped;
    };
  }

  /** A bullet or a stick that touched skin. */
  private static Draft shared(Treated one, Step takesOffALayer) {
    return one.house().bullet() == BulletPractice.SCRAPE_ONLY
        ? ONE_PERSON
        : Draft.treat(takesOffALayer, SPRAY, DRY).leavingTheChainOpen();
  }

  private static Draft sharpenable(Treated one) {
    List<Step> steps =
        new ArrayList<>(
            one.house().pencil() == PencilPractice.SPRAY_SHARPEN_SPRAY
                ? List.of(SPRAY, DRY, SHARPEN, SPRAY, DRY)
                : List.of(SHARPEN, SPRAY, WIPE));
    if (one.isAfterTheJob()) {
      steps.addAll(List.of(CLEAN_CAP, CLEAN_SHARPENER));
    }
    return new Draft(Outcome.TREAT, steps, false);
  }

  private static Draft twistUp(Treated one) {
    if (one.isHard()) {
      return Draft.treat(SPRAY, WIPE_ALL_SIDES, DRY);
    }
    return one.house().softTwistUp() == SoftPencilPractice.NOT_SHARED
        ? ONE_PERSON
        : Draft.treat(SPRAY, WIPE_ALL_SIDES);
  }

  private static Draft felt(Treated one) {
    return one.isClean() || one.house().felt() == FeltPractice.NOT_SHARED
        ? ONE_PERSON
        : Draft.treat(SOAK, DRY);
  }

  private static @Nullable Draft electrical(Treated one) {
    if (one.how() == Contact.How.DOUBLE_DIP) {
      return null;
    }
    if (!one.isGun()) {
      return Draft.treat(WIPE);
    }
    return one.isAfterTheJob() ? Draft.treat(STRIP, CLEAN, NEEDLE_CHECK) : Draft.treat(FLUSH, WIPE);
  }

  private static Draft brush(Treated one, Step... washed) {
    if (one.isAfterTheJob()) {
      return Draft.treat(washed);
    }
    return one.house().brushes() == BrushPractice.SECOND_SET
        ? Draft.treat(TO_DIRTY_HOLDER)
        : Draft.treat(QUICK_CLEAN, DRY);
  }

  private static Draft sponge(SpongePractice practice) {
    return switch (practice) {
      case SINGLE_USE -> DISCARD;
      case GIVE_AWAY -> Draft.of(Outcome.GIVE_AWAY);
      case DEDICATED -> ONE_PERSON;
    };
  }
}

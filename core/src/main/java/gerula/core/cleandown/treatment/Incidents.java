package gerula.core.cleandown.treatment;

import static gerula.core.cleandown.treatment.Step.*;

import gerula.core.cleandown.Contact;
import gerula.core.cleandown.treatment.Treatment.Draft;
import gerula.core.kit.product.Form;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What happened beside the usual use overrides what is usual: the stricter holds. */
final class Incidents {

  private static final Draft DISCARD = Draft.of(Outcome.DISCARD);
  private static final Draft QUARANTINE = Draft.of(Outcome.QUARANTINE);

  private static final Set<Form> TOOLS =
      EnumSet.of(Form.METAL_TOOL, Form.SHARPENER, Form.ELECTRICAL_TOOL);

  private static final Set<Form> TEXTILES = EnumSet.of(Form.TEXTILE, Form.FABRIC_PUFF);

  /** Wet: what falls on the floor or is sneezed into stays in it. */
  private static final Set<Form> WET =
      EnumSet.of(
          Form.CREAM,
          Form.SETTING_CREAM,
          Form.BALM,
          Form.LIQUID_PUMP_OR_SQUEEZE,
          Form.LIQUID_DIP_APPLICATOR,
          Form.MASCARA,
          Form.LIPSTICK_BULLET,
          Form.STICK,
          Form.FELT_TIP_PEN,
          Form.ADHESIVE,
          Form.LATEX_OR_SILICONE,
          Form.MEDICATED_DROPS);

  /** Closed all around: what is in them is not reached. */
  private static final Set<Form> CLOSED =
      EnumSet.of(Form.THIN_SPRAY, Form.STICKY_SPRAY, Form.AEROSOL);

  private Incidents() {}

  static Draft override(Treated one, Draft usual) {
    Draft other = one.incident() == null ? null : after(one, one.incident());
    return other == null ? usual : stricter(one, usual, other);
  }

  /** The worse outcome; of two treatments the longer; of equals what the incident asks for. */
  private static Draft stricter(Treated one, Draft usual, Draft other) {
    int order = usual.outcome().compareTo(other.outcome());
    if (order != 0) {
      return order > 0 ? usual : other;
    }
    boolean isLonger =
        Objects.requireNonNullElse(usual.minutes(one), 0)
            > Objects.requireNonNullElse(other.minutes(one), 0);
    return isLonger ? usual : other;
  }

  /** Null where the usual treatment will do. */
  private static @Nullable Draft after(Treated one, Incident incident) {
    return switch (incident) {
      case ILL_FACE -> one.isForLips() && !one.isClean() ? DISCARD : null;
      case INFECTED_EYE, COLD_SORE, OPEN_WOUND, SKIN_INFECTION -> touchedAnInfection(one);
      case BLOOD -> bloodOn(one);
      case DROPPED -> dropped(one);
      case SNEEZED_ON -> sneezedOn(one);
      case UNKNOWN_USER -> usedBySomebody(one);
    };
  }

  private static @Nullable Draft touchedAnInfection(Treated one) {
    if (one.isClean() || TEXTILES.contains(one.form())) {
      return null;
    }
    return TOOLS.contains(one.form()) ? QUARANTINE : DISCARD;
  }

  private static Draft bloodOn(Treated one) {
    if (TEXTILES.contains(one.form())) {
      return Draft.treat(LAUNDER);
    }
    return TOOLS.contains(one.form()) || CLOSED.contains(one.form())
        ? Draft.treat(WASH, DISINFECT_RATED, DRY)
        : DISCARD;
  }

  private static @Nullable Draft dropped(Treated one) {
    if (TOOLS.contains(one.form())) {
      return Draft.treat(WIPE_RESIDUE, SPRAY, DRY);
    }
    if (CLOSED.contains(one.form())) {
      return Draft.treat(WIPE);
    }
    boolean isPowder = one.form() == Form.PRESSED_POWDER || one.form() == Form.LOOSE_POWDER;
    return isPowder || WET.contains(one.form()) ? DISCARD : null;
  }

  private static Draft sneezedOn(Treated one) {
    return switch (one.form()) {
      case TEXTILE, FABRIC_PUFF -> Draft.treat(LAUNDER);
      case LOOSE_POWDER, CREAM, SETTING_CREAM, BALM -> Draft.treat(SCRAPE_LAYER, SPRAY, DRY);
      default -> Draft.treat(SPRAY, DRY);
    };
  }

  /** As if a tool had gone back in; what would be kept for one person is nobody's. */
  private static @Nullable Draft usedBySomebody(Treated one) {
    Draft dipped =
        UsualTreatment.of(one.as(Contact.How.DOUBLE_DIP))
            .or(() -> UsualTreatment.of(one.as(Contact.How.DIRECT)))
            .orElse(null);
    return dipped != null && dipped.outcome() == Outcome.ONE_PERSON ? DISCARD : dipped;
  }
}

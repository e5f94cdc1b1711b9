package gerula.core.kit.opencase;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import org.jspecify.annotations.Nullable;

/**
 * How a thing lies in its compartment, seen from above.
 *
 * @param outline its shape from above
 * @param widthMm to the right
 * @param depthMm away from the eye
 * @param posture how it had to be put
 */
record LyingPosture(Outline outline, int widthMm, int depthMm, Posture posture) {

  /** How a thing is put into a compartment of a certain height. */
  enum Posture {
    /** As it is meant to be. */
    UPRIGHT,
    /** Too tall to stand, it lies on its side. */
    ON_ITS_SIDE,
    /** The lid does not close over it. */
    TOO_TALL
  }

  /**
   * @param clearHeightMm null when the compartment's height was never measured: then all fits
   */
  static LyingPosture of(Item item, @Nullable Integer clearHeightMm) {
    Measures measures = item.measures();
    int height = measures.heightMm();
    if (clearHeightMm == null || height <= clearHeightMm) {
      return as(measures, Posture.UPRIGHT);
    }
    boolean canLie = measures.outline() == Outline.ROUND && measures.widthMm() <= clearHeightMm;
    return canLie
        ? new LyingPosture(Outline.LONG, measures.widthMm(), height, Posture.ON_ITS_SIDE)
        : as(measures, Posture.TOO_TALL);
  }

  private static LyingPosture as(Measures measures, Posture posture) {
    return new LyingPosture(measures.outline(), measures.widthMm(), measures.depthMm(), posture);
  }

  /**
   * Whether its content runs out when it lies: bottles and sprays, not pots that are screwed shut.
   */
  static boolean leaksLyingDown(Form form) {
    return switch (form) {
      case LIQUID_PUMP_OR_SQUEEZE, THIN_SPRAY, STICKY_SPRAY, LOOSE_POWDER, ADHESIVE -> true;
      default -> false;
    };
  }
}

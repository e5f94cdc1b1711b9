package gerula.core.booking;

import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;

/**
 * What of the house's rules changes what a booking needs.
 *
 * @param reservePercent added to everything that is used up, 0 to 200
 * @param brushes how brushes are turned over between faces
 * @param wands mascara wands a face, 1 to 8
 * @param liftsPowder whether powder is lifted onto a puff and never touched in its pan
 * @param restsHandOnPuff whether a puff keeps the hand off the face
 */
public record NeedRules(
    int reservePercent, Brushes brushes, int wands, boolean liftsPowder, boolean restsHandOnPuff) {

  /** How brushes are turned over between faces. */
  public enum Brushes implements Code {
    /** A set a face, as long as there are sets. */
    SECOND_SET,
    /** The same set again, cleaned with what dries in a minute. */
    QUICK_DRY
  }

  /** Common practice. */
  public static final int USUAL_WANDS = 3;

  public NeedRules {
    HouseRules.reserve(reservePercent);
    if (wands < 1 || wands > 8) {
      throw new IllegalArgumentException(
          "A face takes 1 to 8 mascara wands, but these are " + wands + ".");
    }
  }

  public static NeedRules of(HouseRules house) {
    return new NeedRules(house.reservePercent(), Brushes.SECOND_SET, USUAL_WANDS, false, false);
  }
}

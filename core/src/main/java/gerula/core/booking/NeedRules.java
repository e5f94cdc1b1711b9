package gerula.core.booking;

import gerula.core.rule.BrushPractice;
import gerula.core.rule.HandPractice;
import gerula.core.rule.HouseRules;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PreparationPractice;
import gerula.core.rule.SunPractice;
import gerula.core.rule.TouchUpPractice;

/**
 * What of the house's rules changes what a booking needs.
 *
 * @param reservePercent added to everything that is used up, 0 to 200
 * @param brushes how brushes are turned over between faces
 * @param wands mascara wands a face, 1 to 8
 * @param liftsPowder whether powder is lifted onto a puff and never touched in its pan
 * @param restsHandOnPuff whether a puff keeps the hand off the face
 * @param sunFilter where one is put on
 * @param preparation who prepares the skin
 * @param touchUp what lip colour a face takes home
 * @param hand whether the back of the hand serves as a palette
 */
public record NeedRules(
    int reservePercent,
    BrushPractice brushes,
    int wands,
    boolean liftsPowder,
    boolean restsHandOnPuff,
    SunPractice sunFilter,
    PreparationPractice preparation,
    TouchUpPractice touchUp,
    HandPractice hand) {

  /** Common practice. */
  public static final int USUAL_WANDS = 3;

  public NeedRules {
    HouseRules.reserve(reservePercent);
    if (wands < 1 || wands > 8) {
      throw new IllegalArgumentException(
          "A face takes 1 to 8 mascara wands, but these are " + wands + ".");
    }
  }

  /** Of a house that otherwise does as most do. */
  public static NeedRules of(
      int reservePercent,
      BrushPractice brushes,
      int wands,
      boolean liftsPowder,
      boolean restsHandOnPuff) {
    Practices usual = Practices.USUAL;
    return new NeedRules(
        reservePercent,
        brushes,
        wands,
        liftsPowder,
        restsHandOnPuff,
        usual.sunFilter(),
        usual.preparation(),
        usual.touchUp(),
        usual.hand());
  }

  public static NeedRules of(HouseRules house) {
    Practices practices = house.practices();
    return new NeedRules(
        house.reservePercent(),
        practices.brushes(),
        practices.wands().wands(),
        practices.powder() == PowderPractice.NEVER_TOUCH_PAN,
        false,
        practices.sunFilter(),
        practices.preparation(),
        practices.touchUp(),
        practices.hand());
  }
}

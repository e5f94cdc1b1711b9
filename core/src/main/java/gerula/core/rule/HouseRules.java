package gerula.core.rule;

/**
 * The school an artist works by.
 *
 * @param dateLimits which column of house limits counts after opening
 * @param eyeMarginDays how many days before its use-by an eye product is replaced, 0 or more
 * @param reservePercent what is added to counted disposables, 0 to 200
 */
public record HouseRules(School dateLimits, int eyeMarginDays, int reservePercent) {

  /** What most houses do. Common practice. */
  public static final HouseRules USUAL = new HouseRules(School.USUAL, 14, 20);

  /** The same house keeping to the shortest limits. */
  public HouseRules cautious() {
    return new HouseRules(School.CAUTIOUS, eyeMarginDays, reservePercent);
  }

  public HouseRules {
    if (eyeMarginDays < 0 || eyeMarginDays > 365) {
      throw new IllegalArgumentException(
          "The eye margin lies between 0 and 365 days, but this is " + eyeMarginDays + ".");
    }
    if (reservePercent < 0 || reservePercent > 200) {
      throw new IllegalArgumentException(
          "The reserve lies between 0 and 200 %, but this is " + reservePercent + ".");
    }
  }
}

package gerula.core.rule;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;

/**
 * The school an artist works by.
 *
 * @param dateLimits which column of house limits counts after opening
 * @param ownMonths months after opening, 1 to 120, for the classes in which the house follows
 *     neither column
 * @param eyeMarginDays how many days before its use-by an eye product is replaced, 0 or more
 * @param reservePercent what is added to counted disposables, 0 to 200
 * @param deliveryDays how long an order takes to arrive, 0 to 120
 * @param shadeLimit how far a base may lie from the face by CIEDE2000, 0.5 to 10
 * @param practices what the house does where artists disagree how it is done
 * @param load how it packs and carries
 */
@RecordBuilder
public record HouseRules(
    School dateLimits,
    Map<Code, Integer> ownMonths,
    int eyeMarginDays,
    int reservePercent,
    int deliveryDays,
    double shadeLimit,
    Practices practices,
    LoadRules load) {

  /** What most houses do. Common practice; the days of delivery are from memory. */
  public static final HouseRules USUAL =
      new HouseRules(School.USUAL, Map.of(), 14, 20, 7, 2.0, Practices.USUAL, LoadRules.USUAL);

  /** The most months a house of its own mind can set. */
  public static final int MOST_MONTHS = 120;

  public HouseRules {
    ownMonths = Map.copyOf(ownMonths);
    ownMonths.values().forEach(HouseRules::months);
    eyeMargin(eyeMarginDays);
    reserve(reservePercent);
    delivery(deliveryDays);
    shade(shadeLimit);
  }

  /** The same house keeping to the shortest limits everywhere. */
  public HouseRules cautious() {
    return HouseRulesBuilder.builder(this).dateLimits(School.CAUTIOUS).ownMonths(Map.of()).build();
  }

  /** The same house in the other columns. */
  public HouseRules of(School school) {
    return HouseRulesBuilder.builder(this).dateLimits(school).build();
  }

  /**
   * @return the months themselves
   * @throws IllegalArgumentException when they do not lie between 1 and {@value #MOST_MONTHS}
   */
  public static int months(int told) {
    if (told < 1 || told > MOST_MONTHS) {
      throw new IllegalArgumentException(
          "A house limit lies between 1 and 120 months, but this is " + told + ".");
    }
    return told;
  }

  /**
   * @return the days themselves
   * @throws IllegalArgumentException when they do not lie between 0 and 365
   */
  public static int eyeMargin(int told) {
    return within("eye margin", "days", told, 365);
  }

  /**
   * @return the percentage itself
   * @throws IllegalArgumentException when it does not lie between 0 and 200
   */
  public static int reserve(int told) {
    return within("reserve", "%", told, 200);
  }

  /**
   * @return the days themselves
   * @throws IllegalArgumentException when they do not lie between 0 and 120
   */
  public static int delivery(int told) {
    return within("time of delivery", "days", told, 120);
  }

  /**
   * @return the difference itself
   * @throws IllegalArgumentException when it does not lie between 0.5 and 10
   */
  public static double shade(double told) {
    if (!(told >= 0.5 && told <= 10)) {
      throw new IllegalArgumentException(
          "The difference a base may have lies between 0.5 and 10, but this is " + told + ".");
    }
    return told;
  }

  private static int within(String what, String unit, int told, int most) {
    if (told < 0 || told > most) {
      throw new IllegalArgumentException(
          "The "
              + what
              + " lies between 0 and "
              + most
              + " "
              + unit
              + ", but this is "
              + told
              + ".");
    }
    return told;
  }
}

package gerula.core.rule;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a house packs and carries.
 *
 * @param usablePercent of a compartment's volume that may be taken, 30 to 100
 * @param wornGrams what a bag that is worn may weigh with all it holds, 500 to 15,000
 * @param carriedGrams what a bag that is carried may weigh, 1,000 to 30,000
 */
@RecordBuilder
public record LoadRules(int usablePercent, int wornGrams, int carriedGrams) {

  /** Common practice; from memory. */
  public static final LoadRules USUAL = new LoadRules(85, 4_000, 8_000);

  public LoadRules {
    usable(usablePercent);
    worn(wornGrams);
    carried(carriedGrams);
  }

  /**
   * @return the percentage itself
   * @throws IllegalArgumentException when it does not lie between 30 and 100
   */
  public static int usable(int percent) {
    return within("usable share", percent, 30, 100, "%");
  }

  /**
   * @return the grams themselves
   * @throws IllegalArgumentException when they do not lie between 500 and 15,000
   */
  public static int worn(int grams) {
    return within("mass of a worn bag", grams, 500, 15_000, "g");
  }

  /**
   * @return the grams themselves
   * @throws IllegalArgumentException when they do not lie between 1,000 and 30,000
   */
  public static int carried(int grams) {
    return within("mass of a carried bag", grams, 1_000, 30_000, "g");
  }

  private static int within(String what, int told, int least, int most, String unit) {
    if (told < least || told > most) {
      throw new IllegalArgumentException(
          "The %s lies between %,d and %,d %s, but this is %,d."
              .formatted(what, least, most, unit, told));
    }
    return told;
  }
}

package gerula.core.depot;

/** Bounds of what goes onto the bench. */
public final class Amounts {

  private static final double LARGEST = 100_000;

  private Amounts() {}

  /**
   * @return the amount itself
   * @throws IllegalArgumentException unless it lies above 0 and up to 100,000
   */
  public static double positive(String what, String unit, double amount) {
    if (!(amount > 0 && amount <= LARGEST)) {
      throw new IllegalArgumentException(
          "The "
              + what
              + " lies above 0 and up to 100,000 "
              + unit
              + ", but this is "
              + amount
              + ".");
    }
    return amount;
  }

  /**
   * @return the amount itself
   * @throws IllegalArgumentException unless it lies between 0 and 100,000
   */
  public static double notNegative(String what, String unit, double amount) {
    if (!(amount >= 0 && amount <= LARGEST)) {
      throw new IllegalArgumentException(
          "The " + what + " lies between 0 and 100,000 " + unit + ", but this is " + amount + ".");
    }
    return amount;
  }
}

package gerula.core.depot;

import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;

/** Bounds of what goes onto the bench. */
public final class Amounts {

  private static final double LARGEST = 100_000;

  private Amounts() {}

  /**
   * @return so much
   * @throws IllegalArgumentException unless it lies above 0 and up to 100,000 ml
   */
  public static Volume volume(String what, double millilitres) {
    positive(what, "ml", millilitres);
    return positive(what, Volume.ofMl(millilitres));
  }

  /**
   * @return so much, or nothing
   * @throws IllegalArgumentException unless it lies between 0 and 100,000 ml
   */
  public static Volume volumeOrNone(String what, double millilitres) {
    notNegative(what, "ml", millilitres);
    return Volume.ofMl(millilitres);
  }

  /**
   * @return so much, or nothing
   * @throws IllegalArgumentException unless it lies between 0 and 100,000 g
   */
  public static Mass massOrNone(String what, double grams) {
    notNegative(what, "g", grams);
    return Mass.ofGrams(grams);
  }

  /**
   * @return the volume itself
   * @throws IllegalArgumentException unless it lies above 0 and up to 100,000 ml
   */
  public static Volume positive(String what, Volume volume) {
    positive(what, "ml", volume.ml());
    return volume;
  }

  /**
   * @return the volume itself
   * @throws IllegalArgumentException when it is more than 100,000 ml
   */
  public static Volume bounded(String what, Volume volume) {
    notNegative(what, "ml", volume.ml());
    return volume;
  }

  /**
   * @return the mass itself
   * @throws IllegalArgumentException when it is more than 100,000 g
   */
  public static Mass bounded(String what, Mass mass) {
    notNegative(what, "g", mass.exactGrams());
    return mass;
  }

  private static void positive(String what, String unit, double amount) {
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
  }

  private static void notNegative(String what, String unit, double amount) {
    if (!(amount >= 0 && amount <= LARGEST)) {
      throw new IllegalArgumentException(
          "The " + what + " lies between 0 and 100,000 " + unit + ", but this is " + amount + ".");
    }
  }
}

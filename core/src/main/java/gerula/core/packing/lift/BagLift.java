package gerula.core.packing.lift;

import gerula.core.kit.place.PlaceKind;
import gerula.core.quantity.Mass;
import gerula.core.rule.Code;
import gerula.core.rule.LoadRules;

/**
 * Whether one person can lift, wear or carry a bag. Body mass is never asked. Lifted is meant: by
 * its handle with two hands, straight before one, from the floor into the boot of a car, once in a
 * while; stairs, pushing and carrying are outside the equation, so that there the house's limit
 * counts.
 *
 * @param limit what is recommended at most
 * @param over how much more it weighs; nothing where it does not
 */
public record BagLift(How how, Mass limit, Mass over) {

  /** How a bag is moved. */
  public enum How implements Code {
    LIFTED,
    WORN,
    CARRIED
  }

  /** Into the boot of a car; from memory. */
  private static final double HORIZONTAL_CM = 38;

  private static final double HANDLE_CM = 35;
  private static final double BOOT_CM = 40;
  private static final double GRAMS = 1000;

  /**
   * @param isCarried whether it is carried by hand for long
   */
  public static BagLift of(PlaceKind kind, Mass mass, boolean isCarried, LoadRules rules) {
    How how =
        switch (kind) {
          case SET_BAG, BELT -> How.WORN;
          case BACKPACK, POUCH -> How.CARRIED;
          default -> isCarried ? How.CARRIED : How.LIFTED;
        };
    Mass limit =
        switch (how) {
          case WORN -> Mass.ofGrams((long) rules.wornGrams());
          case CARRIED -> Mass.ofGrams((long) rules.carriedGrams());
          case LIFTED -> Mass.ofGrams(Math.round(lift(mass).limitKg() * GRAMS));
        };
    return new BagLift(how, limit, mass.without(limit));
  }

  /** The lift that is meant. */
  static Lift lift(Mass mass) {
    return new Lift(
        mass.exactGrams() / GRAMS, HORIZONTAL_CM, HANDLE_CM, BOOT_CM, 0, 1, Coupling.GOOD);
  }
}

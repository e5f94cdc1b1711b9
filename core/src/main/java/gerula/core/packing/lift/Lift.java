package gerula.core.packing.lift;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The revised NIOSH lifting equation, metric: Waters, Putz-Anderson and Garg, "Applications Manual
 * for the Revised NIOSH Lifting Equation", DHHS (NIOSH) publication 94-110, 1994. For two hands,
 * without pushing, carrying or stairs; the factors of frequency are from memory of its table 5.
 *
 * @param massKg 0 or more
 * @param horizontalCm from the ankles to the hands, 0 or more
 * @param verticalCm from the floor to the hands, 0 or more
 * @param travelCm how far up or down, 0 or more
 * @param asymmetryDegrees to the side, 0 or more
 * @param hours lifted at most 0.2 times a minute: 1, 2 or 8
 */
public record Lift(
    double massKg,
    double horizontalCm,
    double verticalCm,
    double travelCm,
    double asymmetryDegrees,
    int hours,
    Coupling coupling) {

  private static final double LOAD_CONSTANT_KG = 23;
  private static final double LEAST_HORIZONTAL_CM = 25;
  private static final double MOST_HORIZONTAL_CM = 63;
  private static final double KNUCKLE_HEIGHT_CM = 75;
  private static final double MOST_VERTICAL_CM = 175;
  private static final double LEAST_TRAVEL_CM = 25;
  private static final double MOST_TRAVEL_CM = 175;
  private static final double MOST_ASYMMETRY_DEGREES = 135;

  public Lift {
    notNegative("mass", massKg);
    notNegative("horizontal distance", horizontalCm);
    notNegative("height", verticalCm);
    notNegative("way", travelCm);
    notNegative("angle", asymmetryDegrees);
    if (hours != 1 && hours != 2 && hours != 8) {
      throw new IllegalArgumentException(
          "It is told for up to 1, 2 or 8 hours, but this is " + hours + ".");
    }
  }

  private static void notNegative(String what, double told) {
    if (!(told >= 0 && told <= 100_000)) {
      throw new IllegalArgumentException(
          "The " + what + " is 0 or more, but this is " + told + ".");
    }
  }

  /**
   * What each part of the way it is lifted leaves of the load constant, 0 to 1.
   *
   * @param hm of the distance
   * @param vm of the height
   * @param dm of the way
   * @param am of the turning
   * @param fm of how often and how long
   * @param cm of how well it is held
   */
  public record Multipliers(double hm, double vm, double dm, double am, double fm, double cm) {
    double product() {
      return hm * vm * dm * am * fm * cm;
    }
  }

  public Multipliers multipliers() {
    return new Multipliers(horizontal(), vertical(), travel(), asymmetry(), frequency(), coupled());
  }

  private double horizontal() {
    return horizontalCm > MOST_HORIZONTAL_CM
        ? 0
        : LEAST_HORIZONTAL_CM / Math.max(LEAST_HORIZONTAL_CM, horizontalCm);
  }

  private double vertical() {
    return verticalCm > MOST_VERTICAL_CM ? 0 : 1 - 0.003 * Math.abs(verticalCm - KNUCKLE_HEIGHT_CM);
  }

  private double travel() {
    if (travelCm > MOST_TRAVEL_CM) {
      return 0;
    }
    return travelCm < LEAST_TRAVEL_CM ? 1 : 0.82 + 4.5 / travelCm;
  }

  private double asymmetry() {
    return asymmetryDegrees > MOST_ASYMMETRY_DEGREES ? 0 : 1 - 0.0032 * asymmetryDegrees;
  }

  private double frequency() {
    return switch (hours) {
      case 1 -> 1;
      case 2 -> 0.95;
      default -> 0.85;
    };
  }

  private double coupled() {
    return switch (coupling) {
      case GOOD -> 1;
      case FAIR -> verticalCm < KNUCKLE_HEIGHT_CM ? 0.95 : 1;
      case POOR -> 0.9;
    };
  }

  /** The recommended weight limit: what nearly everybody healthy may lift so. */
  public double limitKg() {
    return LOAD_CONSTANT_KG * multipliers().product();
  }

  /** How many times the limit it is; null where nothing is recommended. */
  public @Nullable Double index() {
    double limit = limitKg();
    return limit == 0 ? null : massKg / limit;
  }

  public List<LiftFinding> findings() {
    List<LiftFinding> findings = new ArrayList<>();
    Double index = index();
    if (index == null) {
      findings.add(LiftFinding.OUT_OF_REACH);
    } else if (index > 1) {
      findings.add(LiftFinding.ABOVE_LIMIT);
    }
    return findings;
  }
}

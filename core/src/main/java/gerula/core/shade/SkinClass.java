package gerula.core.shade;

import gerula.core.rule.Code;

/**
 * How light or dark skin is, by its individual typology angle. Classes after Chardon, Cretois,
 * Hourseau 1991; the bounds from memory.
 */
public enum SkinClass implements Code {
  VERY_LIGHT(55),
  LIGHT(41),
  INTERMEDIATE(28),
  TAN(10),
  BROWN(-30),
  DARK(Double.NEGATIVE_INFINITY);

  private final double above;

  SkinClass(double above) {
    this.above = above;
  }

  /**
   * The individual typology angle in degrees, -90 to 90: atan((L - 50) / b).
   *
   * @throws IllegalArgumentException when b is not above 0: no skin is blue or grey
   */
  public static double angleOf(Lab colour) {
    if (!(colour.b() > 0)) {
      throw new IllegalArgumentException(
          "No skin has this colour: its b is " + colour.b() + ", and skin's is above 0");
    }
    return Math.toDegrees(Math.atan((colour.l() - 50) / colour.b()));
  }

  /**
   * @throws IllegalArgumentException when it is no colour of skin
   */
  public static SkinClass of(Lab colour) {
    double angle = angleOf(colour);
    for (SkinClass one : values()) {
      if (angle > one.above) {
        return one;
      }
    }
    return DARK;
  }
}

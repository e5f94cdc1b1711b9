package gerula.core.shade;

/**
 * A colour in CIELAB under D65, 2 degrees.
 *
 * @param l lightness, 0 (black) to 100 (white)
 * @param a from green (negative) to red, -200 to 200
 * @param b from blue (negative) to yellow, -200 to 200
 */
public record Lab(double l, double a, double b) {

  private static final double MOST = 200;

  public Lab {
    // Written so that what is no number is refused as well.
    if (!(l >= 0 && l <= 100)) {
      throw new IllegalArgumentException("A lightness lies between 0 and 100, but this is " + l);
    }
    requireAxis(a);
    requireAxis(b);
  }

  private static void requireAxis(double told) {
    if (!(Math.abs(told) <= MOST)) {
      throw new IllegalArgumentException(
          "An a or b of a colour lies between -200 and 200, but this is " + told);
    }
  }

  /** How far from grey, 0 or more. */
  public double chroma() {
    return Math.hypot(a, b);
  }

  /** Its hue in degrees, 0 (red) inclusive to 360 exclusive; 0 for a grey. */
  public double hue() {
    double degrees = Math.toDegrees(Math.atan2(b, a));
    return degrees < 0 ? degrees + 360 : degrees;
  }

  /**
   * The colour a screen shows for this.
   *
   * @param hex #rrggbb
   * @throws IllegalArgumentException when it is not written so
   */
  public static Lab ofSrgb(String hex) {
    return Srgb.ofHex(hex).toLab();
  }

  /** The nearest colour a screen can show, as #rrggbb. */
  public String toSrgb() {
    return Srgb.of(this).hex();
  }
}

package gerula.core.shade;

/**
 * How different two colours look: CIEDE2000 with all weights 1.
 *
 * <p>Sharma, Wu, Dalal, "The CIEDE2000 Color-Difference Formula: Implementation Notes,
 * Supplementary Test Data, and Mathematical Observations", Color Research and Application 30(1),
 * 2005. About 1 is just seen side by side; (50, 2.6772, -79.7751) and (50, 0, -82.7485) differ by
 * 2.0425.
 */
public final class ColourDifference {

  private static final double POW_25_7 = Math.pow(25, 7);

  /** What a difference in lightness counts at least, of itself: 1 / the greatest weight of it. */
  private static final double LEAST_WEIGHT_OF_LIGHTNESS = 1 / 1.7472;

  private ColourDifference() {}

  /**
   * A difference that is never more than the true one and quickly found: for passing over what is
   * far off anyway.
   */
  public static double atLeast(Lab one, Lab other) {
    return Math.abs(one.l() - other.l()) * LEAST_WEIGHT_OF_LIGHTNESS;
  }

  /** 0 for the same colour; the same in both directions. */
  public static double between(Lab one, Lab other) {
    double meanChroma = (one.chroma() + other.chroma()) / 2;
    double g = 0.5 * (1 - rootOfSeventh(meanChroma));
    double a1 = (1 + g) * one.a();
    double a2 = (1 + g) * other.a();
    double c1 = Math.hypot(a1, one.b());
    double c2 = Math.hypot(a2, other.b());
    double h1 = hue(a1, one.b());
    double h2 = hue(a2, other.b());
    double dL = other.l() - one.l();
    double dC = c2 - c1;
    boolean isGrey = c1 * c2 == 0;
    double dh = isGrey ? 0 : shortestTurn(h2 - h1);
    double dH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(dh / 2));
    double meanL = (one.l() + other.l()) / 2;
    double meanC = (c1 + c2) / 2;
    double meanH = isGrey ? h1 + h2 : meanHue(h1, h2);
    double t =
        1
            - 0.17 * cos(meanH - 30)
            + 0.24 * cos(2 * meanH)
            + 0.32 * cos(3 * meanH + 6)
            - 0.20 * cos(4 * meanH - 63);
    double fromMiddle = (meanL - 50) * (meanL - 50);
    double sL = 1 + 0.015 * fromMiddle / Math.sqrt(20 + fromMiddle);
    double sC = 1 + 0.045 * meanC;
    double sH = 1 + 0.015 * meanC * t;
    double towardsBlue = (meanH - 275) / 25;
    double turn = 30 * Math.exp(-towardsBlue * towardsBlue);
    double rT = -2 * rootOfSeventh(meanC) * Math.sin(Math.toRadians(2 * turn));
    double l = dL / sL;
    double c = dC / sC;
    double h = dH / sH;
    return Math.sqrt(Math.max(0, l * l + c * c + h * h + rT * c * h));
  }

  private static double rootOfSeventh(double chroma) {
    double seventh = Math.pow(chroma, 7);
    return Math.sqrt(seventh / (seventh + POW_25_7));
  }

  private static double hue(double a, double b) {
    if (a == 0 && b == 0) {
      return 0;
    }
    double degrees = Math.toDegrees(Math.atan2(b, a));
    return degrees < 0 ? degrees + 360 : degrees;
  }

  private static double shortestTurn(double degrees) {
    if (degrees > 180) {
      return degrees - 360;
    }
    return degrees < -180 ? degrees + 360 : degrees;
  }

  private static double meanHue(double h1, double h2) {
    double sum = h1 + h2;
    if (Math.abs(h1 - h2) <= 180) {
      return sum / 2;
    }
    return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  }

  private static double cos(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}

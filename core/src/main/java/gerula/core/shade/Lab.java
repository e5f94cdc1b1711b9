package gerula.core.shade;

import java.math.BigDecimal;

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

  /**
   * A colour as somebody types it: #rrggbb, or lightness, a and b like "62 12 20".
   *
   * @throws IllegalArgumentException when it is neither
   */
  public static Lab read(String told) {
    String text = told.strip();
    if (text.startsWith("#")) {
      return ofSrgb(text);
    }
    String[] numbers = text.split("[\\s;/]+");
    try {
      if (numbers.length == 3) {
        return new Lab(number(numbers[0]), number(numbers[1]), number(numbers[2]));
      }
    } catch (NumberFormatException none) {
      // Told below, as for anything else that is no colour.
    }
    throw new IllegalArgumentException(
        "A colour is written like #c08f68, or as lightness, a and b like 62 12 20.");
  }

  private static double number(String told) {
    return Double.parseDouble(told.replace(',', '.'));
  }

  /** As one types it: a screen's colour where it is one exactly, else lightness, a and b. */
  public String told() {
    String srgb = toSrgb();
    if (ofSrgb(srgb).equals(this)) {
      return srgb;
    }
    return text(l) + " " + text(a) + " " + text(b);
  }

  private static String text(double number) {
    return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
  }

  /** The nearest colour a screen can show, as #rrggbb. */
  public String toSrgb() {
    return Srgb.of(this).hex();
  }
}

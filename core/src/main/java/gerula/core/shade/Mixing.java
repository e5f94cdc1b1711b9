package gerula.core.shade;

import java.util.List;

/**
 * What comes of shades that are stirred together; always an estimate.
 *
 * <p>Kubelka and Munk 1931: of a layer that nothing shines through, K/S = (1 - R)^2 / 2R, and K/S
 * of a mix is the sum of its parts' by their shares. R is taken for each of the three primaries;
 * pigments have finer spectra than three bands, so the eye decides at the jaw.
 */
public final class Mixing {

  /** Of how many equal drops a mix is made. */
  public static final int TENTHS = 10;

  /** Black that no pigment is below: without it black would cover everything. */
  private static final double DARKEST = 0.0005;

  /**
   * One shade in a mix.
   *
   * @param tenths 1 to 10
   */
  public record Part(Lab colour, int tenths) {
    public Part {
      if (tenths < 1 || tenths > TENTHS) {
        throw new IllegalArgumentException(
            "A part of a mix has 1 to 10 tenths, but this has " + tenths);
      }
    }
  }

  private Mixing() {}

  /**
   * The colour of a mix.
   *
   * @param parts 1 to 3 of them
   * @throws IllegalArgumentException when they are not ten tenths together
   */
  public static Lab of(List<Part> parts) {
    int tenths = parts.stream().mapToInt(Part::tenths).sum();
    if (parts.isEmpty() || parts.size() > 3) {
      throw new IllegalArgumentException(
          "A mix has one to three parts, but this has " + parts.size());
    }
    if (tenths != TENTHS) {
      throw new IllegalArgumentException(
          "The parts of a mix are ten tenths together, but these are " + tenths);
    }
    if (parts.size() == 1) {
      return parts.getFirst().colour();
    }
    double red = 0;
    double green = 0;
    double blue = 0;
    for (Part part : parts) {
      Ingredient one = Ingredient.of(part.colour());
      red += one.red() * part.tenths() / TENTHS;
      green += one.green() * part.tenths() / TENTHS;
      blue += one.blue() * part.tenths() / TENTHS;
    }
    return new Ingredient(red, green, blue).colour();
  }

  /**
   * A shade as it goes into mixes: K/S of the three primaries.
   *
   * @param red 0 or more
   */
  public record Ingredient(double red, double green, double blue) {

    public static Ingredient of(Lab colour) {
      Srgb light = Srgb.of(colour);
      return new Ingredient(absorbed(light.red()), absorbed(light.green()), absorbed(light.blue()));
    }

    /** So many tenths of this, the rest of the other. */
    public Lab with(Ingredient other, int tenths) {
      return with(other, tenths / (double) TENTHS);
    }

    /** Such a share of this, 0 to 1, the rest of the other. */
    Lab with(Ingredient other, double share) {
      double rest = 1 - share;
      return new Ingredient(
              red * share + other.red * rest,
              green * share + other.green * rest,
              blue * share + other.blue * rest)
          .colour();
    }

    private Lab colour() {
      return new Srgb(reflected(red), reflected(green), reflected(blue)).toLab();
    }

    private static double absorbed(double reflected) {
      double r = Math.clamp(reflected, DARKEST, 1);
      return (1 - r) * (1 - r) / (2 * r);
    }

    private static double reflected(double absorbed) {
      return 1 + absorbed - Math.sqrt(absorbed * absorbed + 2 * absorbed);
    }
  }
}

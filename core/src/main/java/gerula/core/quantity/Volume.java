package gerula.core.quantity;

import java.util.stream.Stream;

/**
 * How much room something takes, or how much of it there is: never negative, exact to a millionth
 * of a millilitre, so that what is parted again and again still adds up.
 *
 * @param nanolitres 0 or more; a million of them are a millilitre
 */
public record Volume(long nanolitres) implements Comparable<Volume> {

  public static final Volume NONE = new Volume(0);

  private static final double A_MILLILITRE = 1e6;
  private static final long LARGEST = 1_000_000_000_000_000L;

  public Volume {
    if (nanolitres < 0 || nanolitres > LARGEST) {
      throw new IllegalArgumentException(
          "A volume lies between 0 and 1,000,000,000 ml, but this is "
              + nanolitres / A_MILLILITRE
              + " ml.");
    }
  }

  /**
   * @param millilitres rounded to the nearest millionth
   * @throws IllegalArgumentException unless it lies between 0 and 1,000,000,000
   */
  public static Volume ofMl(double millilitres) {
    if (Double.isNaN(millilitres)) {
      throw new IllegalArgumentException("A volume is a number of ml, but this is none.");
    }
    return new Volume(Math.round(millilitres * A_MILLILITRE));
  }

  public static Volume sum(Stream<Volume> volumes) {
    return new Volume(volumes.mapToLong(Volume::nanolitres).sum());
  }

  public static Volume most(Volume one, Volume other) {
    return one.isMoreThan(other) ? one : other;
  }

  public static Volume least(Volume one, Volume other) {
    return one.compareTo(other) <= 0 ? one : other;
  }

  public double ml() {
    return nanolitres / A_MILLILITRE;
  }

  public boolean isNone() {
    return nanolitres == 0;
  }

  public boolean isMoreThan(Volume other) {
    return nanolitres > other.nanolitres;
  }

  public Volume plus(Volume other) {
    return new Volume(Math.addExact(nanolitres, other.nanolitres));
  }

  /**
   * That many times as much, to the nearest millionth of a millilitre.
   *
   * @param factor 0 or more, finite
   */
  public Volume times(double factor) {
    return ofMl(ml() * factor);
  }

  /** That many of them, exactly. */
  public Volume times(int count) {
    return new Volume(Math.multiplyExact(nanolitres, (long) count));
  }

  /**
   * One of so many equal parts, rounded down: all of them are never more than the whole.
   *
   * @param parts 1 or more
   */
  public Volume part(int parts) {
    return new Volume(nanolitres / parts);
  }

  /**
   * @return how often the other goes into it, 0 or more; unlimited, or not a number for nothing,
   *     when the other is nothing
   */
  public double per(Volume other) {
    return (double) nanolitres / other.nanolitres;
  }

  @Override
  public int compareTo(Volume other) {
    return Long.compare(nanolitres, other.nanolitres);
  }
}

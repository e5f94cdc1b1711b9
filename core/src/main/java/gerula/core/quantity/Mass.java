package gerula.core.quantity;

import java.util.stream.Stream;

/**
 * How heavy something is, exact to a milligram.
 *
 * @param milligrams 0 or more
 */
public record Mass(long milligrams) implements Comparable<Mass> {

  public static final Mass NONE = new Mass(0);

  private static final double A_GRAM = 1000;

  public Mass {
    if (milligrams < 0 || milligrams > 1_000_000_000) {
      throw new IllegalArgumentException(
          "A mass lies between 0 and 1,000,000 g, but this is " + milligrams / A_GRAM + " g.");
    }
  }

  public static Mass ofGrams(long grams) {
    return new Mass(Math.multiplyExact(grams, 1000L));
  }

  /**
   * @param grams rounded to the nearest milligram
   * @throws IllegalArgumentException unless it lies between 0 and 1,000,000
   */
  public static Mass ofGrams(double grams) {
    if (Double.isNaN(grams)) {
      throw new IllegalArgumentException("A mass is a number of g, but this is none.");
    }
    return new Mass(Math.round(grams * A_GRAM));
  }

  public static Mass sum(Stream<Mass> masses) {
    return new Mass(masses.mapToLong(Mass::milligrams).sum());
  }

  /** To the nearest gram. */
  public long grams() {
    return Math.round(exactGrams());
  }

  public double exactGrams() {
    return milligrams / A_GRAM;
  }

  public Mass plus(Mass other) {
    return new Mass(Math.addExact(milligrams, other.milligrams));
  }

  /** What it weighs without the other; nothing when that is as heavy. */
  public Mass without(Mass other) {
    return new Mass(Math.max(0, milligrams - other.milligrams));
  }

  /** That many of them. */
  public Mass times(int count) {
    return new Mass(Math.multiplyExact(milligrams, (long) count));
  }

  /**
   * @return how often the other goes into it, 0 or more; unlimited, or not a number for nothing,
   *     when the other is nothing
   */
  public double per(Mass other) {
    return (double) milligrams / other.milligrams;
  }

  @Override
  public int compareTo(Mass other) {
    return Long.compare(milligrams, other.milligrams);
  }
}

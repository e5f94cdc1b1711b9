package gerula.core.quantity;

import java.util.stream.Stream;

/**
 * How heavy something is.
 *
 * @param grams 0 or more
 */
public record Mass(long grams) implements Comparable<Mass> {

  public static final Mass NONE = new Mass(0);

  public Mass {
    if (grams < 0 || grams > 1_000_000) {
      throw new IllegalArgumentException(
          "A mass lies between 0 and 1,000,000 g, but this is " + grams + " g.");
    }
  }

  public static Mass sum(Stream<Mass> masses) {
    return new Mass(masses.mapToLong(Mass::grams).sum());
  }

  @Override
  public int compareTo(Mass other) {
    return Long.compare(grams, other.grams);
  }
}

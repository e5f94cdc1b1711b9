package gerula.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An amount of content: never negative, exact to a thousandth of its unit.
 *
 * @param thousandths the amount in thousandths of the unit, 0 or more
 * @param unit what is counted
 */
public record Quantity(long thousandths, Unit unit) implements Comparable<Quantity> {

  /** Thousandths in one whole unit. */
  public static final long ONE = 1000;

  /** The largest amount anything in a kit can have: a million units. */
  public static final long LARGEST = 1_000_000 * ONE;

  public Quantity {
    if (thousandths < 0 || thousandths > LARGEST) {
      throw new IllegalArgumentException(
          "An amount lies between 0 and 1,000,000 "
              + unit.code()
              + ", but this is "
              + thousandths / (double) ONE
              + ".");
    }
  }

  /**
   * The amount written as a decimal.
   *
   * @throws IllegalArgumentException when negative, above a million, or finer than a thousandth
   */
  public static Quantity of(BigDecimal amount, Unit unit) {
    BigDecimal shifted = amount.movePointRight(3).stripTrailingZeros();
    if (shifted.scale() > 0) {
      throw new IllegalArgumentException(
          "An amount is exact to a thousandth, but " + amount + " is finer: round it first.");
    }
    if (shifted.precision() - shifted.scale() > 12) {
      throw new IllegalArgumentException("An amount of " + amount + " is beyond any kit.");
    }
    return new Quantity(shifted.longValueExact(), unit);
  }

  public static Quantity pieces(long count) {
    return new Quantity(count * ONE, Unit.PIECE);
  }

  public static Quantity millilitres(double amount) {
    return new Quantity(Math.round(amount * ONE), Unit.ML);
  }

  public static Quantity none(Unit unit) {
    return new Quantity(0, unit);
  }

  /**
   * @throws IllegalArgumentException when the units differ
   */
  public Quantity plus(Quantity other) {
    requireSame(other);
    return new Quantity(Math.addExact(thousandths, other.thousandths), unit);
  }

  /**
   * @throws IllegalArgumentException when the units differ, or the other is more than this
   */
  public Quantity minus(Quantity other) {
    requireSame(other);
    return new Quantity(Math.subtractExact(thousandths, other.thousandths), unit);
  }

  /** What is left when the other is taken from it; nothing when that is as much. */
  public Quantity without(Quantity other) {
    requireSame(other);
    return new Quantity(Math.max(0, thousandths - other.thousandths), unit);
  }

  /**
   * @throws IllegalArgumentException when the units differ
   */
  public static Quantity least(Quantity one, Quantity other) {
    return one.compareTo(other) <= 0 ? one : other;
  }

  /**
   * That share of it, to the nearest thousandth; pieces are rounded up to whole ones.
   *
   * @param share 0 or more
   */
  public Quantity times(BigDecimal share) {
    Quantity part = times(share, RoundingMode.HALF_EVEN);
    return unit == Unit.PIECE ? part.rounded(RoundingMode.CEILING) : part;
  }

  /**
   * That share of it, rounded to a thousandth in the given direction.
   *
   * @param share 0 or more
   */
  public Quantity times(BigDecimal share, RoundingMode direction) {
    return new Quantity(
        BigDecimal.valueOf(thousandths).multiply(share).setScale(0, direction).longValueExact(),
        unit);
  }

  public boolean isNone() {
    return thousandths == 0;
  }

  /**
   * This amount as a share of a whole.
   *
   * @return 0 or more; 0 when the whole is nothing
   * @throws IllegalArgumentException when the units differ
   */
  public double shareOf(Quantity whole) {
    requireSame(whole);
    return whole.isNone() ? 0 : (double) thousandths / whole.thousandths;
  }

  /** As a decimal without trailing zeros, never in powers of ten. */
  public BigDecimal amount() {
    BigDecimal amount = BigDecimal.valueOf(thousandths, 3).stripTrailingZeros();
    return amount.scale() < 0 ? amount.setScale(0) : amount;
  }

  /** Rounded to whole units in the given direction: nobody packs half a wand. */
  public Quantity rounded(RoundingMode direction) {
    return new Quantity(amount().setScale(0, direction).movePointRight(3).longValueExact(), unit);
  }

  @Override
  public int compareTo(Quantity other) {
    requireSame(other);
    return Long.compare(thousandths, other.thousandths);
  }

  private void requireSame(Quantity other) {
    if (unit != other.unit) {
      throw new IllegalArgumentException(
          "Amounts in "
              + unit.code()
              + " and "
              + other.unit.code()
              + " do not add up: convert one first.");
    }
  }
}

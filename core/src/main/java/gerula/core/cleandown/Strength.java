package gerula.core.cleandown;

import java.math.BigDecimal;

/**
 * How strong alcohol is.
 *
 * @param percent by volume, above 0, at most 100
 */
public record Strength(BigDecimal percent) {

  private static final BigDecimal PURE = BigDecimal.valueOf(100);

  public Strength {
    if (percent.signum() <= 0 || percent.compareTo(PURE) > 0) {
      throw new IllegalArgumentException(
          "A strength lies above 0 and up to 100 %, but this is " + percent.toPlainString() + ".");
    }
  }
}

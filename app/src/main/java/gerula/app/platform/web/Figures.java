package gerula.app.platform.web;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Bounds of every figure that is read: more than any kit has, and little to write out. */
public final class Figures {

  /** More than any program writes of a number it worked with. */
  private static final int MOST_DIGITS = 60;

  private static final int MOST_DECIMALS = 40;

  private Figures() {}

  public static boolean isWithinBounds(BigDecimal figure) {
    return figure.precision() <= MOST_DIGITS
        && figure.scale() <= MOST_DECIMALS
        && figure.precision() - (long) figure.scale() <= MOST_DIGITS;
  }

  /** The same of everything in a tree of maps and lists as JSON is read into. */
  public static boolean areWithinBounds(@Nullable Object tree) {
    return switch (tree) {
      case BigDecimal figure -> isWithinBounds(figure);
      case java.math.BigInteger whole -> whole.bitLength() <= 190;
      case Map<?, ?> map -> map.values().stream().allMatch(Figures::areWithinBounds);
      case Collection<?> list -> list.stream().allMatch(Figures::areWithinBounds);
      case null, default -> true;
    };
  }
}

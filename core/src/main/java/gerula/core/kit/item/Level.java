package gerula.core.kit.item;

import gerula.core.quantity.Quantity;
import gerula.core.rule.Code;
import java.math.RoundingMode;

/** How full a pack is, told at a glance. */
public enum Level implements Code {
  FULL(1),
  THREE_QUARTERS(0.75),
  HALF(0.5),
  QUARTER(0.25),
  /** About one more face. An estimate from memory. */
  LAST_OF_IT(0.08),
  EMPTY(0);

  private final double share;

  Level(double share) {
    this.share = share;
  }

  /** That much of a pack of this size; whole pieces where pieces are counted, the last one kept. */
  public Quantity of(Quantity size) {
    Quantity part = new Quantity(Math.round(size.thousandths() * share), size.unit());
    return switch (size.unit()) {
      case ML, G -> part;
      case PIECE -> part.rounded(RoundingMode.CEILING);
    };
  }

  /** The level nearest to what is left; a rest that is not nothing is never told as empty. */
  public static Level nearest(Quantity left, Quantity size) {
    if (left.isNone()) {
      return EMPTY;
    }
    double is = left.shareOf(size);
    Level nearest = FULL;
    for (Level level : values()) {
      if (level != EMPTY && Math.abs(level.share - is) < Math.abs(nearest.share - is)) {
        nearest = level;
      }
    }
    return nearest;
  }
}

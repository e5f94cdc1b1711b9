package gerula.core.booking;

import gerula.core.kit.product.Trait;
import gerula.core.rule.Reason;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Something a booking cannot do without.
 *
 * @param kind what is needed; a face needs each kind at most once
 * @param face whose need it is, null when the whole booking shares it
 * @param amount how much of it
 * @param must traits it has to have
 * @param avoid traits it must not have
 * @param prefer traits that decide between two that would do
 * @param depth skin depth it has to suit, null when it suits any
 * @param reasons what brought it, at least one reason
 */
public record Need(
    NeedKind kind,
    @Nullable Face face,
    Amount amount,
    Set<Trait> must,
    Set<Trait> avoid,
    Set<Trait> prefer,
    @Nullable DepthWanted depth,
    List<Reason> reasons) {

  /** How much a need takes. Closed: a thing is shared, measured out or counted out. */
  public sealed interface Amount {}

  /** One serves everybody and is still there afterwards: tweezers, a mirror, a light. */
  public record Shared() implements Amount {}

  /**
   * Measured out over the whole booking. A gram of cream counts as a millilitre.
   *
   * @param thousandths of a millilitre or gram, more than 0
   */
  public record Measured(long thousandths) implements Amount {
    public Measured {
      requireSome(thousandths);
    }
  }

  /**
   * Counted out over the whole booking.
   *
   * @param pieces more than 0
   */
  public record Counted(long pieces) implements Amount {
    public Counted {
      requireSome(pieces);
    }
  }

  /**
   * A skin depth and how far a shade may lie from it.
   *
   * @param depth 1 to 10
   * @param reach in steps of depth, inclusive
   */
  public record DepthWanted(double depth, double reach) {}

  public Need {
    if (reasons.isEmpty()) {
      throw new IllegalArgumentException("A need has a reason, but " + kind.code() + " has none.");
    }
    must = Set.copyOf(must);
    avoid = Set.copyOf(avoid);
    prefer = Set.copyOf(prefer);
    reasons = List.copyOf(reasons);
  }

  private static void requireSome(long amount) {
    if (amount <= 0) {
      throw new IllegalArgumentException(
          "A need takes more than nothing, but this takes " + amount + ".");
    }
  }
}

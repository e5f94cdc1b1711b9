package gerula.core.booking;

import gerula.core.booking.look.LookPart;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.Reason;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Something a booking cannot do without.
 *
 * @param code what is needed
 * @param variant which of several of one code it is, as of two textures of concealer; mostly empty
 * @param faces whose need it is: whatever serves it must suit each of them; empty when the whole
 *     booking shares it
 * @param amount how much of it
 * @param withReserve the same with the house's reserve, which the picks have to hold
 * @param must traits it has to have
 * @param should traits that decide between two that would do
 * @param mustNot traits it must not have
 * @param depth skin depth it has to suit, null when it suits any
 * @param exactly what it has to be made of and nothing else; empty where anything that suits serves
 * @param wantsSpare whether the job stops when the only one fails
 * @param reasons what brought it, at least one reason
 */
public record Need(
    NeedCode code,
    String variant,
    List<Face> faces,
    Amount amount,
    Amount withReserve,
    Set<Trait> must,
    Set<Trait> should,
    Set<Trait> mustNot,
    @Nullable DepthWanted depth,
    List<LookPart> exactly,
    boolean wantsSpare,
    List<Reason> reasons) {

  /** How much a need takes. Closed: a thing is shared, measured out or counted out. */
  public sealed interface Amount {}

  /**
   * So many serve everybody and are still there afterwards: tweezers, a mirror, two palettes.
   *
   * @param pieces 1 or more: with fewer there is a gap
   * @param most pieces or more: so many are taken where the kit has them
   */
  public record Shared(int pieces, int most) implements Amount {
    public Shared {
      requireSome(pieces);
      if (most < pieces) {
        throw new IllegalArgumentException(
            "At most " + most + " are taken, but " + pieces + " are needed.");
      }
    }
  }

  /**
   * Measured out over the whole booking. A gram of cream counts as a millilitre.
   *
   * @param thousandths of a millilitre or gram, more than 0
   * @param unit in which it is usually told
   */
  public record Measured(long thousandths, Unit unit) implements Amount {
    public Measured {
      requireSome(thousandths);
      if (unit == Unit.PIECE) {
        throw new IllegalArgumentException("What is measured out is not counted in pieces.");
      }
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
      throw new IllegalArgumentException("A need has a reason, but " + code + " has none.");
    }
    faces = List.copyOf(faces);
    must = Set.copyOf(must);
    should = Set.copyOf(should);
    mustNot = Set.copyOf(mustNot);
    exactly = List.copyOf(exactly);
    reasons = List.copyOf(reasons);
  }

  /** The one face whose need it is; null where it is of several or of none. */
  public @Nullable Face face() {
    return faces.size() == 1 ? faces.getFirst() : null;
  }

  /** The same of one of those who share it. */
  public Need of(Face one) {
    return new Need(
        code,
        variant,
        List.of(one),
        amount,
        withReserve,
        must,
        should,
        mustNot,
        depth,
        exactly,
        wantsSpare,
        reasons);
  }

  private static void requireSome(long amount) {
    if (amount <= 0) {
      throw new IllegalArgumentException(
          "A need takes more than nothing, but this takes " + amount + ".");
    }
  }
}

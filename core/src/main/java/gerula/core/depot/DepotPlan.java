package gerula.core.depot;

import gerula.core.kit.Container;
import gerula.core.rule.Code;
import java.util.List;

/**
 * A session at the bench: what goes into what, and what that saves.
 *
 * @param notDecanted packs that stay as they are
 * @param before what is carried today: every pack
 * @param after what is carried then: the pieces, and the packs that stay
 * @param order of the packs that are decanted: thin before thick, creams together, heat last, when
 *     all alcohol is dry
 */
public record DepotPlan(
    List<Piece> pieces,
    List<Stays> notDecanted,
    Carried before,
    Carried after,
    Minutes minutes,
    List<String> order) {

  public DepotPlan {
    pieces = List.copyOf(pieces);
    notDecanted = List.copyOf(notDecanted);
    order = List.copyOf(order);
  }

  /** One label for each container. */
  public int labels() {
    return pieces.stream().mapToInt(Piece::count).sum();
  }

  /**
   * Some containers of one kind filled from one pack.
   *
   * @param fillMl in each of them
   * @param refillInMonths when all of them are used up
   */
  public record Piece(
      String pack,
      Container container,
      double sizeMl,
      int count,
      double fillMl,
      double refillInMonths,
      List<Code> reasons) {

    public Piece {
      reasons = List.copyOf(reasons);
    }
  }

  /** A pack that stays as it is, and why. */
  public record Stays(String pack, List<Code> reasons) {

    public Stays {
      reasons = List.copyOf(reasons);
    }
  }
}

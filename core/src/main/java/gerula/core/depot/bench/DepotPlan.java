package gerula.core.depot.bench;

import gerula.core.depot.empties.FitReason;
import gerula.core.kit.item.Container;
import gerula.core.quantity.Volume;
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
 * @param missing empties that would be put to better use if there were more of them
 */
public record DepotPlan(
    List<PlannedPiece> pieces,
    List<KeptInPack> notDecanted,
    Carried before,
    Carried after,
    Minutes minutes,
    List<String> order,
    List<Missing> missing) {

  public DepotPlan {
    missing = List.copyOf(missing);
    pieces = List.copyOf(pieces);
    notDecanted = List.copyOf(notDecanted);
    order = List.copyOf(order);
  }

  /** One label for each container. */
  public int labels() {
    return pieces.stream().mapToInt(PlannedPiece::count).sum();
  }

  /**
   * Some containers of one kind filled from one pack.
   *
   * @param empty position of the kind among the empties, from 0
   * @param size what the container holds to the brim
   * @param fill in each of them
   * @param refillInMonths when all of them are used up; unlimited when nothing is used
   * @param verdict whether the container suits
   */
  public record PlannedPiece(
      String pack,
      int empty,
      Container container,
      Volume size,
      int count,
      Volume fill,
      double refillInMonths,
      FitReason.Verdict verdict,
      List<Code> reasons) {

    public PlannedPiece {
      reasons = List.copyOf(reasons);
    }
  }

  /** So many more of a kind of empties would be used; its position, from 0. */
  public record Missing(int empty, int count) {}

  /** A pack that stays as it is, and why. */
  public record KeptInPack(String pack, List<Code> reasons) {

    public KeptInPack {
      reasons = List.copyOf(reasons);
    }
  }
}

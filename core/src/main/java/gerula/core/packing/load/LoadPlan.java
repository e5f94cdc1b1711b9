package gerula.core.packing.load;

import java.util.List;

/**
 * What lies where.
 *
 * @param placed in the order in which pieces are told
 * @param left what stays
 * @param bounds no plan is better than this
 * @param isOptimal whether it is proved that no plan is better
 * @param isStopped whether the time was over, or somebody stopped it, before the search had ended
 */
public record LoadPlan(
    List<PlacedPiece> placed,
    List<LeftPiece> left,
    LoadLevels levels,
    LoadBounds bounds,
    boolean isOptimal,
    boolean isStopped) {

  public LoadPlan {
    placed = List.copyOf(placed);
    left = List.copyOf(left);
  }

  /** What somebody else made: nothing is known of how good it is. */
  public static LoadPlan asTold(List<PlacedPiece> placed) {
    return new LoadPlan(
        placed,
        List.of(),
        new LoadLevels(0, 0, 0, 0, 0, 0, 0),
        new LoadBounds(0, 0, 0),
        false,
        false);
  }

  /**
   * A piece in its compartment. In mm from the compartment's left front lower corner; measures as
   * it lies.
   */
  public record PlacedPiece(
      String piece,
      String compartment,
      int xMm,
      int yMm,
      int zMm,
      int widthMm,
      int depthMm,
      int heightMm) {}

  /** A piece that stays. */
  public record LeftPiece(String piece, LoadObstacle because) {}

  /**
   * What no plan goes beyond.
   *
   * @param requiredLeft so many stay at least
   * @param value so much comes at most
   * @param splitCompanions so many are parted at least
   */
  public record LoadBounds(int requiredLeft, double value, int splitCompanions) {}
}

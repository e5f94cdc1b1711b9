package gerula.core.packing.load;

/**
 * How good a plan is, what counts most first.
 *
 * @param requiredLeft pieces that had to come and stay
 * @param value of optional ones that come
 * @param splitCompanions pieces in another bag than what they are useless without
 * @param moved pieces that do not lie where they usually do
 * @param groupPairs compartments over which groups are spread, added up
 * @param reach differences between when a piece is wanted and when its compartment is opened
 * @param lifted mass times height above the floor of the compartment, in g x mm / 1000
 */
public record LoadLevels(
    int requiredLeft,
    double value,
    int splitCompanions,
    int moved,
    int groupPairs,
    int reach,
    double lifted)
    implements Comparable<LoadLevels> {

  private static final double SAME = 1e-6;

  /** Below 0 when this is the better. */
  @Override
  public int compareTo(LoadLevels other) {
    int[] each = {
      Integer.compare(requiredLeft, other.requiredLeft),
      compare(other.value, value),
      Integer.compare(splitCompanions, other.splitCompanions),
      Integer.compare(moved, other.moved),
      Integer.compare(groupPairs, other.groupPairs),
      Integer.compare(reach, other.reach),
      compare(lifted, other.lifted)
    };
    for (int one : each) {
      if (one != 0) {
        return one;
      }
    }
    return 0;
  }

  private static int compare(double one, double other) {
    return Math.abs(one - other) <= SAME ? 0 : Double.compare(one, other);
  }
}

package gerula.core.depot.bench;

import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason.Verdict;
import gerula.core.quantity.Volume;

/**
 * A share of what is wanted of a pack, that goes into one container.
 *
 * @param pack position of its pack
 * @param of how many portions the pack makes
 * @param wanted above 0
 */
record Portion(int pack, int of, Volume wanted) {

  private static final double FITS = 10_000;
  private static final double CAUTION = 6_000;
  private static final double LASTS = 4_000;
  private static final double LESS_ROOM = 2_000;
  private static final double LESS_MASS = 1_000;
  private static final double ROOM_WASTED = 3_000;

  Volume fill(Empty empty) {
    return Volume.least(wanted, empty.most());
  }

  /**
   * What it gains by going into an empty; 0 when it may not or gains nothing.
   *
   * <p>10,000 where it fits and 6,000 where it does with caution, so that as many portions as
   * possible get a container before anything else counts; then up to 4,000 for lasting as long as
   * wanted, 2,000 and 1,000 for the room and the mass saved, less up to 3,000 for the part of the
   * container that stays empty and would serve another.
   */
  long value(Pack pack, Empty empty, ContainerFit fit) {
    if (fit.verdict() == Verdict.NO || !saves(pack, empty)) {
      return 0;
    }
    Volume fill = fill(empty);
    Carried decants = carried(pack, empty).times(of);
    double lessRoom = 1 - decants.volume().per(pack.outer());
    double lessMass = 1 - decants.mass().per(pack.carried().mass());
    double gained =
        (fit.verdict() == Verdict.FITS ? FITS : CAUTION)
            + LASTS * fill.per(wanted)
            + LESS_ROOM * Math.clamp(lessRoom, 0, 1)
            + LESS_MASS * Math.clamp(lessMass, 0, 1)
            - ROOM_WASTED * (1 - fill.per(empty.most()));
    return Math.round(gained);
  }

  /** Whether less is carried than its share of the pack: in room or in mass. */
  boolean saves(Pack pack, Empty empty) {
    Carried decants = carried(pack, empty).times(of);
    return pack.outer().isMoreThan(decants.volume())
        || decants.mass().compareTo(pack.carried().mass()) < 0;
  }

  Carried carried(Pack pack, Empty empty) {
    return Carried.of(empty, fill(empty), pack.density());
  }
}

package gerula.core.depot.bench;

import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason.Verdict;

/**
 * A share of what is wanted of a pack, that goes into one container.
 *
 * @param pack position of its pack
 * @param of how many portions the pack makes
 * @param wantedMl above 0
 */
record Portion(int pack, int of, double wantedMl) {

  private static final double FITS = 10_000;
  private static final double CAUTION = 6_000;
  private static final double LASTS = 4_000;
  private static final double LESS_ROOM = 2_000;
  private static final double LESS_MASS = 1_000;
  private static final double ROOM_WASTED = 3_000;

  double fillMl(Empty empty) {
    return Math.min(wantedMl, empty.mostMl());
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
    double fill = fillMl(empty);
    double lessRoom = 1 - empty.outerMl() * of / pack.packOuterMl();
    double lessMass = 1 - carried(pack, empty).massG() * of / pack.carried().massG();
    double gained =
        (fit.verdict() == Verdict.FITS ? FITS : CAUTION)
            + LASTS * fill / wantedMl
            + LESS_ROOM * Math.clamp(lessRoom, 0, 1)
            + LESS_MASS * Math.clamp(lessMass, 0, 1)
            - ROOM_WASTED * (1 - fill / empty.mostMl());
    return Math.round(gained);
  }

  /** Whether less is carried than its share of the pack: in room or in mass. */
  boolean saves(Pack pack, Empty empty) {
    Carried decant = carried(pack, empty);
    return decant.volumeMl() * of < pack.packOuterMl()
        || decant.massG() * of < pack.carried().massG();
  }

  Carried carried(Pack pack, Empty empty) {
    return new Carried(empty.tareG() + fillMl(empty) * pack.densityGPerMl(), empty.outerMl());
  }
}

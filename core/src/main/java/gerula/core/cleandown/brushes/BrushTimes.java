package gerula.core.cleandown.brushes;

import java.time.Duration;

/**
 * How long brushes take.
 *
 * @param washOfOne washing one brush, one after the other
 * @param dry from the moment a set is washed
 * @param dryDense the same of a set with dense brushes
 */
public record BrushTimes(Duration washOfOne, Duration dry, Duration dryDense) {

  private static final Duration LONGEST_WASH = Duration.ofHours(1);
  private static final Duration LONGEST_DRYING = Duration.ofHours(240);

  /** Common practice; the minutes of washing are from memory. */
  public static final BrushTimes USUAL =
      new BrushTimes(Duration.ofSeconds(90), Duration.ofHours(8), Duration.ofHours(24));

  public BrushTimes {
    washing(washOfOne);
    drying(dry);
    drying(dryDense);
  }

  /**
   * @return the time itself
   * @throws IllegalArgumentException when nobody washes one brush for so long
   */
  public static Duration washing(Duration ofOne) {
    return within(ofOne, LONGEST_WASH);
  }

  /**
   * @return the time itself
   * @throws IllegalArgumentException when nothing dries for so long
   */
  public static Duration drying(Duration told) {
    return within(told, LONGEST_DRYING);
  }

  private static Duration within(Duration told, Duration most) {
    if (told.isNegative() || told.compareTo(most) > 0) {
      throw new IllegalArgumentException(
          "This lies between nothing and "
              + most.toHours()
              + " hours, but it says "
              + told.toMinutes()
              + " minutes.");
    }
    return told;
  }

  Duration washing(BrushSet set) {
    return washOfOne.multipliedBy(set.brushes());
  }

  Duration drying(BrushSet set) {
    return set.isDense() ? dryDense : dry;
  }
}

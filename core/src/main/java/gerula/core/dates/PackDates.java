package gerula.core.dates;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a pack's dates.
 *
 * @param madeOn the day it was made, null when unknown
 * @param boughtOn the day it was bought, null when unknown
 * @param openedOn the first day it was open, null while it is sealed
 * @param printedExpiry the last good day printed on the pack, null when none is printed; a printed
 *     month means its last day
 * @param periodAfterOpening months printed in the open-jar sign, 1 to 120, null when none is
 *     printed
 */
public record PackDates(
    @Nullable LocalDate madeOn,
    @Nullable LocalDate boughtOn,
    @Nullable LocalDate openedOn,
    @Nullable LocalDate printedExpiry,
    @Nullable Integer periodAfterOpening) {

  /** Nothing is known. */
  public static final PackDates UNKNOWN = new PackDates(null, null, null, null, null);

  public PackDates {
    if (periodAfterOpening != null && (periodAfterOpening < 1 || periodAfterOpening > 120)) {
      throw new IllegalArgumentException(
          "A period after opening lies between 1 and 120 months, but this is "
              + periodAfterOpening
              + ".");
    }
    requireNotBefore("opened", openedOn, madeOn);
    requireNotBefore("printed to expire", printedExpiry, madeOn);
  }

  /**
   * What a container has from the packs it was filled from: of each date the earliest. The clocks
   * that follow end on the same day as the earliest of the packs' own, because later openings end
   * later. The day of filling counts for nothing. Common practice.
   *
   * @param sources at least one, all of one product, as they were when opened
   */
  public static PackDates inherited(List<PackDates> sources) {
    if (sources.isEmpty()) {
      throw new IllegalArgumentException("A decant was filled from something: name its source.");
    }
    return new PackDates(
        earliest(sources, PackDates::madeOn),
        earliest(sources, PackDates::boughtOn),
        earliest(sources, PackDates::openedOn),
        earliest(sources, PackDates::printedExpiry),
        sources.getFirst().periodAfterOpening());
  }

  /** The same pack, opened on that day. */
  public PackDates openedOn(@Nullable LocalDate day) {
    return new PackDates(madeOn, boughtOn, day, printedExpiry, periodAfterOpening);
  }

  private static @Nullable LocalDate earliest(
      List<PackDates> sources, Function<PackDates, @Nullable LocalDate> date) {
    return sources.stream()
        .map(date)
        .filter(Objects::nonNull)
        .min(Comparator.naturalOrder())
        .orElse(null);
  }

  private static void requireNotBefore(
      String what, @Nullable LocalDate date, @Nullable LocalDate madeOn) {
    if (date != null && madeOn != null && date.isBefore(madeOn)) {
      throw new IllegalArgumentException(
          "A pack made on " + madeOn + " cannot be " + what + " on " + date + ", before that.");
    }
  }
}

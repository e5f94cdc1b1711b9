package gerula.core.dates;

import java.time.LocalDate;
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

  private static void requireNotBefore(
      String what, @Nullable LocalDate date, @Nullable LocalDate madeOn) {
    if (date != null && madeOn != null && date.isBefore(madeOn)) {
      throw new IllegalArgumentException(
          "A pack made on " + madeOn + " cannot be " + what + " on " + date + ", before that.");
    }
  }
}

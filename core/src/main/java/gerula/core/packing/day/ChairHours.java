package gerula.core.packing.day;

import java.time.LocalTime;

/**
 * From one time to another, past midnight where the second is the earlier one.
 *
 * @param until not the same as from
 */
public record ChairHours(LocalTime from, LocalTime until) {

  /** Whoever is there past midnight for longer has told the times the wrong way round. */
  static final int LONGEST_NIGHT = 16 * 60;

  static final int DAY = 24 * 60;

  public ChairHours {
    if (!areInOrder(from, until)) {
      throw new IllegalArgumentException(
          "Hours run from earlier to later, past midnight for at most 16 in all, but these are "
              + from
              + " to "
              + until
              + ". Swap them, or say an earlier end.");
    }
  }

  /** Whether one can be there from the one to the other. */
  public static boolean areInOrder(LocalTime from, LocalTime until) {
    return from.isBefore(until) || (until.isBefore(from) && lasting(from, until) <= LONGEST_NIGHT);
  }

  private static int lasting(LocalTime from, LocalTime until) {
    return Math.floorMod(ChairArtist.minute(until) - ChairArtist.minute(from), DAY);
  }

  boolean isPastMidnight() {
    return until.isBefore(from);
  }

  /** Whether this minute lies between the two, and is neither. */
  boolean holds(int minute) {
    int at = Math.floorMod(minute - ChairArtist.minute(from), DAY);
    return at > 0 && at < lasting(from, until);
  }
}

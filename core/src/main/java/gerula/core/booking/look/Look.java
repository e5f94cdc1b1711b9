package gerula.core.booking.look;

import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was or will be done to a face.
 *
 * @param day on which; null for every day of the booking
 * @param from where it comes from, as a trial or another artist's sheet; may be empty
 * @param note may be empty
 * @param parts in the order in which they are put on
 */
public record Look(
    Purpose purpose, @Nullable LocalDate day, String from, String note, List<LookPart> parts) {

  /** What a look is written down for. */
  public enum Purpose implements Code {
    /** Exactly these products. */
    EXACTLY,
    /** Colours like these, of whatever is owned. */
    AS_A_GUIDE,
    /** It was done. */
    DONE;

    /** Whether it is asked for, and not only remembered. */
    public boolean isWanted() {
      return this != DONE;
    }
  }

  /** More is no look any more. */
  public static final int MOST_PARTS = 60;

  public Look {
    parts = List.copyOf(parts);
    if (parts.size() > MOST_PARTS) {
      throw new IllegalArgumentException("A look has at most 60 parts, not " + parts.size() + ".");
    }
  }

  public boolean isOn(LocalDate other) {
    return day == null || day.equals(other);
  }

  /** Whether the two are asked for on one day: nobody could follow both. */
  public boolean contradicts(Look other) {
    boolean isSameDay = day == null || other.day == null || day.equals(other.day);
    return purpose.isWanted() && other.purpose.isWanted() && isSameDay;
  }
}

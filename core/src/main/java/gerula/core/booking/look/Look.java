package gerula.core.booking.look;

import gerula.core.rule.Code;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was or will be done to a face.
 *
 * @param day on which; null for every day of the booking
 * @param from where it comes from, as a trial or another artist's sheet; may be empty
 * @param note may be empty
 * @param parts in the order in which they are put on
 * @param pictures ids of its photographs, in the order in which they were taken
 */
@RecordBuilder
public record Look(
    Purpose purpose,
    @Nullable LocalDate day,
    String from,
    String note,
    List<LookPart> parts,
    List<UUID> pictures) {

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

  /** From all sides, and each eye by itself. */
  public static final int MOST_PICTURES = 12;

  public Look {
    parts = List.copyOf(parts);
    pictures = List.copyOf(pictures);
    if (pictures.size() > MOST_PICTURES) {
      throw new IllegalArgumentException(
          "A look has at most "
              + MOST_PICTURES
              + " photographs. Remove one before you add another.");
    }
    if (parts.size() > MOST_PARTS) {
      throw new IllegalArgumentException("A look has at most 60 parts, not " + parts.size() + ".");
    }
  }

  /** Whether nothing is told by it. */
  public boolean isEmpty() {
    return parts.isEmpty() && pictures.isEmpty();
  }

  public Look withPicture(UUID picture) {
    List<UUID> more = new ArrayList<>(pictures);
    if (!more.contains(picture)) {
      more.add(picture);
    }
    return LookBuilder.builder(this).pictures(more).build();
  }

  public Look withoutPicture(UUID picture) {
    return LookBuilder.builder(this)
        .pictures(pictures.stream().filter(one -> !one.equals(picture)).toList())
        .build();
  }

  /** Whether the two are asked for on one day: nobody could follow both. */
  public boolean contradicts(Look other) {
    boolean isSameDay = day == null || other.day == null || day.equals(other.day);
    return purpose.isWanted() && other.purpose.isWanted() && isSameDay;
  }
}

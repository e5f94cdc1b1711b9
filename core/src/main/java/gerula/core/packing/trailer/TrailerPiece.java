package gerula.core.packing.trailer;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that is worked with in the trailer.
 *
 * @param item what it is
 * @param days on which it is needed, at least one
 * @param bag the place of a bag it travels in, null when it lies in none
 * @param station the place in the trailer it is set up at
 * @param setUpRank the order in which a station is laid out, from left to right
 * @param isThere whether it lies in the trailer now
 * @param livesThere whether it belongs in the trailer and never goes home
 * @param spoilsOvernight whether frost or heat in a closed trailer would spoil it
 */
@RecordBuilder
public record TrailerPiece(
    UUID item,
    SortedSet<LocalDate> days,
    @Nullable UUID bag,
    UUID station,
    int setUpRank,
    boolean isThere,
    boolean livesThere,
    boolean spoilsOvernight) {

  public TrailerPiece {
    if (days.isEmpty()) {
      throw new IllegalArgumentException("What is never needed is not set up: leave it out.");
    }
    days = Collections.unmodifiableSortedSet(new TreeSet<>(days));
  }

  boolean isNeededAfter(LocalDate day) {
    return days.last().isAfter(day);
  }
}

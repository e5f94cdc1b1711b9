package gerula.app.packing.day;

import gerula.app.booking.ChairsDraft;
import gerula.core.packing.day.ChairDay.ChairFinding;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the chair plan's addresses answer with. */
final class ChairRecords {

  private ChairRecords() {}

  /**
   * A day's chairs.
   *
   * @param chairs as they were told; null: nothing was
   * @param faces by when they sit down
   * @param latestStart when one artist begins at the latest so that all are ready in time
   * @param leastArtists so many get everybody ready in time; null where six do not
   * @param turnover the longest between two who sit after each other, as the kit and the house
   *     rules make it; null where nobody follows anybody
   * @param setsAtOnce brush sets wanted at the same time
   */
  record ChairsView(
      LocalDate day,
      LocalDate firstDay,
      LocalDate lastDay,
      @Nullable LocalTime call,
      @Nullable ChairsDraft chairs,
      List<SittingArtist> artists,
      List<SatFace> faces,
      @Nullable String latestStart,
      int maxLatenessMinutes,
      boolean optimal,
      @Nullable Integer leastArtists,
      @Nullable WorkedOutTurnover turnover,
      int setsAtOnce,
      Set<ChairFinding> findings) {}

  /** From the face that is done to the one that comes. */
  record WorkedOutTurnover(int minutes, UUID from, UUID to) {}

  record SittingArtist(String name, LocalTime from, LocalTime until) {}

  /**
   * A face in a chair. Past midnight the hours go on: 24:30.
   *
   * @param usualMinutes as its services usually take
   * @param start when it sits down, and so when it arrives
   */
  record SatFace(
      UUID face,
      String name,
      int minutes,
      int usualMinutes,
      String readyBy,
      @Nullable String notBefore,
      boolean lead,
      String artist,
      String start,
      String end,
      int lateMinutes) {}
}

package gerula.core.packing.day;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What was told of who makes up whom when.
 *
 * @param artists empty: one, from the call on
 * @param turnoverMinutes after each face, 0 to 240
 * @param readyBy when everybody is to be ready of whom nothing else is told, null when not known
 * @param faces what is told of single faces
 */
public record ChairWishes(
    List<ArtistHours> artists,
    int turnoverMinutes,
    @Nullable LocalTime readyBy,
    Map<UUID, FaceWish> faces) {

  /** Common practice; from memory. */
  public static final int USUAL_TURNOVER = 8;

  public static final ChairWishes NONE = new ChairWishes(List.of(), USUAL_TURNOVER, null, Map.of());

  /**
   * Who makes up faces, and when.
   *
   * @param breaks in which no face sits in the chair
   */
  public record ArtistHours(String id, ChairHours hours, List<ChairHours> breaks) {
    public ArtistHours {
      breaks = List.copyOf(breaks);
    }
  }

  /**
   * @param minutes null: as its services usually take, and a tenth more
   * @param isLead whether she is a lead: ready half an hour early, neither first nor last
   */
  public record FaceWish(
      @Nullable Integer minutes,
      @Nullable LocalTime readyBy,
      @Nullable LocalTime notBefore,
      @Nullable String artist,
      boolean isLead) {

    public static final FaceWish NONE = new FaceWish(null, null, null, null, false);

    /** When she is there, as far as both ends were told and are in order. */
    private Optional<ChairHours> hours() {
      return notBefore == null || readyBy == null || !ChairHours.areInOrder(notBefore, readyBy)
          ? Optional.empty()
          : Optional.of(new ChairHours(notBefore, readyBy));
    }
  }

  public ChairWishes {
    artists = List.copyOf(artists);
    faces = Map.copyOf(faces);
    if (turnoverMinutes < 0 || turnoverMinutes > 240) {
      throw new IllegalArgumentException(
          "A turnover takes 0 to 240 minutes, but this is " + turnoverMinutes + ".");
    }
    if (turns(artists, faces, null).findAny().isEmpty()) {
      throw new IllegalArgumentException(
          "These hours go round the clock. Say them so that the day ends before it begins again.");
    }
  }

  /**
   * The clock by which these hours are in order. What lies more than half a day before the call, or
   * before all who work, is of the night after.
   *
   * @param call when the day begins, null when not known
   */
  DayClock clock(@Nullable LocalTime call) {
    return new DayClock(turns(artists, faces, call).findFirst().orElse(0));
  }

  /** Minutes at which the day could turn: nobody is there across them. The likeliest first. */
  private static Stream<Integer> turns(
      List<ArtistHours> artists, Map<UUID, FaceWish> faces, @Nullable LocalTime call) {
    List<ChairHours> all = new ArrayList<>();
    for (ArtistHours one : artists) {
      all.add(one.hours());
      all.addAll(one.breaks());
    }
    faces.values().forEach(wish -> wish.hours().ifPresent(all::add));
    List<Integer> turns = new ArrayList<>();
    if (call != null) {
      turns.add(halfADayBefore(call));
    }
    for (ChairHours one : all) {
      if (one.isPastMidnight()) {
        turns.add((ChairArtist.minute(one.until()) + ChairArtist.minute(one.from())) / 2);
      }
    }
    artists.stream()
        .map(one -> one.hours().from())
        .min(Comparator.naturalOrder())
        .ifPresent(first -> turns.add(halfADayBefore(first)));
    turns.add(0);
    all.forEach(one -> turns.add(ChairArtist.minute(one.until())));
    return turns.stream().filter(turn -> all.stream().noneMatch(one -> one.holds(turn)));
  }

  private static int halfADayBefore(LocalTime time) {
    return Math.max(0, ChairArtist.minute(time) - ChairHours.DAY / 2);
  }

  public FaceWish of(UUID face) {
    return faces.getOrDefault(face, FaceWish.NONE);
  }
}

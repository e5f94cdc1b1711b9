package gerula.core.packing.day;

import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
    List<ChairArtist> artists,
    int turnoverMinutes,
    @Nullable LocalTime readyBy,
    Map<UUID, FaceWish> faces) {

  /** Common practice; from memory. */
  public static final int USUAL_TURNOVER = 8;

  public static final ChairWishes NONE = new ChairWishes(List.of(), USUAL_TURNOVER, null, Map.of());

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
  }

  public ChairWishes {
    artists = List.copyOf(artists);
    faces = Map.copyOf(faces);
    if (turnoverMinutes < 0 || turnoverMinutes > 240) {
      throw new IllegalArgumentException(
          "A turnover takes 0 to 240 minutes, but this is " + turnoverMinutes + ".");
    }
  }

  public FaceWish of(UUID face) {
    return faces.getOrDefault(face, FaceWish.NONE);
  }
}

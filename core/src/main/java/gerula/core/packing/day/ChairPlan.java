package gerula.core.packing.day;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Who sits when in whose chair.
 *
 * @param slots by beginning, then by artist
 * @param latestStart the minute of the day at which one artist begins at the latest so that all are
 *     ready in time; null with several artists, or where somebody is late
 * @param maxLatenessMinutes by how much the latest is late, 0 when nobody is
 * @param isOptimal whether no other plan is less late, or as late and begins later
 */
public record ChairPlan(
    List<ChairSlot> slots,
    @Nullable Integer latestStart,
    int maxLatenessMinutes,
    boolean isOptimal) {

  /** With more faces or artists the first good plan is improved as long as that is easy. */
  public static final int EXACT_FACES = 12;

  public static final int EXACT_ARTISTS = 3;

  /**
   * A face in a chair, in minutes of the day.
   *
   * @param lateMinutes after it had to be ready, or after its artist had to go
   */
  public record ChairSlot(String face, String artist, int start, int end, int lateMinutes) {}

  public ChairPlan {
    slots =
        slots.stream()
            .sorted(
                Comparator.comparingInt(ChairSlot::start)
                    .thenComparing(ChairSlot::artist)
                    .thenComparing(ChairSlot::face))
            .toList();
  }

  /**
   * The plan that is late by least, of those the one that begins latest, and of those the one whose
   * faces come in the order of their ids. Up to {@value #EXACT_FACES} faces and {@value
   * #EXACT_ARTISTS} artists it is worked out for every set of faces (dynamic programming); beyond,
   * by earliest due date (Jackson 1955), improved by exchange.
   *
   * @param artists at least one; each face's own is among them
   * @param turnoverMinutes after each face, 0 to 240
   */
  public static ChairPlan of(
      List<ChairArtist> artists, List<ChairFace> faces, int turnoverMinutes) {
    if (artists.isEmpty()) {
      throw new IllegalArgumentException("Nobody is there to make up faces: add an artist.");
    }
    boolean isSmall = faces.size() <= EXACT_FACES && artists.size() <= EXACT_ARTISTS;
    return isSmall
        ? new ExactChairs(artists, faces, turnoverMinutes).best()
        : new ManyChairs(artists, faces, turnoverMinutes).good();
  }

  /**
   * What comes of an order: each face in the chair in which it is done first.
   *
   * @param order ids of faces; those that are missing come last, by earliest due date
   */
  public static ChairPlan inOrder(
      List<ChairArtist> artists, List<ChairFace> faces, List<String> order, int turnoverMinutes) {
    return new ManyChairs(artists, faces, turnoverMinutes).inOrder(order);
  }
}

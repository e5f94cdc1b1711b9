package gerula.core.packing.day;

import gerula.core.booking.Face;
import gerula.core.packing.day.ChairPlan.ChairSlot;
import gerula.core.packing.day.ChairWishes.FaceWish;
import gerula.core.rule.Code;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The chairs of one day of a booking.
 *
 * @param plan by the clock as one tells it: past midnight the minutes go on
 * @param artists who is there, by the day's clock
 * @param faces as they were planned: minutes and times, by the day's clock
 * @param leastArtists so many, as the first of them, get everybody ready in time; null where six do
 *     not
 * @param setsAtOnce brush sets wanted at the same time
 */
public record ChairDay(
    ChairPlan plan,
    DayClock clock,
    List<ChairArtist> artists,
    List<ChairFace> faces,
    @Nullable Integer leastArtists,
    int setsAtOnce,
    Set<ChairFinding> findings) {

  /** What is to be said of a day. */
  public enum ChairFinding implements Code {
    /** A lead sits first: who comes late then makes all late. */
    LEAD_FIRST,
    /** A lead sits last: there is no time left for her. */
    LEAD_LAST,
    /** Somebody is not ready in time. */
    LATE
  }

  private static final int LEAD_EARLIER = 30;
  private static final int MOST_ARTISTS = 6;
  private static final int LAST_MINUTE = 24 * 60 - 1;
  private static final String YOU = "you";

  public ChairDay {
    artists = List.copyOf(artists);
    faces = List.copyOf(faces);
  }

  /**
   * @param present faces that are there that day, in the booking's order
   * @param call when the day begins, null when not known
   * @param order face by face, null for the best one
   */
  public static ChairDay of(
      List<Face> present,
      ChairWishes wishes,
      @Nullable LocalTime call,
      @Nullable List<String> order) {
    DayClock clock = wishes.clock(call);
    List<ChairArtist> artists =
        wishes.artists().isEmpty()
            ? List.of(alone(call, clock))
            : wishes.artists().stream().map(clock::within).toList();
    List<ChairFace> faces = faces(present, wishes, artists, clock);
    int turnover = wishes.turnoverMinutes();
    ChairPlan plan =
        order == null
            ? new LeadsInside(artists, faces, wishes).of(ChairPlan.of(artists, faces, turnover))
            : ChairPlan.inOrder(artists, faces, order, turnover);
    return new ChairDay(
        clock.told(plan),
        clock,
        artists,
        faces,
        least(artists.getFirst(), faces, turnover),
        atOnce(plan.slots()),
        findings(plan, wishes));
  }

  /** To the end of the day, and for a minute at least. */
  private static ChairArtist alone(@Nullable LocalTime call, DayClock clock) {
    int from = ChairArtist.minute(clock.within(call == null ? LocalTime.of(6, 0) : call));
    return new ChairArtist(
        YOU, time(Math.min(from, LAST_MINUTE - 1)), time(LAST_MINUTE), List.of());
  }

  private static List<ChairFace> faces(
      List<Face> present, ChairWishes wishes, List<ChairArtist> artists, DayClock clock) {
    Set<String> known = new HashSet<>();
    artists.forEach(one -> known.add(one.id()));
    List<ChairFace> faces = new ArrayList<>();
    int all = 0;
    int from = artists.stream().mapToInt(one -> ChairArtist.minute(one.from())).min().orElse(0);
    for (Face face : present) {
      all += minutes(face, wishes) + wishes.turnoverMinutes();
    }
    // Where nobody said when, one after the other from the beginning.
    LocalTime soon = time(Math.min(LAST_MINUTE, from + all));
    for (Face face : present) {
      FaceWish wish = wishes.of(face.id());
      LocalTime told = wish.readyBy() != null ? wish.readyBy() : wishes.readyBy();
      LocalTime readyBy = told == null ? soon : clock.within(told);
      if (wish.isLead() && wish.readyBy() == null && told != null) {
        readyBy = time(Math.max(0, ChairArtist.minute(readyBy) - LEAD_EARLIER));
      }
      LocalTime notBefore = wish.notBefore() == null ? null : clock.within(wish.notBefore());
      boolean isOrdered = notBefore == null || !readyBy.isBefore(notBefore);
      faces.add(
          new ChairFace(
              face.id().toString(),
              minutes(face, wishes),
              isOrdered ? readyBy : notBefore,
              notBefore,
              known.contains(wish.artist()) ? wish.artist() : null));
    }
    return faces;
  }

  private static int minutes(Face face, ChairWishes wishes) {
    Integer told = wishes.of(face.id()).minutes();
    return Math.min(600, told == null ? ChairMinutes.planned(face) : told);
  }

  private static LocalTime time(int minute) {
    return LocalTime.of(minute / 60, minute % 60);
  }

  private static @Nullable Integer least(ChairArtist first, List<ChairFace> faces, int turnover) {
    List<ChairFace> anybody =
        faces.stream()
            .map(
                one -> new ChairFace(one.id(), one.minutes(), one.readyBy(), one.notBefore(), null))
            .toList();
    for (int many = 1; many <= MOST_ARTISTS; many++) {
      List<ChairArtist> some =
          IntStream.range(0, many)
              .mapToObj(
                  at -> new ChairArtist("a" + at, first.from(), first.until(), first.breaks()))
              .toList();
      if (ChairPlan.of(some, anybody, turnover).maxLatenessMinutes() == 0) {
        return many;
      }
    }
    return null;
  }

  private static int atOnce(List<ChairSlot> slots) {
    return slots.stream()
        .mapToInt(
            one ->
                (int)
                    slots.stream()
                        .filter(other -> other.start() <= one.start() && one.start() < other.end())
                        .count())
        .max()
        .orElse(0);
  }

  private static Set<ChairFinding> findings(ChairPlan plan, ChairWishes wishes) {
    Set<ChairFinding> findings = EnumSet.noneOf(ChairFinding.class);
    if (plan.maxLatenessMinutes() > 0) {
      findings.add(ChairFinding.LATE);
    }
    List<ChairSlot> slots = plan.slots();
    if (slots.size() > 2) {
      if (isLead(slots.getFirst(), wishes)) {
        findings.add(ChairFinding.LEAD_FIRST);
      }
      if (isLead(slots.getLast(), wishes)) {
        findings.add(ChairFinding.LEAD_LAST);
      }
    }
    return findings;
  }

  static boolean isLead(ChairSlot slot, ChairWishes wishes) {
    return wishes.of(UUID.fromString(slot.face())).isLead();
  }
}

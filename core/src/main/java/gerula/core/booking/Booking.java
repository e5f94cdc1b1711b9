package gerula.core.booking;

import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.ProductClass;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A job: some faces, on one or more days, somewhere.
 *
 * @param kind what sort of job it is, null as long as nobody said
 * @param firstDay inclusive
 * @param lastDay inclusive, at most {@value #LONGEST_DAYS} days after the first
 * @param travel how the bags get there, null as long as nobody said
 * @param faces in order of priority: who is served first when something is short
 * @param lasting how long a day takes from call to wrap, by day, where both are known
 */
public record Booking(
    UUID id,
    String title,
    @Nullable KindOfWork kind,
    LocalDate firstDay,
    LocalDate lastDay,
    Set<Condition> conditions,
    @Nullable Travel travel,
    List<Face> faces,
    Map<LocalDate, Duration> lasting) {

  /** A year: longer runs are several bookings. */
  public static final int LONGEST_DAYS = 366;

  public Booking {
    if (lastDay.isBefore(firstDay)) {
      throw new IllegalArgumentException(
          "The last day, " + lastDay + ", lies before the first, " + firstDay + ": swap them.");
    }
    if (ChronoUnit.DAYS.between(firstDay, lastDay) >= LONGEST_DAYS) {
      throw new IllegalArgumentException(
          "A booking lasts at most "
              + LONGEST_DAYS
              + " days, but this runs from "
              + firstDay
              + " to "
              + lastDay
              + ": make several.");
    }
    conditions = Set.copyOf(conditions);
    faces = List.copyOf(faces);
    lasting = Map.copyOf(lasting);
  }

  /** One of which nobody knows how long its days are. */
  public Booking(
      UUID id,
      String title,
      @Nullable KindOfWork kind,
      LocalDate firstDay,
      LocalDate lastDay,
      Set<Condition> conditions,
      @Nullable Travel travel,
      List<Face> faces) {
    this(id, title, kind, firstDay, lastDay, conditions, travel, faces, Map.of());
  }

  /** When it would come once more: the same day of the week, after its last day and today. */
  public LocalDate onceMoreFrom(LocalDate today) {
    LocalDate after = lastDay.plusDays(1);
    return (after.isAfter(today) ? after : today)
        .with(TemporalAdjusters.nextOrSame(firstDay.getDayOfWeek()));
  }

  /** The same work once more, from that day on. */
  public Booking again(UUID other, LocalDate from) {
    long later = ChronoUnit.DAYS.between(firstDay, from);
    List<Face> then =
        faces.stream()
            .map(
                face ->
                    FaceBuilder.builder(face)
                        .daysPresent(
                            face.daysPresent().stream()
                                .map(day -> day.plusDays(later))
                                .collect(Collectors.toCollection(TreeSet::new)))
                        .build())
            .toList();
    Map<LocalDate, Duration> lastingThen = new HashMap<>();
    lasting.forEach((day, time) -> lastingThen.put(day.plusDays(later), time));
    return new Booking(
        other, title, kind, from, lastDay.plusDays(later), conditions, travel, then, lastingThen);
  }

  /**
   * One of its own that begins like it: no face is the same one, and nothing was done to any.
   *
   * @param ids makes one that was never there before
   */
  public Booking copied(Supplier<UUID> ids, LocalDate from) {
    Booking then = again(ids.get(), from);
    return then.with(
        then.faces.stream()
            .map(face -> FaceBuilder.builder(face).id(ids.get()).looks(List.of()).build())
            .toList());
  }

  /** The same booking with other faces. */
  public Booking with(List<Face> others) {
    return new Booking(id, title, kind, firstDay, lastDay, conditions, travel, others, lasting);
  }

  /** The same booking with another service for some faces. */
  public Booking doing(Collection<UUID> some, Service from, Service to) {
    return with(
        faces.stream()
            .map(face -> some.contains(face.id()) ? face.doing(from, to) : face)
            .toList());
  }

  /** The same booking with days of which it is known how long they take. */
  public Booking lasting(Map<LocalDate, Duration> byDay) {
    return new Booking(id, title, kind, firstDay, lastDay, conditions, travel, faces, byDay);
  }

  /** How many people are made up on it. */
  public int heads() {
    return faces.stream().mapToInt(Face::heads).sum();
  }

  /** How many faces are made up on it, a face on two days is two. */
  public int faceDays() {
    return faces.stream().mapToInt(face -> face.daysIn(this) * face.heads()).sum();
  }

  /** The condition that keeps items of this class at home, if one does. */
  public Optional<Condition> keepingAway(ProductClass one) {
    return ConditionNeeds.keepingAway(this, one);
  }

  /** Whether the two have a day in common. */
  public boolean overlaps(Booking other) {
    return !lastDay.isBefore(other.firstDay) && !other.lastDay.isBefore(firstDay);
  }

  public boolean isOn(LocalDate day) {
    return !day.isBefore(firstDay) && !day.isAfter(lastDay);
  }

  /** Working days, both ends included. */
  public int days() {
    return (int) ChronoUnit.DAYS.between(firstDay, lastDay) + 1;
  }
}
